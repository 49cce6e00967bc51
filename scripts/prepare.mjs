/** What every script does first, with nothing but Node itself: the right Node, the packages, the build. */
import { spawnSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';

export const root = dirname(dirname(fileURLToPath(import.meta.url)));

const neededMajor = 20;

/** Stops with a sentence where Node is too old for the packages. */
export function requireNode() {
  const [major = 0, minor = 0] = process.versions.node.split('.').map(Number);
  if (major > neededMajor || (major === neededMajor && minor >= 19)) return;
  stop(
    `Ozzet needs Node.js ${neededMajor}.19 or newer; this is ${process.versions.node}. Install a newer Node.js and try again.`,
  );
}

/** Installs the packages of package-lock.json, unless exactly they are there already. */
export function installPackages() {
  const stamp = join(root, 'node_modules', '.ozzet-installed');
  const lock = createHash('sha256')
    .update(readFileSync(join(root, 'package-lock.json')))
    .digest('hex');
  if (existsSync(stamp) && readFileSync(stamp, 'utf8') === lock) return;
  say('Installing the packages (once, a minute or so) …');
  // A production environment would leave out the tools that the build needs.
  run('npm', ['ci', '--include=dev', '--no-audit', '--no-fund', '--loglevel=error']);
  writeFileSync(stamp, lock);
}

/** Builds pages and server, unless nothing has changed since the last build. */
export function buildIfChanged() {
  const stamp = join(root, 'dist', '.ozzet-built');
  const state = sourceState();
  if (existsSync(stamp) && readFileSync(stamp, 'utf8') === state) return;
  say('Building …');
  vite(['build', '--logLevel', 'warn']);
  vite(['build', '--config', 'vite.server.config.ts', '--logLevel', 'warn']);
  checkSeatSize();
  mkdirSync(dirname(stamp), { recursive: true });
  writeFileSync(stamp, state);
}

export function say(line) {
  process.stdout.write(`${line}\n`);
}

export function stop(line) {
  process.stderr.write(`${line}\n`);
  process.exit(1);
}

/** Runs a command of the project; a failure ends this script too. */
function run(command, args, options = {}) {
  const { status } = spawnSync(command, args, {
    cwd: root,
    stdio: ['ignore', 'inherit', 'inherit'],
    ...options,
  });
  if (status !== 0) stop(`“${command} ${args.join(' ')}” failed. What it said stands above.`);
}

function vite(args) {
  run(process.execPath, [join(root, 'node_modules', 'vite', 'bin', 'vite.js'), ...args]);
}

function checkSeatSize() {
  run(process.execPath, [join(root, 'scripts', 'pageSizes.mjs')]);
}

const builtFrom = ['core', 'contract', 'server', 'web', 'demo', 'locales'];
const builtBy = [
  'package-lock.json',
  'package.json',
  'scripts/entryChunks.ts',
  'scripts/pageKeeper.ts',
  'scripts/printReader.ts',
  'vite.config.ts',
  'vite.server.config.ts',
  'tsconfig.json',
];

/** A fingerprint of everything that a build is made from. */
function sourceState() {
  const hash = createHash('sha256');
  const files = [
    ...builtFrom.flatMap((folder) => filesBelow(join(root, folder))),
    ...builtBy.map((file) => join(root, file)),
  ];
  for (const file of files.sort()) hash.update(file).update(readFileSync(file));
  return hash.digest('hex');
}

function filesBelow(folder) {
  return readdirSync(folder).flatMap((name) => {
    const path = join(folder, name);
    return statSync(path).isDirectory() ? filesBelow(path) : [path];
  });
}
