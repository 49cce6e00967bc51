/** Fails the build where a page loads more JavaScript (gzip) than the Wi-Fi of a bench should carry. */
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { gzipSync } from 'node:zlib';
import { root, say, stop } from './prepare.mjs';

/** What is loaded before anything is seen, in kB. */
const firstKb = { 'seat.html': 249, 'index.html': 248 };
/** What a room of the instructor's pages may bring more, in kB. */
const roomKb = 150;
/** Rooms that bring more than they should; none of them may grow. */
const largerKb = {
  'kits/board/LayoutPage.tsx': 159,
  'kits/order/StepsPage.tsx': 207,
  'workshops/planPages.ts': 167,
  'practice/pages.ts': 228,
  'practice/class/pages.ts': 222,
};

const folder = join(root, 'dist', 'web');
const manifest = JSON.parse(readFileSync(join(folder, '.vite', 'manifest.json'), 'utf8'));

/** What an entry loads at once, itself included. */
function loadedWith(key, seen = new Set()) {
  if (seen.has(key)) return seen;
  seen.add(key);
  for (const next of manifest[key].imports ?? []) loadedWith(next, seen);
  return seen;
}

const kbOf = (keys) =>
  [...keys]
    .map((key) => gzipSync(readFileSync(join(folder, manifest[key].file))).length / 1000)
    .reduce((sum, size) => sum + size, 0);

const tooLarge = [];
const judge = (page, kb, limit) => {
  // In whole kB: another hash in the name of a file moves a size by some bytes.
  if (Math.round(kb) > limit)
    tooLarge.push(`${page} loads ${kb.toFixed(1)} kB (gzip); ${limit} kB is the limit.`);
};

for (const [page, limit] of Object.entries(firstKb)) {
  const kb = kbOf(loadedWith(page));
  judge(page, kb, limit);
  say(`${page} loads ${kb.toFixed(0)} kB of JavaScript (gzip) of at most ${limit} kB.`);
}
const before = loadedWith('index.html');
const rooms = (manifest['index.html'].dynamicImports ?? []).filter((key) => /\.tsx?$/.test(key));
for (const room of rooms) {
  const kb = kbOf([...loadedWith(room)].filter((key) => !before.has(key)));
  judge(room, kb, largerKb[room] ?? roomKb);
}
if (tooLarge.length > 0) stop(tooLarge.join('\n'));
