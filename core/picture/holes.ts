import { around, patchesOf } from './components.ts';
import { type Box, cropped, type Grey } from './raster.ts';
import { inkShade } from './rules.ts';

/** Specks of fewer dots are dirt. */
const leastSpeck = 6;

/**
 * The signs of a printed word, from left to right: patches of ink, with the dots and accents above them. Signs that
 * touch are one.
 *
 * @param page evened
 */
export function signsIn(page: Grey, box: Box): Box[] {
  const signs: Box[] = [];
  const patches = patchesOf(cropped(page, box))
    .filter(({ size }) => size >= leastSpeck)
    .map((patch) => ({ ...patch, x: patch.x + Math.floor(box.x), y: patch.y + Math.floor(box.y) }));
  for (const patch of patches.sort((a, b) => a.x - b.x)) {
    const last = signs.at(-1);
    const shared = last ? Math.min(last.x + last.width, patch.x + patch.width) - patch.x : 0;
    if (last && shared > 0.6 * Math.min(last.width, patch.width)) {
      signs[signs.length - 1] = around(last, patch);
    } else signs.push({ x: patch.x, y: patch.y, width: patch.width, height: patch.height });
  }
  return signs;
}

/** How many pieces of paper a sign encloses: one in a 0, two in an 8, none in a 5. */
export function holesIn(page: Grey, sign: Box): number {
  const { width, height, data } = cropped(page, sign);
  const seen = new Uint8Array(data.length);
  const least = Math.max(3, 0.008 * data.length);
  let holes = 0;
  for (let start = 0; start < data.length; start += 1) {
    if (seen[start] === 1 || (data[start] ?? 0) < inkShade) continue;
    const stack = [start];
    seen[start] = 1;
    let size = 0;
    let isOpen = false;
    while (stack.length > 0) {
      const at = stack.pop() ?? 0;
      const x = at % width;
      const y = (at - x) / width;
      size += 1;
      if (x === 0 || y === 0 || x === width - 1 || y === height - 1) isOpen = true;
      for (const next of [
        x > 0 ? at - 1 : -1,
        x < width - 1 ? at + 1 : -1,
        at - width,
        at + width,
      ]) {
        if (next < 0 || next >= data.length || seen[next] === 1) continue;
        if ((data[next] ?? 0) < inkShade) continue;
        seen[next] = 1;
        stack.push(next);
      }
    }
    if (!isOpen && size >= least) holes += 1;
  }
  return holes;
}
