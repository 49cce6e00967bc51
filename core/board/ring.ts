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

/** Where the name of a place is written, for it to be read beside pads, bands and marks. */
export interface NameSpot {
  /** Its middle right of the middle of the part, and its base line below it, as the board is seen. */
  readonly rightMm: number;
  readonly belowMm: number;
  readonly sizeMm: number;
}

/** A letter of the mono face is some 0.6 of its size wide, its capitals are 0.7 of it high. */
const letterWidth = 0.6;
const capitalHeight = 0.7;
const gapMm = 0.4;
/** What is narrower than this is wholly covered by a name. */
const narrowMm = 4;

/**
 * In the middle of a large body; below a small or a low one, and beside one that stands upright in the picture, so that
 * its bands, pads and marks can be seen.
 */
export function nameSpotOf({ place, spanMm, rotation }: Placement, part: Part): NameSpot {
  const { widthMm, heightMm } = footprintOf(part, spanMm);
  const angle = (rotation * Math.PI) / 180;
  const [cos, sin] = [Math.abs(Math.cos(angle)), Math.abs(Math.sin(angle))];
  const seenWidthMm = widthMm * cos + heightMm * sin;
  const seenHeightMm = widthMm * sin + heightMm * cos;
  const longer = Math.max(widthMm, heightMm);
  const sizeMm = longer < 4.5 ? 1.4 : 2.1;
  if (longer < 7.5 || seenHeightMm < narrowMm) {
    const below = Math.max(seenHeightMm / 2, 1.2);
    return { rightMm: 0, belowMm: below + gapMm + capitalHeight * sizeMm, sizeMm };
  }
  const rightMm =
    seenWidthMm < narrowMm
      ? seenWidthMm / 2 + gapMm + (place.length * letterWidth * sizeMm) / 2
      : 0;
  return { rightMm, belowMm: (capitalHeight * sizeMm) / 2, sizeMm };
}
