import type { Part } from '../part.ts';
import {
  boardPatch,
  type Drawing,
  material,
  pad,
  path,
  rect,
  type Shape,
  silkLine,
} from './drawing.ts';
import type { DrawLid } from './lids.ts';

// A single digit of 0.56 inch (from memory of manufacturers' sheets).
const face = { length: 12.7, width: 19 };
const pitch = 2.54;
const rowSpacing = 15.24;

const dark = {
  fill: '#3b3d40',
  stroke: material.blackEdge,
  strokeWidth: 0.2,
  radius: 0.4,
} as const;
const lit = '#d8453a';

/** The seven bars of a figure 8, and the point at its foot on the right, on a face whose middle is given. */
function figureEight(x: number, y: number, paint: Parameters<typeof path>[1]): Shape[] {
  const [halfWidth, halfHeight] = [3, 6];
  const across = (dy: number) =>
    path(`M${x - halfWidth + 0.7} ${y + dy}H${x + halfWidth - 0.7}`, paint);
  const down = (dx: number, from: number) =>
    path(`M${x + dx} ${y + from + 0.7}V${y + from + halfHeight - 0.7}`, paint);
  return [
    across(-halfHeight),
    across(0),
    across(halfHeight),
    ...[-halfWidth, halfWidth].flatMap((dx) => [down(dx, -halfHeight), down(dx, 0)]),
    path(`M${x + halfWidth + 1.1} ${y + halfHeight}H${x + halfWidth + 2.1}`, {
      ...paint,
      strokeWidth: 1.1,
    }),
  ];
}

const bars = { stroke: lit, strokeWidth: 1.1 } as const;

const columns = (pins: number, left: number): number[] =>
  Array.from({ length: pins / 2 }, (_, index) => left + (index + 0.5) * pitch);

/** A display with its face up: the digit stands upright, the point is at the lower right, pin 1 at the lower left. */
export function drawDigit({ pins = 10 }: Pick<Part, 'pins'>): Drawing {
  const [left, top] = [2, 1.5];
  const legs = columns(pins, left + (face.length - (pins / 2) * pitch) / 2);
  return {
    widthMm: face.length + 4,
    heightMm: face.width + 3,
    shapes: [
      ...legs.flatMap((x) => [
        rect(x - 0.25, 0.5, 0.5, 1.2, { fill: material.tin }),
        rect(x - 0.25, top + face.width - 0.2, 0.5, 1.2, { fill: material.tin }),
      ]),
      rect(left, top, face.length, face.width, dark),
      ...figureEight(left + face.length / 2 - 0.6, top + face.width / 2, bars),
    ],
  };
}

/** The digit on the face of a display that sits on its board. */
export const digitLid: DrawLid = ({ x, y, length, width }) =>
  figureEight(x + length / 2 - 0.6, y + width / 2, bars);

/** The printed outline with the digit in it: the point and the square hole tell which way up. */
export function drawDigitMark({ pins = 10 }: Pick<Part, 'pins'>): Drawing {
  const [left, top] = [1, 1];
  const legs = columns(pins, left + (face.length - (pins / 2) * pitch) / 2);
  const middle = top + face.width / 2;
  return boardPatch(face.length + 2, face.width + 2, [
    rect(left, top, face.length, face.width, silkLine),
    ...figureEight(left + face.length / 2 - 0.6, middle, silkLine),
    ...legs.flatMap((x, index) => [
      ...pad(x, middle + rowSpacing / 2, index === 0),
      ...pad(x, middle - rowSpacing / 2),
    ]),
  ]);
}
