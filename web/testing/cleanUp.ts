import { cleanup } from '@testing-library/react';
import { afterEach, vi } from 'vitest';

/** Set up anew for each file of tests: modules themselves are loaded once for all of them. */
afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
  localStorage.clear();
  sessionStorage.clear();
});
