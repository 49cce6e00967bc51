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

// Coils, transformers, and other bodies with a few legs.

/** A choke on two legs: a drum in a sleeve. */
export function drawRadialChoke(print: string): Drawing {
  return {
    widthMm: 11,
    heightMm: 18,
    shapes: [
      ...lead('M3.6 9V17.5'),
      ...lead('M7.4 9V17.5'),
      rect(1.4, 1, 8.2, 8.6, {
        fill: '#242426',
        stroke: material.blackEdge,
        strokeWidth: 0.2,
        radius: 1.4,
      }),
      rect(2, 0.8, 7, 1.2, { fill: '#4a4d52', radius: 0.5 }),
      text(5.5, 6.6, print, Math.min(2.2, 9 / Math.max(print.length, 3)), '#e6e2d6', true),
    ],
  };
}

export function drawTransformer(): Drawing {
  return {
    widthMm: 24,
    heightMm: 24,
    shapes: [
      ...[5, 9, 15, 19].flatMap((x) => lead(`M${x} 19V23.5`)),
      rect(1, 1, 22, 18, { fill: '#6b6f73', stroke: material.edge, strokeWidth: 0.25 }),
      rect(5, 4, 14, 12, { fill: '#c98b3c', stroke: '#6b4415', strokeWidth: 0.2 }),
      path('M5 7H19M5 10H19M5 13H19', { stroke: '#8c5a22', strokeWidth: 0.4 }),
    ],
  };
}

export function drawTransformerMark(): Drawing {
  return boardPatch(22, 18, [
    rect(1.4, 1.4, 19.2, 15.2, silkLine),
    ...pad(4, 3.6, true),
    ...pad(18, 3.6),
    ...pad(4, 14.4),
    ...pad(18, 14.4),
    circle(6.6, 3.6, 0.4, { fill: material.silk }),
  ]);
}

/** A varistor: a coloured disc with its voltage code. */
export function drawVaristor(print: string): Drawing {
  return {
    widthMm: 12,
    heightMm: 17,
    shapes: [
      ...lead('M3.6 8V16.5'),
      ...lead('M8.4 8V16.5'),
      circle(6, 5.2, 4.4, { fill: '#2f62a8', stroke: '#17325a', strokeWidth: 0.2 }),
      text(6, 6, print || 'V', Math.min(2, 9 / Math.max(print.length, 4)), '#f0ede4', true),
    ],
  };
}

/** A resettable fuse: a flat amber disc on kinked leads, with its current. */
export function drawResettableFuse(print: string): Drawing {
  return {
    widthMm: 12,
    heightMm: 19,
    shapes: [
      ...lead('M3.6 8V11.5L3 12.4V18.5'),
      ...lead('M8.4 8V11.5L9 12.4V18.5'),
      circle(6, 5.2, 4.4, { fill: '#d9a441', stroke: '#7d5a1b', strokeWidth: 0.2 }),
      text(6, 6, print || 'F', Math.min(2, 9 / Math.max(print.length, 4)), '#2b1d08', true),
    ],
  };
}

/** A trimmer capacitor from above: a screw slot in a coloured ring. */
export function drawTrimmerCapacitor(): Drawing {
  return {
    widthMm: 11,
    heightMm: 14,
    shapes: [
      ...lead('M3.4 8V13.5'),
      ...lead('M7.6 8V13.5'),
      circle(5.5, 5, 4, { fill: '#4f9a6b', stroke: '#1f4d31', strokeWidth: 0.25 }),
      path('M1.5 5A4 4 0 0 1 9.5 5Z', { fill: '#d9d2c2' }),
      circle(5.5, 5, 1.8, { fill: material.tin, stroke: material.leadEdge, strokeWidth: 0.2 }),
      path('M4 5H7', { stroke: material.edge, strokeWidth: 0.6 }),
    ],
  };
}

/** A round bridge from above: the longest lead is plus, the letters are printed beside the leads. */
export function drawBridge(print: string): Drawing {
  return {
    widthMm: 14,
    heightMm: 20,
    shapes: [
      ...lead('M3.2 8V15'),
      ...lead('M5.8 8V15'),
      ...lead('M8.4 8V15'),
      ...lead('M11 8V19.5'),
      circle(7, 5.6, 5, { fill: '#26262a', stroke: material.blackEdge, strokeWidth: 0.25 }),
      text(3.6, 6.4, '−', 2.4, material.print, true),
      text(6, 3.2, '~', 2.4, material.print, true),
      text(8.2, 9.8, '~', 2.4, material.print, true),
      text(10.4, 6.4, '+', 2.4, material.print, true),
      text(7, 6.2, print, Math.min(1.5, 6 / Math.max(print.length, 4)), material.print),
    ],
  };
}

