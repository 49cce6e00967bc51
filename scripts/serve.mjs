/**
 * Starts Ozzet: installs and builds what is missing, has serving.mjs serve, and starts it again after a fault.
 *
 *   node scripts/serve.mjs            with your own data, in data/ (or OZZET_DATA)
 *   node scripts/serve.mjs --demo     with the demo, in data-demo/ (or OZZET_DATA); --fresh starts the demo over
 *
 * PORT is the port (4310). Phones are let in on the page “Phones”. OZZET_URL is the address that phones reach where a
 * proxy keeps the door, OZZET_TRUST_PROXY how many proxies there are; OZZET_CERT and OZZET_KEY name the files of a
 * certificate of one's own; OZZET_ROOM_ADDRESSES lists this computer's addresses where it cannot find them itself.
 */
import { fork } from 'node:child_process';
import { existsSync, readdirSync, rmSync } from 'node:fs';
import { join, resolve } from 'node:path';
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
// Ended in the middle of loading, it would be a site with half an evening for ever after.
if (fresh || (demo && existsSync(join(dataFolder, 'demo-loading')))) startOver();

/** The exit code of a fault that nobody foresaw; see server/faults.ts. */
const faultExit = 70;
/** Asked for, after a backup was restored; see scripts/serving.mjs. */
const startAnewExit = 71;
/** More faults than that within a minute, and a new start does not help. */
const mostStarts = 5;
const starts = [];
let serving;
/** Kept over a new start: devices come back to where they were. */
let heldPort = port;

for (const signal of ['SIGINT', 'SIGTERM']) {
  process.on(signal, () => serving?.kill('SIGTERM'));
}
serve();

function serve() {
  starts.push(Date.now());
  serving = fork(join(import.meta.dirname, 'serving.mjs'), demo ? ['--demo'] : [], {
    env: { ...process.env, PORT: String(heldPort), OZZET_DATA: dataFolder },
  });
  serving.on('message', ({ port }) => {
    heldPort = port;
  });
  serving.once('exit', (code, signal) => {
    if (code === startAnewExit) return serve();
    const lately = starts.filter((at) => at > Date.now() - 60_000).length;
    if (code !== faultExit) process.exit(code ?? (signal ? 1 : 0));
    if (lately >= mostStarts) {
      stop(
        `Ozzet has ended ${lately} times within a minute. What went wrong stands in ${join(dataFolder, 'faults.log')}; the data is safe.`,
      );
    }
    say(
      'Something went wrong that nobody foresaw; it is written down in faults.log. Starting again …',
    );
    serve();
  });
}

/** Empties the demo's folder, and no other: it must hold what this program puts there, or nothing. */
function startOver() {
  if (!demo) stop('--fresh is for the demo only; your own data is never thrown away.');
  if (!existsSync(dataFolder)) return;
  const foreign = readdirSync(dataFolder).filter(
    (name) =>
      ![
        'postgres',
        'postgres.unfinished',
        'in-use-by.pid',
        'certificates',
        'faults.log',
        'demo-loading',
        'backups',
      ].includes(name),
  );
  if (foreign.length > 0)
    stop(`${dataFolder} holds something else (${foreign[0]}), so it is not emptied.`);
  rmSync(dataFolder, { recursive: true, force: true });
}
