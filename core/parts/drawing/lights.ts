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

const glass = { fill: '#f3efe4aa', stroke: material.edge, strokeWidth: 0.2 } as const;
const clear = { fill: '#e7ebee', stroke: material.edge, strokeWidth: 0.18 } as const;

const dome = (paint: { fill: string; stroke: string; strokeWidth: number }): Shape[] => [
  path('M3.5 8.4V4A2.5 2.5 0 0 1 8.5 4V8.4Z', paint),
  path('M2.9 8.4H8.5V9.6H2.9Z', paint),
];

/** An LED of two colours in one lens: three leads, the middle one in common. */
export function drawTwoColourLed(): Drawing {
  return {
    widthMm: 12,
    heightMm: 24,
    shapes: [
      ...lead('M4.4 9.5V11L3.2 13V20'),
      ...lead('M6 9.5V23.5'),
      ...lead('M7.6 9.5V11L8.8 13V21.5'),
      ...dome(clear),
      path('M3.6 8.3V4A2.4 2.4 0 0 1 6 1.6V8.3Z', { fill: '#d8352acc' }),
      path('M6 8.3V1.6A2.4 2.4 0 0 1 8.4 4V8.3Z', { fill: '#3f9d4ecc' }),
      path('M8.9 7.6V10.4', { stroke: material.minus, strokeWidth: 0.3 }),
    ],
  };
}

export function drawThreeHolesMark(): Drawing {
  return boardPatch(12, 9, [
    path('M9 2.3A3.4 3.4 0 1 0 9 6.7Z', silkLine),
    ...pad(3.46, 4.5, true),
    ...pad(6, 4.5),
    ...pad(8.54, 4.5),
  ]);
}

/** A phototransistor: a clear dome like an LED’s; seen from the side, its flat and its short lead at one end. */
export function drawPhototransistor(): Drawing {
  return {
    widthMm: 12,
    heightMm: 24,
    shapes: [
      ...lead('M4.7 9.5V20'),
      ...lead('M7.3 9.5V23.5'),
      ...dome(clear),
      rect(5, 5.6, 2, 1.4, { fill: '#3c4044' }),
      path('M1.2 1.6L3 3.4M0.8 4.4L2.8 5.4', { stroke: '#c98b3c', strokeWidth: 0.35 }),
      path('M3 3.4L2 3.2M3 3.4L2.8 2.4', { stroke: '#c98b3c', strokeWidth: 0.3 }),
      path('M8.9 7.6V10.4', { stroke: material.minus, strokeWidth: 0.3 }),
      text(4.2, 22.6, 'E', 2.4, material.edge, true),
      text(9.4, 22.6, 'C', 2.4, material.edge, true),
    ],
  };
}

/** An infrared LED: a bluish dome. */
export function drawInfraredLed(): Drawing {
  return {
    widthMm: 12,
    heightMm: 24,
    shapes: [
      ...lead('M4.7 9.5V23.5'),
      ...lead('M7.3 9.5V19.5'),
      ...dome({ fill: '#8e92ad', stroke: material.edge, strokeWidth: 0.18 }),
      text(6, 7.2, 'IR', 2, '#20232e', true),
      path('M8.9 7.6V10.4', { stroke: material.minus, strokeWidth: 0.3 }),
      text(2.7, 21.6, '+', 3, material.plus, true),
      text(9.5, 18.4, '−', 3, material.minus, true),
    ],
  };
}

/** An infrared receiver: a block with a lens and three legs in a row, its lens to the reader. */
export function drawInfraredReceiver(print: string, pins: readonly string[] = []): Drawing {
  const xs = [3.46, 6, 8.54];
  return {
    widthMm: 12,
    heightMm: 19,
    shapes: [
      ...xs.flatMap((x) => lead(`M${x} 8V16`)),
      rect(2.4, 1, 7.2, 8, { fill: '#26262a', stroke: material.blackEdge, strokeWidth: 0.18 }),
      circle(6, 4.4, 2.6, { fill: '#3d3d44', stroke: '#15151a', strokeWidth: 0.2 }),
      path('M4.4 3.6A2 2 0 0 1 6 2.6', { stroke: '#8a8a92', strokeWidth: 0.3 }),
      text(6, 8.5, print, Math.min(1.3, 8 / Math.max(print.length, 4)), material.print),
      ...pins
        .slice(0, 3)
        .map((pin, index) => text(xs[index] ?? 0, 18.6, pin.charAt(0), 2, material.edge, true)),
    ],
  };
}

