import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { defineConfig } from '@playwright/test';
import { chromium, stillPage } from './e2e/chromium';

const folder = (name: string) => join(mkdtempSync(join(tmpdir(), `ozzet-e2e-${name}-`)), 'data');

/** Where the loaded demo lies; workers take it over from the process that starts them. */
process.env.OZZET_DEMO_LOADED ??= folder('loaded');

/** Two real servers: one as a new instructor finds it, one with the demo. */
const servers = {
  empty: { port: 4311, command: 'node scripts/serve.mjs' },
  demo: { port: 4312, command: 'node e2e/serveDemo.mjs' },
} as const;

export default defineConfig({
  testDir: 'e2e',
  testMatch: '*.spec.ts',
  fullyParallel: false,
  workers: 3,
  // How long a thing is waited for, not how long it may take: three pages on two busy cores are slow at times.
  timeout: 240_000,
  expect: { timeout: 60_000 },
  reporter: process.env.OZZET_TEST_REPORT
    ? [['list'], ['json', { outputFile: process.env.OZZET_TEST_REPORT }]]
    : [['list']],
  use: {
    ...chromium,
    viewport: { width: 1280, height: 800 },
    ...stillPage,
    // What a test cuts on the way must not go by another; the tests of kept pages allow it.
    serviceWorkers: 'block',
  },
  projects: [
    // The longest first: at the end nobody waits for one file.
    { name: 'process', testDir: 'e2e/process' },
    ...Object.entries(servers).map(([name, { port }]) => ({
      name,
      testDir: `e2e/${name}`,
      use: { baseURL: `http://127.0.0.1:${port}` },
    })),
  ],
  webServer: Object.entries(servers).map(([name, { port, command }]) => ({
    command,
    env: { PORT: String(port), OZZET_DATA: folder(name), OZZET_URL: `http://127.0.0.1:${port}` },
    wait: { stdout: /Ozzet is ready/ },
    timeout: 240_000,
    gracefulShutdown: { signal: 'SIGTERM', timeout: 5000 },
  })),
});
