import type { OwnText } from '../../words/ownText.ts';

/** A point of a picture, as parts of its width and height from the upper left: 0 to 1. */
export interface PicturePoint {
  readonly x: number;
  readonly y: number;
}

export const markSorts = ['arrow', 'ring'] as const;
export type MarkSort = (typeof markSorts)[number];

/** What is drawn over a picture: an arrow whose tip is at `to`, or a ring around `to` that goes through `from`. */
export interface PictureMark {
  readonly sort: MarkSort;
  readonly from: PicturePoint;
  readonly to: PicturePoint;
  /** Stands at the beginning of the arrow, or beside the ring. */
  readonly label?: OwnText;
}

/** A picture that an instructor shows at a step. */
export interface StepPicture {
  /** SHA-256 of its bytes, hexadecimal. */
  readonly hash: string;
  readonly widthPx: number;
  readonly heightPx: number;
  /** What it shows, for who does not see it. */
  readonly alt: OwnText;
  readonly marks: readonly PictureMark[];
}

export const mostPictures = 6;
export const mostMarks = 12;

/** Shorter than this part of the longer side, a stroke was a slip of the finger. */
const shortest = 0.02;

/** A mark as a stroke draws it; undefined where the stroke goes nowhere. */
export function markOf(
  sort: MarkSort,
  from: PicturePoint,
  to: PicturePoint,
  { widthPx, heightPx }: Pick<StepPicture, 'widthPx' | 'heightPx'>,
): PictureMark | undefined {
  const longest = Math.max(widthPx, heightPx);
  const length = Math.hypot((to.x - from.x) * widthPx, (to.y - from.y) * heightPx) / longest;
  if (length < shortest) return undefined;
  // A ring is drawn from its middle outwards.
  return sort === 'ring'
    ? { sort, from: inside(to), to: inside(from) }
    : { sort, from: inside(from), to: inside(to) };
}

const inside = ({ x, y }: PicturePoint): PicturePoint => ({ x: part(x), y: part(y) });
/** To a thousandth: finer than anybody points. */
const part = (value: number): number => Math.round(Math.min(1, Math.max(0, value)) * 1000) / 1000;
