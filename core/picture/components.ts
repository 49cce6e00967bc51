import type { Box, Grey } from './raster.ts';
import { inkShade } from './rules.ts';

/** A connected patch of ink. */
export interface Patch extends Box {
  /** Dots of it. */
  readonly size: number;
}

/** The connected patches of ink on an evened page; touching at a corner is connected. */
export function patchesOf({ width, height, data }: Grey): Patch[] {
  const seen = new Uint8Array(data.length);
  const stack: number[] = [];
  const patches: Patch[] = [];
  for (let start = 0; start < data.length; start += 1) {
    if (seen[start] === 1 || (data[start] ?? 255) >= inkShade) continue;
    let left = width;
    let right = 0;
    let top = height;
    let bottom = 0;
    let size = 0;
    stack.push(start);
    seen[start] = 1;
    while (stack.length > 0) {
      const at = stack.pop() ?? 0;
      const x = at % width;
      const y = (at - x) / width;
      size += 1;
      if (x < left) left = x;
      if (x > right) right = x;
      if (y < top) top = y;
      if (y > bottom) bottom = y;
      for (let down = -1; down <= 1; down += 1) {
        const row = y + down;
        if (row < 0 || row >= height) continue;
        for (let column = Math.max(0, x - 1); column <= Math.min(width - 1, x + 1); column += 1) {
          const next = row * width + column;
          if (seen[next] === 1 || (data[next] ?? 255) >= inkShade) continue;
          seen[next] = 1;
          stack.push(next);
        }
      }
    }
    patches.push({ x: left, y: top, width: right - left + 1, height: bottom - top + 1, size });
  }
  return patches;
}

/** The smallest box around two. */
export const around = (a: Box, b: Box): Box => {
  const x = Math.min(a.x, b.x);
  const y = Math.min(a.y, b.y);
  return {
    x,
    y,
    width: Math.max(a.x + a.width, b.x + b.width) - x,
    height: Math.max(a.y + a.height, b.y + b.height) - y,
  };
};
