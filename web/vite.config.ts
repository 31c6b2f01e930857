import react from '@vitejs/plugin-react';
import { defineConfig } from 'vite';

export default defineConfig({
  plugins: [react()],
  build: { target: 'es2022', modulePreload: { polyfill: false } },
  // the guide is shown from where it is kept
  server: { proxy: { '/api': 'http://localhost:8080' }, fs: { allow: ['.', '../docs'] } },
});
