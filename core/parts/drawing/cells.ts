import { circle, type Drawing, material, path, rect, text } from './drawing.ts';

const metal = { fill: '#d3d6d9', stroke: material.leadEdge, strokeWidth: 0.25 } as const;

/** A coin cell, its broad flat face to the reader: that face is plus. */
export function drawCoinCell(print: string): Drawing {
  return {
    widthMm: 24,
    heightMm: 24,
    shapes: [
      circle(12, 12, 10, metal),
      circle(12, 12, 9, { stroke: '#a7abaf', strokeWidth: 0.25 }),
      text(12, 8.6, '+', 5, material.plus, true),
      text(12, 15, print || 'CR', 3, '#3c4044', true),
      path('M1.6 20.6A12 12 0 0 0 22.4 20.6L21.6 19.4A10.6 10.6 0 0 1 2.4 19.4Z', {
        fill: '#8f9498',
      }),
      text(20.8, 23.2, '−', 3.2, material.minus, true),
    ],
  };
}

/** A block of 9 V from above and in front: the small round snap is plus, the wider crown is minus. */
export function drawBlock9V(): Drawing {
  return {
    widthMm: 28,
    heightMm: 34,
    shapes: [
      rect(2, 7, 24, 25, { fill: '#2f3437', stroke: material.edge, strokeWidth: 0.3, radius: 1 }),
      rect(2, 18, 24, 8, { fill: '#b98a3e' }),
      circle(9, 5, 2.4, metal),
      circle(9, 5, 1, { fill: '#9ba0a4' }),
      path('M15.6 5L16.6 2.2L19 1.2L21.4 2.2L22.4 5L21.4 7.8H16.6Z', metal),
      circle(19, 5, 1.8, { fill: '#9ba0a4' }),
      text(9, 13.4, '+', 5, '#f2ece0', true),
      text(19, 13.4, '−', 5, '#f2ece0', true),
      text(14, 23.6, '9 V', 4.4, '#1c120a', true),
    ],
  };
}

/** One round cell with its nub, which is plus, and its flat end. */
export function drawRoundCell(print: string): Drawing {
  return {
    widthMm: 32,
    heightMm: 10,
    shapes: [
      rect(28.6, 3.4, 1.8, 3.2, { ...metal, radius: 0.4 }),
      rect(1, 1, 27.6, 8, {
        fill: '#3b5d70',
        stroke: material.edge,
        strokeWidth: 0.25,
        radius: 0.9,
      }),
      path('M21 1H27.7A0.9 0.9 0 0 1 28.6 1.9V8.1A0.9 0.9 0 0 1 27.7 9H21Z', { fill: '#c9a14a' }),
      text(25, 6.5, '+', 4.2, '#1c120a', true),
      text(4, 6.3, '−', 4.2, material.print, true),
      text(13.4, 6.2, print.slice(0, 8), 3, material.print),
    ],
  };
}

/** A lithium cell with its plug: a pouch with two wires. */
export function drawLithium(print: string): Drawing {
  return {
    widthMm: 34,
    heightMm: 20,
    shapes: [
      path('M24 7C28 7 28 5 31 5', { stroke: '#b8281c', strokeWidth: 0.9 }),
      path('M24 11C28 11 28 9 31 9', { stroke: '#19191b', strokeWidth: 0.9 }),
      rect(30, 3.6, 3.4, 6.8, { fill: '#ece7da', stroke: material.edge, strokeWidth: 0.2 }),
      rect(1, 2, 23, 16, {
        fill: '#c4c9cd',
        stroke: material.edge,
        strokeWidth: 0.25,
        radius: 1.2,
      }),
      rect(20.6, 2, 3.4, 16, { fill: '#d9b24a' }),
      text(
        10.8,
        11.2,
        print || 'Li',
        Math.min(3.4, 24 / Math.max(print.length, 5)),
        '#2c2f32',
        true,
      ),
    ],
  };
}

/** A solar cell from above: dark panes between fine silver lines, and its two wires. */
export function drawSolarCell(): Drawing {
  const line = { stroke: '#b9c3d0', strokeWidth: 0.2 } as const;
  return {
    widthMm: 36,
    heightMm: 30,
    shapes: [
      path('M7 22V29', { stroke: material.plus, strokeWidth: 1 }),
      path('M29 22V29', { stroke: '#1d1d1f', strokeWidth: 1 }),
      rect(1, 1, 34, 22, { fill: '#1f3358', stroke: material.edge, strokeWidth: 0.4, radius: 0.6 }),
      ...[12, 18, 24].map((x) => path(`M${x} 2V22`, { stroke: '#d7dde4', strokeWidth: 0.5 })),
      ...[4.5, 8, 11.5, 15, 18.5].map((y) => path(`M2 ${y}H34`, line)),
      text(7, 22, '+', 4, '#f2ece0', true),
      text(29, 22, '−', 4, '#f2ece0', true),
    ],
  };
}
