import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { defineConfig } from '@playwright/test';
import { chromium, stillPage } from './chromium';

const port = 4313;

/** Makes docs/screenshots from the demo data: `npm run screenshots`. */
export default defineConfig({
  testDir: '.',
  testMatch: 'screenshots.ts',
  workers: 1,
  timeout: 120_000,
  reporter: [['list']],
  use: {
    ...chromium,
    viewport: { width: 1280, height: 800 },
    ...stillPage,
    baseURL: `http://127.0.0.1:${port}`,
  },
  webServer: {
    command: 'node scripts/serve.mjs --demo',
    cwd: join(import.meta.dirname, '..'),
    env: {
      PORT: String(port),
      OZZET_DATA: mkdtempSync(join(tmpdir(), 'ozzet-shots-')),
      // Of those that are for documentation (RFC 5737).
      OZZET_URL: 'http://192.0.2.17:4310',
    },
    wait: { stdout: /Ozzet is ready/ },
    timeout: 180_000,
    gracefulShutdown: { signal: 'SIGTERM', timeout: 5000 },
  },
});
