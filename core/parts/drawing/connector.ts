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

const black = { fill: material.black, stroke: material.blackEdge, strokeWidth: 0.18 } as const;

/** A socket strip from the side: square openings above, legs below. */
export function drawSocketStrip(pins: number): Drawing {
  const shown = Math.min(pins, 10);
  const middles = Array.from({ length: shown }, (_, index) => 1 + (index + 0.5) * 2.54);
  return {
    widthMm: shown * 2.54 + 2,
    heightMm: 14,
    shapes: [
      ...middles.flatMap((x) => lead(`M${x} 9V13.5`)),
      rect(1, 1, shown * 2.54, 8.5, black),
      ...middles.map((x) => rect(x - 0.55, 1.5, 1.1, 1.1, { fill: '#77777a' })),
      ...middles
        .slice(1)
        .map((x) => path(`M${x - 1.27} 1.2V9.3`, { stroke: '#4a4a4d', strokeWidth: 0.12 })),
    ],
  };
}

/** A keyed plug for wires: a shell with a tongue at the back. */
export function drawKeyedConnector(pins: number): Drawing {
  const shown = Math.min(pins, 10);
  const width = shown * 2.5 + 2.4;
  const middles = Array.from({ length: shown }, (_, index) => 2.2 + (index + 0.5) * 2.5);
  return {
    widthMm: width + 2,
    heightMm: 13,
    shapes: [
      ...middles.flatMap((x) => lead(`M${x} 7V12.5`)),
      rect(1, 1, width, 6.6, { fill: '#efe6cf', stroke: '#8d7d58', strokeWidth: 0.2, radius: 0.3 }),
      rect(1.9, 1, width - 1.8, 4.8, { fill: '#cfc19c' }),
      rect(width / 2 - 0.6, 1, 3.2, 1.5, { fill: '#efe6cf' }),
      ...middles.map((x) => rect(x - 0.32, 2.4, 0.64, 3.4, { fill: material.tin })),
    ],
  };
}

/** The gap in the outline is the side of the tongue. */
export function drawKeyedMark(pins: number): Drawing {
  const width = pins * 2.5 + 2.4;
  return boardPatch(width + 2, 8, [
    path(`M${1 + width / 2 - 1.4} 6.8H1V1H${1 + width}V6.8H${1 + width / 2 + 1.4}`, silkLine),
    ...Array.from({ length: pins }, (_, index) =>
      pad(2.2 + (index + 0.5) * 2.5, 3.8, index === 0),
    ).flat(),
  ]);
}

/** A jack from the side: its round opening looks over the edge of the board. */
export function drawJack(): Drawing {
  return {
    widthMm: 17,
    heightMm: 15,
    shapes: [
      ...[4, 8, 12].flatMap((x) => lead(`M${x} 10V14.5`)),
      rect(2.6, 1.5, 12.6, 9.6, { ...black, radius: 0.5 }),
      rect(0.6, 3.2, 2.4, 6.2, {
        fill: '#55585c',
        stroke: material.blackEdge,
        strokeWidth: 0.15,
        radius: 0.4,
      }),
      circle(9, 6.3, 3, { fill: '#1b1b1d', stroke: '#6a6a6d', strokeWidth: 0.3 }),
      circle(9, 6.3, 0.9, { fill: material.tin }),
    ],
  };
}

export function drawJackMark(): Drawing {
  return boardPatch(15, 10, [
    rect(3, 1, 10.6, 8, silkLine),
    path('M3 2.6H1.2V7.4H3', silkLine),
    ...pad(11.6, 5, true),
    ...pad(7.6, 5),
    ...pad(9.4, 7.6),
  ]);
}

/** A potentiometer from the front: shaft, round body, three tags. */
export function drawPotentiometer(print: string): Drawing {
  return {
    widthMm: 19,
    heightMm: 24,
    shapes: [
      ...[4.5, 9.5, 14.5].flatMap((x) => [
        rect(x - 0.8, 16, 1.6, 6.5, {
          fill: material.tin,
          stroke: material.leadEdge,
          strokeWidth: 0.15,
        }),
      ]),
      circle(9.5, 9.5, 8.5, { fill: '#9fa4a8', stroke: material.leadEdge, strokeWidth: 0.25 }),
      circle(9.5, 9.5, 3.6, { fill: '#c9cdd0', stroke: material.leadEdge, strokeWidth: 0.2 }),
      circle(9.5, 9.5, 2.6, { fill: '#6d7276' }),
      path('M9.5 6.9V9.5', { stroke: material.print, strokeWidth: 0.6 }),
      text(9.5, 16.4, print, 2.4, '#22262a', true),
    ],
  };
}

export const drawPotentiometerMark = (): Drawing =>
  boardPatch(15, 9, [
    path('M1.4 1H13.6V6.4H1.4Z', silkLine),
    ...[2.5, 7.5, 12.5].flatMap((x, index) => pad(x, 4.6, index === 0)),
    path('M5 6.4V8.2H10V6.4', silkLine),
  ]);

/** A toggle switch from the side: bat, thread, body, tags. */
export function drawToggle(): Drawing {
  const thread = [5, 5.9, 6.8].map(
    (y): Shape => path(`M5 ${y}H10`, { stroke: material.leadEdge, strokeWidth: 0.2 }),
  );
  return {
    widthMm: 15,
    heightMm: 24,
    shapes: [
      ...[3.5, 7.5, 11.5].map((x) =>
        rect(x - 0.7, 18, 1.4, 5, {
          fill: material.tin,
          stroke: material.leadEdge,
          strokeWidth: 0.15,
        }),
      ),
      path('M7 5L9.6 0.9C10.4 0.4 11.2 1 11 1.9L8.6 5.4Z', {
        fill: material.tin,
        stroke: material.leadEdge,
        strokeWidth: 0.18,
      }),
      rect(5, 4.4, 5, 4.2, { fill: '#b5babe', stroke: material.leadEdge, strokeWidth: 0.18 }),
      ...thread,
      rect(1.5, 8.4, 12, 10, { fill: '#2c4c86', stroke: '#13264a', strokeWidth: 0.2, radius: 0.4 }),
    ],
  };
}

/** A small loudspeaker from the front. */
export function drawSpeaker(): Drawing {
  return {
    widthMm: 20,
    heightMm: 20,
    shapes: [
      circle(10, 10, 9.2, { fill: '#a9adb1', stroke: material.leadEdge, strokeWidth: 0.3 }),
      circle(10, 10, 7.6, { fill: '#33363a', stroke: material.blackEdge, strokeWidth: 0.2 }),
      circle(10, 10, 5, { stroke: '#52565b', strokeWidth: 0.4 }),
      circle(10, 10, 2.6, { fill: '#5c6166' }),
    ],
  };
}

/** A hexagonal stand-off from the side: thread below, hole above. */
export function drawStandOff(): Drawing {
  return {
    widthMm: 8,
    heightMm: 18,
    shapes: [
      rect(2.9, 11.6, 2.2, 5.6, {
        fill: material.lead,
        stroke: material.leadEdge,
        strokeWidth: 0.15,
      }),
      ...[12.6, 13.8, 15, 16.2].map((y) =>
        path(`M2.9 ${y}l2.2 0.6`, { stroke: material.leadEdge, strokeWidth: 0.18 }),
      ),
      rect(1.4, 1, 5.2, 10.8, { fill: material.brass, stroke: '#7a5a1e', strokeWidth: 0.2 }),
      path('M2.9 1V11.8M5.1 1V11.8', { stroke: '#8d6a26', strokeWidth: 0.2 }),
    ],
  };
}
