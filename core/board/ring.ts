import type { Part } from '../parts/part.ts';
import type { Placement } from './board.ts';
import { footprintOf } from './footprint.ts';
import type { BoardRect } from './outline.ts';

/** Small parts get a ring that can still be seen and touched. */
const leastMm = 3;
const aroundMm = 0.5;

/** The rectangle around a placed part, leads and all, that points at it. */
export function ringOf({ xMm, yMm, rotation, spanMm }: Placement, part: Part): BoardRect {
  const { widthMm, heightMm } = footprintOf(part, spanMm);
  return {
    xMm,
    yMm,
    widthMm: Math.max(widthMm, leastMm) + 2 * aroundMm,
    heightMm: Math.max(heightMm, leastMm) + 2 * aroundMm,
    rotation,
    radiusMm: 0,
  };
}
