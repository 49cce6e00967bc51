import {
  boardPatch,
  circle,
  type Drawing,
  lead,
  material,
  pad,
  path,
  rect,
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
