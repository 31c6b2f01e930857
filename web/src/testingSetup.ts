import { cleanup } from '@testing-library/react';
import { afterEach, beforeEach, vi } from 'vitest';

// jsdom has none
beforeEach(() => {
  vi.stubGlobal('CSS', { escape: (word: string) => word.replace(/[^\w-]/g, '\\$&') });
});

// All test files share one page: what one has shown, another must not find.
afterEach(() => {
  cleanup();
  document.body.replaceChildren();
  vi.useRealTimers();
  vi.restoreAllMocks();
  vi.unstubAllGlobals();
  vi.unstubAllEnvs();
  localStorage.clear();
  sessionStorage.clear();
});
