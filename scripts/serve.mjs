/**
 * Starts Ozzet: installs and builds what is missing, opens the data folder, serves.
 *
 *   node scripts/serve.mjs            with your own data, in data/ (or OZZET_DATA)
 *   node scripts/serve.mjs --demo     with the demo, in data-demo/ (or OZZET_DATA); --fresh starts the demo over
 *
 * PORT is the port (4310), OZZET_HOST=0.0.0.0 opens it to the devices in the room, OZZET_URL is the address printed
 * into seat links where the guess is wrong.
 */
import { existsSync, readdirSync, rmSync } from 'node:fs';
import { join, resolve } from 'node:path';
import { pathToFileURL } from 'node:url';
import { buildIfChanged, installPackages, requireNode, root, say, stop } from './prepare.mjs';

const demo = process.argv.includes('--demo');
const fresh = process.argv.includes('--fresh');

requireNode();
installPackages();
buildIfChanged();

const port = Number(process.env.PORT ?? 4310);
if (!Number.isInteger(port) || port < 0 || port > 65535) {
  stop(`PORT is “${process.env.PORT}”; it must be a number from 0 to 65535.`);
}
const dataFolder = resolve(root, process.env.OZZET_DATA ?? (demo ? 'data-demo' : 'data'));
if (fresh) startOver();

const module = (name) => import(pathToFileURL(join(root, 'dist', 'server', name)).href);
const { start } = await module('start.js');
try {
  const server = await start({
    dataFolder,
    port,
    host: process.env.OZZET_HOST ?? '127.0.0.1',
    pagesFolder: join(root, 'dist', 'web'),
    publicAddress: process.env.OZZET_URL,
  });
  for (const signal of ['SIGINT', 'SIGTERM']) {
    process.once(signal, () => void server.close().then(() => process.exit(0)));
  }
  const address = `http://127.0.0.1:${server.port}`;
  if (demo) {
    const { loadDemo, demoPassphrase } = await module('demo.js');
    await loadDemo(address, new Date());
    say(`The demo’s passphrase is: ${demoPassphrase}`);
  }
  say(`Ozzet is ready at ${address}`);
} catch (error) {
  stop(error instanceof Error ? error.message : String(error));
}

/** Empties the demo's folder, and no other: it must hold what this program puts there, or nothing. */
function startOver() {
  if (!demo) stop('--fresh is for the demo only; your own data is never thrown away.');
  if (!existsSync(dataFolder)) return;
  const foreign = readdirSync(dataFolder).filter(
    (name) => !['postgres', 'in-use-by.pid'].includes(name),
  );
  if (foreign.length > 0)
    stop(`${dataFolder} holds something else (${foreign[0]}), so it is not emptied.`);
  rmSync(dataFolder, { recursive: true, force: true });
}
