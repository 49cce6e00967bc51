import { footprintOf } from '../../../board/footprint.ts';
import { boardPatch, type Drawing, pad, rect, silkLine } from '../../../parts/drawing/drawing.ts';
import { drawFromAbove } from '../../../parts/drawing/seated/above.ts';
import { familyOf } from '../../../parts/families/index.ts';
import type { Part } from '../../../parts/part.ts';

/** The place of a part on the board, as printed there, at rotation 0. */
export function drawPlace(part: Part): Drawing {
  const printed = familyOf(part).drawBoardMark?.(part);
  if (printed) return printed;
  const { pins, widthMm, heightMm, padWidthMm } = footprintOf(part);
  const [width, height] = [widthMm + 4, heightMm + 3.4];
  const [x, y] = [width / 2, height / 2];
  return boardPatch(width, height, [
    rect(
      x - widthMm / 2 + padWidthMm,
      y - heightMm / 2,
      widthMm - 2 * padWidthMm,
      heightMm,
      silkLine,
    ),
    ...pins.flatMap((pin) => pad(x + pin.x, y - pin.y)),
  ]);
}

/** The part from above, as it is held over its place, at rotation 0. */
export const drawInHand = (part: Part): Drawing => drawFromAbove(familyOf(part), part);
