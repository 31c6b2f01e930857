import react from '@vitejs/plugin-react';
import { defineConfig } from 'vitest/config';

export default defineConfig({
  plugins: [react()],
  build: { target: 'es2022', modulePreload: { polyfill: false } },
  // the guide is shown from where it is kept
  server: { proxy: { '/api': 'http://localhost:8080' }, fs: { allow: ['.', '../docs'] } },
  // a machine that is busy otherwise takes its time
  test: { environment: 'jsdom', include: ['src/**/*.test.{ts,tsx}'], testTimeout: 60_000, isolate: false, setupFiles: ['src/testingSetup.ts'] },
});
