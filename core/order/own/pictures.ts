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

/** A mark as lines in dots of its picture. */
export interface DrawnMark {
  readonly path: string;
  readonly label: { readonly x: number; readonly y: number; readonly anchor: 'start' | 'end' };
}

/** How a mark is drawn over a picture of that size. */
export function drawnMark(
  { sort, from, to }: PictureMark,
  { widthPx, heightPx }: Pick<StepPicture, 'widthPx' | 'heightPx'>,
): DrawnMark {
  const [x1, y1] = [from.x * widthPx, from.y * heightPx];
  const [x2, y2] = [to.x * widthPx, to.y * heightPx];
  const anchor = x1 > widthPx / 2 ? 'end' : 'start';
  const gap = headOf(widthPx, heightPx) / 2;
  if (sort === 'ring') {
    const r = Math.hypot(x1 - x2, y1 - y2);
    const path = `M${at(x2 - r)} ${at(y2)}a${at(r)} ${at(r)} 0 1 0 ${at(2 * r)} 0a${at(r)} ${at(r)} 0 1 0 ${at(-2 * r)} 0`;
    const isRight = x2 > widthPx / 2;
    return {
      path,
      label: { x: isRight ? x2 - r - gap : x2 + r + gap, y: y2, anchor: isRight ? 'end' : 'start' },
    };
  }
  const head = headOf(widthPx, heightPx);
  const angle = Math.atan2(y2 - y1, x2 - x1);
  const wing = (turn: number) =>
    `${at(x2 - head * Math.cos(angle + turn))} ${at(y2 - head * Math.sin(angle + turn))}`;
  const path = `M${at(x1)} ${at(y1)}L${at(x2)} ${at(y2)}M${wing(0.5)}L${at(x2)} ${at(y2)}L${wing(-0.5)}`;
  return { path, label: { x: x1, y: y1 + (y1 > y2 ? gap * 2 : -gap), anchor } };
}

/** Length of an arrow's head, in dots: seen on a phone. */
const headOf = (widthPx: number, heightPx: number): number => Math.max(widthPx, heightPx) / 28;
const at = (value: number): number => Math.round(value * 10) / 10;
