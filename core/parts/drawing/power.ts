import {
  boardPatch,
  circle,
  type Drawing,
  lead,
  material,
  pad,
  path,
  rect,
  type Shape,
  silkLine,
  text,
} from './drawing.ts';

/** A TO-220 part, print to the reader, its metal tab behind; `pins` are the names of the leads, if known. */
export function drawTo220(print: string, pins: readonly string[] = []): Drawing {
  const xs = [3.5, 6, 8.5];
  return {
    widthMm: 12,
    heightMm: 27,
    shapes: [
      ...xs.flatMap((x) => lead(`M${x} 15V24`)),
      ...xs.map((x) =>
        rect(x - 0.65, 15, 1.3, 3.4, {
          fill: material.tin,
          stroke: material.leadEdge,
          strokeWidth: 0.12,
        }),
      ),
      rect(1, 0.6, 10, 8, {
        fill: material.tin,
        stroke: material.leadEdge,
        strokeWidth: 0.2,
        radius: 0.4,
      }),
      circle(6, 3.4, 1.8, { fill: '#f3ead8', stroke: material.leadEdge, strokeWidth: 0.2 }),
      rect(1, 6.6, 10, 8.6, {
        fill: material.black,
        stroke: material.blackEdge,
        strokeWidth: 0.18,
        radius: 0.3,
      }),
      text(6, 11.2, print, Math.min(2.1, 13 / Math.max(print.length, 4)), material.print),
      ...pins
        .slice(0, 3)
        .map((pin, index) => text(xs[index] ?? 0, 26.6, pin.charAt(0), 2.2, material.edge, true)),
    ],
  };
}

/** The double line is the side of the metal tab. */
export function drawTo220Mark(): Drawing {
  return boardPatch(13, 7.4, [
    rect(1.4, 1, 10.2, 4.8, silkLine),
    path('M1.4 1.8H11.6', silkLine),
    ...pad(4, 3.9, true),
    ...pad(6.5, 3.9),
    ...pad(9, 3.9),
  ]);
}

/** The metal case of a TO-3 with its two ears, its middle at `(11, y)`, at half its size. */
const flange = (y: number): readonly Shape[] => [
  path(
    `M2 ${y - 1.8}L7 ${y - 4.9}A6.3 6.3 0 0 1 15 ${y - 4.9}L20 ${y - 1.8}A2 2 0 0 1 20 ${y + 1.8}L15 ${y + 4.9}A6.3 6.3 0 0 1 7 ${y + 4.9}L2 ${y + 1.8}A2 2 0 0 1 2 ${y - 1.8}Z`,
    { fill: '#cfd3d6', stroke: material.leadEdge, strokeWidth: 0.2 },
  ),
  ...[3.2, 18.8].map((x) =>
    circle(x, y, 1, { fill: '#f3ead8', stroke: material.leadEdge, strokeWidth: 0.2 }),
  ),
];

/** A TO-3 part from above, and from below, where its two pins are. Which of them is 1, only the sheet says. */
export function drawTo3(print: string): Drawing {
  const [above, below] = [7.5, 22];
  return {
    widthMm: 22,
    heightMm: 29.5,
    shapes: [
      ...flange(above),
      circle(11, above, 5, { fill: '#dfe2e4', stroke: material.leadEdge, strokeWidth: 0.2 }),
      text(11, above + 0.6, print, Math.min(1.9, 9 / Math.max(print.length, 4)), '#33373b'),
      ...flange(below),
      ...[-2.7, 2.7].map((y) =>
        circle(12, below + y, 0.7, {
          fill: material.tin,
          stroke: material.leadEdge,
          strokeWidth: 0.2,
        }),
      ),
    ],
  };
}

/** Two holes for its pins, off the middle, and the two of its screws. */
export function drawTo3Mark(): Drawing {
  return boardPatch(23, 14, [
    path(
      'M2.5 5.2L7.5 2.1A6.3 6.3 0 0 1 15.5 2.1L20.5 5.2A2 2 0 0 1 20.5 8.8L15.5 11.9A6.3 6.3 0 0 1 7.5 11.9L2.5 8.8A2 2 0 0 1 2.5 5.2Z',
      silkLine,
    ),
    ...pad(12.5, 4.3, true),
    ...pad(12.5, 9.7),
    ...[3.7, 19.3].flatMap((x) => pad(x, 7)),
  ]);
}

/** A heat sink from the front: fins round a flat back with a hole. */
export function drawHeatSink(): Drawing {
  return {
    widthMm: 21,
    heightMm: 20,
    shapes: [
      ...[1, 3.8, 14.8, 17.6].map((x) =>
        rect(x, 1.5, 1.9, 17, { fill: '#3a3d42', stroke: material.blackEdge, strokeWidth: 0.15 }),
      ),
      rect(1, 7, 18.5, 2.4, { fill: '#2f3236' }),
      rect(6.2, 1.5, 8.1, 17, { fill: '#4b4f55', stroke: material.blackEdge, strokeWidth: 0.15 }),
      circle(10.2, 5.4, 1.6, { fill: '#f3ead8', stroke: material.blackEdge, strokeWidth: 0.15 }),
    ],
  };
}

/** A clip for a block battery: two snaps, red and black wire. */
export function drawBatteryClip(): Drawing {
  return {
    widthMm: 30,
    heightMm: 14,
    shapes: [
      path('M20 5C24 5 24 3 29.5 3', { stroke: '#b8281c', strokeWidth: 0.9 }),
      path('M20 9C24 9 24 11 29.5 11', { stroke: '#19191b', strokeWidth: 0.9 }),
      rect(1, 1.5, 19.5, 11, {
        fill: material.black,
        stroke: material.blackEdge,
        strokeWidth: 0.25,
        radius: 1.4,
      }),
      circle(5.8, 7, 2.9, { fill: material.tin, stroke: material.leadEdge, strokeWidth: 0.25 }),
      circle(5.8, 7, 1.5, { fill: '#7b8085' }),
      circle(15.4, 7, 3.5, { fill: material.tin, stroke: material.leadEdge, strokeWidth: 0.25 }),
      path('M15.4 4.6L17.5 5.8V8.2L15.4 9.4L13.3 8.2V5.8Z', { fill: '#7b8085' }),
    ],
  };
}
