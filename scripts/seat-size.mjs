/** Fails the build where the seat's page loads more JavaScript than a bench's Wi-Fi should carry. */
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { gzipSync } from 'node:zlib';
import { root, say, stop } from './prepare.mjs';

const limitKb = 260;

const folder = join(root, 'dist', 'web');
const manifest = JSON.parse(readFileSync(join(folder, '.vite', 'manifest.json'), 'utf8'));

/** The scripts that an entry loads at once, itself included. */
function scripts(key, seen = new Set()) {
  if (seen.has(key)) return [];
  seen.add(key);
  const { file, imports = [] } = manifest[key];
  return [file, ...imports.flatMap((next) => scripts(next, seen))];
}

const bytes = scripts('seat.html')
  .map((file) => gzipSync(readFileSync(join(folder, file))).length)
  .reduce((sum, size) => sum + size, 0);
const kb = bytes / 1000;
if (kb > limitKb)
  stop(
    `The seat’s page loads ${kb.toFixed(0)} kB of JavaScript (gzip); ${limitKb} kB is the limit.`,
  );
say(`The seat’s page loads ${kb.toFixed(0)} kB of JavaScript (gzip) of at most ${limitKb} kB.`);