export function drawBridgeMark(): Drawing {
  return boardPatch(13, 13, [
    circle(6.5, 6.5, 5.2, silkLine),
    ...pad(4, 4, true),
    ...pad(9, 4),
    ...pad(4, 9),
    ...pad(9, 9),
    text(2.4, 3.4, '+', 2.2, material.silk, true),
    text(10.6, 11, '−', 2.2, material.silk, true),
    text(10.6, 3.4, '~', 2.2, material.silk, true),
    text(2.4, 11, '~', 2.2, material.silk, true),
  ]);
}

/** A transistor in a metal can, its leads to the reader: the tab of the rim is beside the emitter. */
export function drawCanTransistor(print: string): Drawing {
  return {
    widthMm: 12,
    heightMm: 18,
    shapes: [
      ...lead('M4 7V17.5'),
      ...lead('M6 7V17.5'),
      ...lead('M8 7V17.5'),
      path('M2 6.4H10V7.4H2ZM0.8 6.4H2.4V7.4H0.8Z', {
        fill: '#b3b8bc',
        stroke: material.leadEdge,
        strokeWidth: 0.15,
      }),
      path('M2.6 6.4V2.2A1.2 1.2 0 0 1 3.8 1H8.2A1.2 1.2 0 0 1 9.4 2.2V6.4Z', {
        fill: '#cfd3d6',
        stroke: material.leadEdge,
        strokeWidth: 0.2,
      }),
      text(6, 4.4, print, Math.min(1.5, 7 / Math.max(print.length, 4)), '#33373b'),
    ],
  };
}

export function drawCanTransistorMark(): Drawing {
  return boardPatch(11, 10, [
    circle(5.5, 5, 3.6, silkLine),
    path('M2.4 3.1L1.2 1.9L2.1 1L3.3 2.2', silkLine),
    ...pad(3.6, 5, true),
    ...pad(5.5, 6.6),
    ...pad(7.4, 5),
  ]);
}

/** A power chip: a tab with a hole and a row of legs. */
export function drawPowerChip(print: string, pins: number): Drawing {
  const count = Math.min(Math.max(pins, 5), 15);
  const pitch = count > 5 ? 1 : 1.7;
  const width = Math.max(10, count * pitch + 2);
  const first = 1 + (width - (count - 1) * pitch) / 2;
  return {
    widthMm: width + 2,
    heightMm: 26,
    shapes: [
      ...Array.from({ length: count }, (_, index) =>
        lead(`M${first + index * pitch} 16V25.5`),
      ).flat(),
      rect(1, 1, width, 7, { fill: material.tin, stroke: material.leadEdge, strokeWidth: 0.2 }),
      circle(1 + width / 2, 4, 1.9, {
        fill: '#f3ead8',
        stroke: material.leadEdge,
        strokeWidth: 0.2,
      }),
      rect(1, 7.4, width, 9, {
        fill: material.black,
        stroke: material.blackEdge,
        strokeWidth: 0.2,
      }),
      text(
        1 + width / 2,
        12.6,
        print,
        Math.min(2, (width * 1.5) / Math.max(print.length, 5)),
        material.print,
      ),
    ],
  };
}

export function drawPowerChipMark(): Drawing {
  return boardPatch(13, 8, [
    rect(1.2, 1.6, 10.6, 4.6, silkLine),
    path('M1.2 2.6H11.8', silkLine),
    ...[2.9, 4.7, 6.5, 8.3, 10.1].flatMap((x, index) => pad(x, 4.6, index === 0)),
  ]);
}

/** A chip with one row of legs: a dot, or a cut corner, at pin 1. */
export function drawRowChip(print: string, pins: number): Drawing {
  const count = Math.min(Math.max(pins, 3), 12);
  const width = count * 2.54;
  return {
    widthMm: width + 2,
    heightMm: 13,
    shapes: [
      ...Array.from({ length: count }, (_, index) =>
        lead(`M${1 + (index + 0.5) * 2.54} 7.4V12.5`),
      ).flat(),
      path(`M1 1H${1 + width}V7.6H2.4L1 6.2Z`, {
        fill: '#35353a',
        stroke: material.blackEdge,
        strokeWidth: 0.2,
      }),
      text(
        1 + width / 2,
        4.8,
        print,
        Math.min(2, width / Math.max(print.length, 5)),
        material.print,
        true,
      ),
    ],
  };
}

export function drawRowChipMark(): Drawing {
  return boardPatch(16, 5.4, [
    path('M1 0.8H15V4.6H1.8L1 3.8Z', silkLine),
    ...[2.4, 4.94, 7.48, 10.02, 12.56].flatMap((x, index) => pad(x, 2.7, index === 0)),
  ]);
}
