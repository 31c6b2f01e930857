import { defineConfig, mergeConfig } from 'vitest/config';
import viteConfig from './vite.config';

export default mergeConfig(
  viteConfig,
  defineConfig({
    // a busy machine takes its time
    test: { environment: 'jsdom', include: ['src/**/*.test.{ts,tsx}'], testTimeout: 60_000, isolate: false, setupFiles: ['src/testingSetup.ts'] },
  }),
);