export function drawInfraredReceiverMark(): Drawing {
  return boardPatch(12, 9, [
    rect(2, 1.4, 8, 4, silkLine),
    path('M4 5.4A2.2 2.2 0 0 0 8 5.4', silkLine),
    ...pad(3.46, 3.6, true),
    ...pad(6, 3.6),
    ...pad(8.54, 3.6),
  ]);
}

/** A matrix of lights from the front. */
export function drawMatrix(): Drawing {
  const dots = Array.from({ length: 8 }, (_, row) =>
    Array.from({ length: 8 }, (_, column) =>
      circle(3 + column * 2.6, 3 + row * 2.6, 0.95, { fill: '#d8352a' }),
    ),
  ).flat();
  return {
    widthMm: 24.2,
    heightMm: 24.2,
    shapes: [
      rect(1, 1, 22.2, 22.2, { fill: '#1d1d20', stroke: material.blackEdge, strokeWidth: 0.2 }),
      ...dots,
    ],
  };
}

/** Two rows of pads, pin 1 square. */
export function drawMatrixMark(): Drawing {
  const xs = Array.from({ length: 8 }, (_, index) => 2.6 + index * 2.54);
  return boardPatch(23, 18, [
    rect(1, 1, 21, 16, silkLine),
    ...xs.flatMap((x, index) => [...pad(x, 14.4, index === 0), ...pad(x, 3.6)]),
    text(2.6, 12.8, '1', 1.8, material.silk, true),
  ]);
}

/** A high-power LED on its star of aluminium. */
export function drawPowerLed(): Drawing {
  return {
    widthMm: 20,
    heightMm: 20,
    shapes: [
      path('M10 0.8L14.6 3L18 6.4V13.6L14.6 17L10 19.2L5.4 17L2 13.6V6.4L5.4 3Z', {
        fill: '#eef0f1',
        stroke: material.leadEdge,
        strokeWidth: 0.25,
      }),
      ...[
        [4.4, 7],
        [15.6, 13],
      ].map(([x = 0, y = 0]) => rect(x - 1.4, y - 1, 2.8, 2, { fill: material.pad })),
      circle(10, 10, 3.6, { fill: '#f2dc7a', stroke: material.edge, strokeWidth: 0.25 }),
      circle(10, 10, 2.3, { fill: '#fbf3c6' }),
      text(4.4, 11.6, '+', 3, material.plus, true),
      text(15.6, 11, '−', 3, material.minus, true),
    ],
  };
}

/** A square LED with its own controller, from above: one corner is cut. */
export function drawAddressableLed(): Drawing {
  const tin = { fill: material.tin, stroke: material.leadEdge, strokeWidth: 0.08 } as const;
  return {
    widthMm: 7.4,
    heightMm: 7,
    shapes: [
      ...[1.6, 4.4].flatMap((y) => [rect(0.5, y, 1, 1, tin), rect(5.9, y, 1, 1, tin)]),
      path('M1.2 1H6.2V6H2.2L1.2 5Z', { fill: '#f5f5f2', stroke: material.edge, strokeWidth: 0.1 }),
      circle(3.7, 3.5, 1.9, { fill: '#efe6c6', stroke: '#b3a878', strokeWidth: 0.1 }),
      rect(3, 2.9, 1.2, 1, { fill: '#2a2a2c' }),
      circle(4.7, 2.8, 0.3, { fill: '#d8352a' }),
      circle(4.9, 3.5, 0.3, { fill: '#3f9d4e' }),
      circle(4.7, 4.2, 0.3, { fill: '#3f74d1' }),
    ],
  };
}

