/**
 * Loads the demo into OZZET_DEMO_LOADED once, for all tests to copy (loading takes longer than most of them), and serves
 * a copy of it from OZZET_DATA.
 */
import { spawn } from 'node:child_process';
import { cpSync } from 'node:fs';
import { join } from 'node:path';

const serve = (data, port, output) =>
  spawn(process.execPath, [join(import.meta.dirname, '..', 'scripts', 'serve.mjs'), '--demo'], {
    env: { ...process.env, OZZET_DATA: data, PORT: port },
    stdio: ['ignore', output, 'inherit'],
  });

const loaded = process.env.OZZET_DEMO_LOADED;
const loading = serve(loaded, '0', 'pipe');
const stopLoading = () => loading.kill('SIGTERM');
process.once('SIGTERM', stopLoading);
let said = '';
loading.stdout.on('data', (chunk) => {
  said += chunk;
  if (/^Ozzet is ready/m.test(said)) stopLoading();
});
await new Promise((resolve) => loading.once('close', resolve));
if (!/^Ozzet is ready/m.test(said)) throw new Error(`The demo did not load: ${said}`);

cpSync(loaded, process.env.OZZET_DATA, { recursive: true });
const server = serve(process.env.OZZET_DATA, process.env.PORT, 'inherit');
process.off('SIGTERM', stopLoading);
process.once('SIGTERM', () => server.kill('SIGTERM'));
server.once('close', (code) => process.exit(code ?? 1));
