/**
 * Starts Ozzet: installs and builds what is missing, opens the data folder, serves.
 *
 *   node scripts/serve.mjs            with your own data, in data/ (or OZZET_DATA)
 *   node scripts/serve.mjs --demo     with the demo, in data-demo/ (or OZZET_DATA); --fresh starts the demo over
 *
 * PORT is the port (4310). Phones are let in on the page “Phones”. OZZET_URL is the address that phones reach where a
 * proxy keeps the door, OZZET_TRUST_PROXY how many proxies there are; OZZET_CERT and OZZET_KEY name the files of a
 * certificate of one's own; OZZET_ROOM_ADDRESSES lists this computer's addresses where it cannot find them itself.
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
    pagesFolder: join(root, 'dist', 'web'),
    publicAddress: process.env.OZZET_URL,
    trustProxy: numberOr(process.env.OZZET_TRUST_PROXY),
    certificate: certificateFiles(),
    roomAddresses: process.env.OZZET_ROOM_ADDRESSES?.split(','),
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
  if (server.setupCode && !demo) {
    say(
      `To choose the first passphrase from another device, its page asks for this code: ${server.setupCode}`,
    );
  }
  say(`Ozzet is ready at ${address}`);
} catch (error) {
  stop(error instanceof Error ? error.message : String(error));
}

/** “1” is a number of proxies, anything else their addresses. */
function numberOr(text) {
  return text === undefined || text === '' || Number.isNaN(Number(text))
    ? text || undefined
    : Number(text);
}

function certificateFiles() {
  const { OZZET_CERT: cert, OZZET_KEY: key } = process.env;
  if (!cert && !key) return undefined;
  if (!cert || !key) stop('OZZET_CERT and OZZET_KEY go together: name both files, or neither.');
  return { cert: resolve(root, cert), key: resolve(root, key) };
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
