import { cleanup } from '@testing-library/react';
import { afterEach, vi } from 'vitest';

/** Workers do not run here: nothing that is asked of one comes back. */
class SilentWorker extends EventTarget {
  postMessage() {}
  terminate() {}
}
Object.defineProperty(globalThis, 'Worker', { value: SilentWorker, configurable: true });

/** Set up anew for each file of tests: modules themselves are loaded once for all of them. */
afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
  localStorage.clear();
  sessionStorage.clear();
});
