import { getArrow } from 'perfect-arrows';
import type { PictureMark, StepPicture } from './pictures.ts';

/** An arrow is bent a little: it is told from the straight edges of a board. */
const bow = 0.12;

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
  const [sx = x1, sy = y1, cx = x1, cy = y1, ex = x2, ey = y2, angle = 0] = getArrow(
    x1,
    y1,
    x2,
    y2,
    { bow, stretch: 0, padStart: 0, padEnd: 0 },
  );
  const wing = (turn: number) =>
    `${at(ex - head * Math.cos(angle + turn))} ${at(ey - head * Math.sin(angle + turn))}`;
  const tip = `${at(ex)} ${at(ey)}`;
  const path = `M${at(sx)} ${at(sy)}Q${at(cx)} ${at(cy)} ${tip}M${wing(0.5)}L${tip}L${wing(-0.5)}`;
  return { path, label: { x: x1, y: y1 + (y1 > y2 ? gap * 2 : -gap), anchor } };
}

/** Length of an arrow's head, in dots: seen on a phone. */
const headOf = (widthPx: number, heightPx: number): number => Math.max(widthPx, heightPx) / 28;
const at = (value: number): number => Math.round(value * 10) / 10;
