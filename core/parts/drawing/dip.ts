import {
  boardPatch,
  circle,
  type Drawing,
  material,
  pad,
  path,
  rect,
  type Shape,
  silkLine,
  text,
} from './drawing.ts';

const pitch = 2.54;
const rowSpacing = 7.62;

const lengthOf = (pins: number) => (pins / 2) * pitch;

/**
 * A dual in-line chip from above, notch left, so that pin 1 is at the bottom left as in the data sheets. Optocouplers
 * have the dot only.
 */
export function drawChip(pins: number, print: string, { notch = true } = {}): Drawing {
  const length = lengthOf(pins);
  const width = length + 2;
  const body = { x: 1, y: 2.2, width: length, height: 6.4 };
  return {
    widthMm: width,
    heightMm: 10.8,
    shapes: [
      ...legs(pins, 1, 0.6, 8.4),
      rect(body.x, body.y, body.width, body.height, {
        fill: material.black,
        stroke: material.blackEdge,
        strokeWidth: 0.15,
        radius: 0.3,
      }),
      ...(notch
        ? [path(`M1 ${5.4 - 0.9}A0.9 0.9 0 0 1 1 ${5.4 + 0.9}Z`, { fill: '#6a6a6d' })]
        : []),
      circle(2.1, 7.5, 0.42, { fill: '#8a8a8c' }),
      text(
        1 + length / 2 + 0.3,
        6.1,
        print,
        Math.min(2.1, (length * 1.35) / Math.max(print.length, 4)),
        material.print,
      ),
    ],
  };
}

/** An empty socket from above, notch left. */
export function drawSocket(pins: number): Drawing {
  const length = lengthOf(pins);
  return {
    widthMm: length + 2,
    heightMm: 12,
    shapes: [
      path(`M1 1H${1 + length}V11H1V${6 + 1}A1 1 0 0 0 1 ${6 - 1}Z`, {
        fill: material.black,
        stroke: material.blackEdge,
        strokeWidth: 0.15,
      }),
      rect(2.3, 4.4, length - 2.6, 3.2, { fill: '#d9d2c2', radius: 0.2 }),
      ...columns(pins).flatMap((x) => [
        rect(x + 1 - 0.6, 1.6, 1.2, 1.9, { fill: material.brass, radius: 0.15 }),
        rect(x + 1 - 0.6, 8.5, 1.2, 1.9, { fill: material.brass, radius: 0.15 }),
      ]),
    ],
  };
}

/** The printed outline: the notch and the square hole mark pin 1. */
export function drawDipMark(pins: number): Drawing {
  const length = lengthOf(pins);
  const y = { top: 1.8, bottom: 1.8 + rowSpacing };
  return boardPatch(length + 2, rowSpacing + 3.6, [
    path(
      `M1 3.2H${1 + length}V${y.bottom - 1.4}H1V${5.6 + 0.9}A0.9 0.9 0 0 0 1 ${5.6 - 0.9}Z`,
      silkLine,
    ),
    ...columns(pins).flatMap((x, index) => [
      ...pad(1 + x, y.top),
      ...pad(1 + x, y.bottom, index === 0),
    ]),
    text(1 + pitch / 2, y.bottom - 1.8, '1', 1.6, material.silk, true),
  ]);
}

/** Middles of the pin columns from the body's left end. */
function columns(pins: number): number[] {
  return Array.from({ length: pins / 2 }, (_, index) => (index + 0.5) * pitch);
}

function legs(pins: number, left: number, top: number, bottom: number): Shape[] {
  return columns(pins).flatMap((x) =>
    [top, bottom].map((y) =>
      rect(left + x - 0.55, y, 1.1, 1.8, {
        fill: material.tin,
        stroke: material.leadEdge,
        strokeWidth: 0.1,
      }),
    ),
  );
}
