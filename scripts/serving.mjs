/** Opens the data folder and serves: what serve.mjs starts, with PORT and OZZET_DATA set. */
import { existsSync, mkdirSync, rmSync, writeFileSync } from 'node:fs';
import { join, resolve } from 'node:path';
import { pathToFileURL } from 'node:url';
import { root, say, stop } from './prepare.mjs';

const demo = process.argv.includes('--demo');
const dataFolder = process.env.OZZET_DATA;

// Without the one that starts it again it would hold the folder for ever.
process.once('disconnect', () => process.exit(1));

const module = (name) => import(pathToFileURL(join(root, 'dist', 'server', name)).href);
const loading = join(dataFolder, 'demo-loading');
if (demo && !existsSync(join(dataFolder, 'postgres'))) {
  mkdirSync(dataFolder, { recursive: true, mode: 0o700 });
  writeFileSync(loading, '');
}
process.umask(0o077);
const { start } = await module('start.js');
const options = {
  dataFolder,
  port: Number(process.env.PORT),
  pagesFolder: join(root, 'dist', 'web'),
  publicAddress: process.env.OZZET_URL,
  trustProxy: numberOr(process.env.OZZET_TRUST_PROXY),
  certificate: certificateFiles(),
  startAnew: () => process.exit(71),
  roomAddresses: process.env.OZZET_ROOM_ADDRESSES?.split(','),
};
try {
  if (demo) await loadOnce();
  const server = await start(options);
  for (const signal of ['SIGINT', 'SIGTERM']) {
    process.once(signal, () => void server.close().then(() => process.exit(0)));
  }
  process.send?.({ port: server.port });
  if (demo) say(`The demo’s passphrase is: ${(await module('demo.js')).demoPassphrase}`);
  if (server.setupCode && !demo) {
    say(
      `To choose the first passphrase from another device, its page asks for this code: ${server.setupCode}`,
    );
  }
  say(`Ozzet is ready at http://127.0.0.1:${server.port}`);
} catch (error) {
  stop(error instanceof Error ? error.message : String(error));
}

/** At a port that nobody knows: no page answers before all of the demo is there. */
async function loadOnce() {
  if (!existsSync(loading)) return;
  const server = await start({ ...options, port: 0 });
  const ended = () => void server.close().then(() => process.exit(0));
  for (const signal of ['SIGINT', 'SIGTERM']) process.once(signal, ended);
  const { loadDemo } = await module('demo.js');
  await loadDemo(`http://127.0.0.1:${server.port}`, new Date());
  await server.close();
  for (const signal of ['SIGINT', 'SIGTERM']) process.off(signal, ended);
  rmSync(loading, { force: true });
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
