import {
  boardPatch,
  circle,
  type Drawing,
  material,
  path,
  rect,
  silkLine,
  text,
} from './drawing.ts';

const tin = { fill: material.tin, stroke: material.leadEdge, strokeWidth: 0.08 } as const;

/** An SMD electrolytic from above: the dark segment is minus, the two cut corners of its foot are at plus. */
export function drawSurfaceCan(print: string, volt: string): Drawing {
  return {
    widthMm: 10,
    heightMm: 9.4,
    shapes: [
      rect(0.4, 3.9, 1.6, 0.9, tin),
      rect(8, 3.9, 1.6, 0.9, tin),
      path('M2.6 1H8.4V7.7H2.6L1.5 6.6V2.1Z', {
        fill: '#2b2b2e',
        stroke: material.blackEdge,
        strokeWidth: 0.1,
      }),
      circle(5, 4.35, 3.1, { fill: '#d3d6d9', stroke: material.leadEdge, strokeWidth: 0.12 }),
      path('M6.6 1.7A3.1 3.1 0 0 1 6.6 7Z', { fill: '#26303a' }),
      text(4.2, 4.3, print, Math.min(1.3, 5 / Math.max(print.length, 4)), '#26303a', true),
      text(4.2, 5.7, volt, 1.1, '#26303a'),
      text(1.2, 9, '+', 1.8, material.plus, true),
      text(8.8, 8.8, '−', 1.8, material.minus, true),
    ],
  };
}

export function drawSurfaceCanMark(): Drawing {
  return boardPatch(11, 8, [
    rect(0.7, 3.2, 2.2, 1.6, { fill: material.pad }),
    rect(8.1, 3.2, 2.2, 1.6, { fill: material.pad }),
    path('M2.4 0.8H9V2.6M9 5.4V7.2H2.4L1.4 6.2V5.4M1.4 2.6V1.8L2.4 0.8', silkLine),
    text(1.2, 2.4, '+', 1.8, material.silk, true),
  ]);
}

/** A moulded tantalum capacitor from above: the bar is plus. */
export function drawMouldedTantalum(print: string): Drawing {
  return {
    widthMm: 5.6,
    heightMm: 4.6,
    shapes: [
      rect(0.5, 1.3, 0.8, 1.2, tin),
      rect(4.3, 1.3, 0.8, 1.2, tin),
      rect(1, 0.6, 3.6, 2.6, { fill: '#d9a63c', stroke: '#6b4b10', strokeWidth: 0.08 }),
      rect(1.1, 0.6, 0.7, 2.6, { fill: '#5b3608' }),
      text(3.2, 2.2, print, Math.min(0.9, 2.6 / Math.max(print.length, 3)), '#2c1c07', true),
      text(1.4, 4.3, '+', 1.3, material.plus, true),
    ],
  };
}

export function drawMouldedTantalumMark(): Drawing {
  return boardPatch(6.6, 4, [
    rect(0.7, 1.2, 1.4, 1.6, { fill: material.pad }),
    rect(4.5, 1.2, 1.4, 1.6, { fill: material.pad }),
    path('M0.45 0.7V3.3', { stroke: material.silk, strokeWidth: 0.3 }),
    path('M1 0.5H5.6M1 3.5H5.6', { ...silkLine, strokeWidth: 0.14 }),
    text(2.8, 2.5, '+', 1.4, material.silk, true),
  ]);
}

/** SOT-223 from above: a broad side, three legs opposite. */
export function drawSot223(print: string): Drawing {
  return {
    widthMm: 8,
    heightMm: 8.4,
    shapes: [
      rect(2.4, 0.6, 3.2, 1.8, tin),
      ...[1.3, 3.6, 5.9].map((x) => rect(x, 5.8, 0.8, 1.8, tin)),
      rect(0.75, 2.2, 6.5, 3.7, {
        fill: material.black,
        stroke: material.blackEdge,
        strokeWidth: 0.1,
      }),
      text(4, 4.5, print, Math.min(1.2, 8 / Math.max(print.length, 5)), material.print),
    ],
  };
}
