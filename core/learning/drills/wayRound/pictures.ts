import { footprintOf } from '../../../board/footprint.ts';
import {
  boardPatch,
  type Drawing,
  material,
  pad,
  rect,
  silkLine,
} from '../../../parts/drawing/drawing.ts';
import { drawFromAbove } from '../../../parts/drawing/seated/above.ts';
import { familyOf } from '../../../parts/families/index.ts';
import type { Part } from '../../../parts/part.ts';

/** The place of a part on the board, as printed there, at rotation 0. */
export function drawPlace(part: Part): Drawing {
  const printed = familyOf(part).drawBoardMark?.(part);
  if (printed) return printed;
  const { pins, widthMm, heightMm, padWidthMm, padHeightMm, drillMm } = footprintOf(part);
  const [width, height] = [widthMm + padWidthMm + 2, heightMm + 3.4];
  const [x, y] = [width / 2, height / 2];
  const between = Math.max(0, widthMm - 2 * padWidthMm);
  return boardPatch(width, height, [
    rect(x - between / 2, y - heightMm / 2, between, heightMm, silkLine),
    ...pins.flatMap((pin) =>
      drillMm === null
        ? [
            rect(x + pin.x - padWidthMm / 2, y - padHeightMm / 2, padWidthMm, padHeightMm, {
              fill: material.pad,
            }),
          ]
        : pad(x + pin.x, y - pin.y),
    ),
  ]);
}

/** The part from above, as it is held over its place, at rotation 0. */
export const drawInHand = (part: Part): Drawing => drawFromAbove(familyOf(part), part);
