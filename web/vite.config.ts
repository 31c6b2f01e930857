import react from '@vitejs/plugin-react';
import { defineConfig } from 'vitest/config';

export default defineConfig({
  plugins: [react()],
  build: { target: 'es2022', modulePreload: { polyfill: false } },
  server: { proxy: { '/api': 'http://localhost:8080' } },
  test: { environment: 'jsdom', include: ['src/**/*.test.{ts,tsx}'] },
});
