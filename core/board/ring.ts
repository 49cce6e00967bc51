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

/** Where the name of a place is written, for it to be read beside pads and marks. */
export interface NameSpot {
  /** Its base line below the middle of the part, as the board is seen. */
  readonly belowMm: number;
  readonly sizeMm: number;
}

/** Over a large part; below a small one and below the holes of what hangs off the board, so that they can be seen. */
export function nameSpotOf({ spanMm, rotation }: Placement, part: Part): NameSpot {
  const { widthMm, heightMm } = footprintOf(part, spanMm);
  const size = Math.max(widthMm, heightMm);
  const angle = (rotation * Math.PI) / 180;
  const seenHeightMm = Math.abs(widthMm * Math.sin(angle)) + Math.abs(heightMm * Math.cos(angle));
  const below = Math.max(seenHeightMm / 2, 1.4);
  if (size < 4.5) return { belowMm: below + 1.6, sizeMm: 1.4 };
  if (size < 7.5) return { belowMm: below + 2.3, sizeMm: 2.1 };
  return { belowMm: 0.75, sizeMm: 2.1 };
}
