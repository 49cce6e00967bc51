import {
  boardPatch,
  type Drawing,
  lead,
  material,
  pad,
  path,
  rect,
  silkLine,
  text,
} from './drawing.ts';

/** A diode lying on the mat; the band is the cathode. Small signal types are glass, rectifiers black epoxy. */
export function drawDiode(print: string, body: 'glass' | 'epoxy'): Drawing {
  const fill = body === 'glass' ? material.glass : material.black;
  const band = body === 'glass' ? material.black : '#d5d7d9';
  const ink = body === 'glass' ? '#2c1608' : material.print;
  return {
    widthMm: 14,
    heightMm: 5.6,
    shapes: [
      ...lead('M0.4 2H13.6'),
      rect(4.4, 0.8, 5.2, 2.4, { fill, stroke: material.edge, strokeWidth: 0.16, radius: 0.5 }),
      rect(8.1, 0.8, 0.8, 2.4, { fill: band }),
      text(6.3, 2.4, print, Math.min(1.1, 5.4 / Math.max(print.length, 4)), ink),
      path('M8.5 3.5V4.1', { stroke: material.edge, strokeWidth: 0.2 }),
      text(8.5, 5.4, 'K', 1.5, material.minus, true),
    ],
  };
}

/** The line printed on the board lies under the band. */
export function drawDiodeMark(): Drawing {
  return boardPatch(14, 5.6, [
    rect(4, 1.5, 6, 2.6, silkLine),
    path('M9 1.5V4.1', { stroke: material.silk, strokeWidth: 0.6 }),
    path('M2.6 2.8H4M10 2.8H11.4', silkLine),
    ...pad(1.7, 2.8),
    ...pad(12.3, 2.8, true),
  ]);
}