export function drawAddressableMark(): Drawing {
  return boardPatch(9, 7.4, [
    path('M2 1H7V6.4H3L2 5.4Z', silkLine),
    ...[1.7, 4.4].flatMap((y) => [
      rect(0.5, y, 1.3, 1.1, { fill: material.pad }),
      rect(7.2, y, 1.3, 1.1, { fill: material.pad }),
    ]),
  ]);
}

/** A filament lamp with wires. */
export function drawLamp(): Drawing {
  return {
    widthMm: 10,
    heightMm: 20,
    shapes: [
      ...lead('M3.6 11V19.5'),
      ...lead('M6.4 11V19.5'),
      circle(5, 4.8, 3.8, glass),
      path('M3.4 8V5.4L4.2 4.6L5 5.4L5.8 4.6L6.6 5.4V8', { stroke: '#8c5a22', strokeWidth: 0.25 }),
      rect(3, 8, 4, 3.4, { fill: material.brass, stroke: material.edge, strokeWidth: 0.15 }),
    ],
  };
}

/** A neon glow lamp: two rods in a small glass. */
export function drawNeon(): Drawing {
  return {
    widthMm: 9,
    heightMm: 21,
    shapes: [
      ...lead('M3.4 10V20.5'),
      ...lead('M5.6 10V20.5'),
      path('M2 10V3.6A2.5 2.5 0 0 1 7 3.6V10Z', glass),
      path('M3.6 10V4M5.4 10V4', { stroke: '#8f9498', strokeWidth: 0.7 }),
      path('M3.1 8V4.4M5.9 8V4.4', { stroke: '#ef8427', strokeWidth: 0.4 }),
    ],
  };
}

/** A tube that shows a figure, seen from the front. */
export function drawNixie(): Drawing {
  return {
    widthMm: 18,
    heightMm: 34,
    shapes: [
      ...[4, 6.5, 9, 11.5, 14].flatMap((x) => lead(`M${x} 26V33.5`)),
      path('M2 26V7A7 6 0 0 1 16 7V26Z', glass),
      path('M4.4 24V8H13.6V24Z', { stroke: '#9b8f74', strokeWidth: 0.2 }),
      text(9, 20, '8', 13, '#ef8427', true),
      rect(2, 25, 14, 2.4, { fill: '#35353a' }),
    ],
  };
}

/** A flash tube: a straight glass with a wire at each end. */
export function drawFlashTube(): Drawing {
  return {
    widthMm: 32,
    heightMm: 8,
    shapes: [
      ...lead('M0.5 3.6H6M26 3.6H31.5'),
      rect(5, 1.4, 22, 4.4, { ...glass, radius: 2 }),
      rect(6.4, 2.4, 2.2, 2.4, { fill: '#8f9498' }),
      rect(23.4, 2.4, 2.2, 2.4, { fill: '#8f9498' }),
      path('M9 1.2V6M12 1.2V6M15 1.2V6M18 1.2V6M21 1.2V6', { stroke: '#b9bdc0', strokeWidth: 0.2 }),
    ],
  };
}

/** A laser module: a brass barrel with its window, two wires. */
export function drawLaser(): Drawing {
  return {
    widthMm: 26,
    heightMm: 9,
    shapes: [
      path('M13 3.4C18 3.4 20 2 25.4 2', { stroke: '#b8281c', strokeWidth: 0.8 }),
      path('M13 5.6C18 5.6 20 7 25.4 7', { stroke: '#19498f', strokeWidth: 0.8 }),
      rect(1.6, 1.4, 12, 6.2, { fill: material.brass, stroke: material.edge, strokeWidth: 0.2 }),
      rect(1, 2.4, 1.4, 4.2, { fill: '#2a2a2c' }),
      text(8, 5.6, 'LASER', 2, '#3a2a08', true),
    ],
  };
}
