import {
  boardPatch,
  circle,
  type Drawing,
  material,
  path,
  rect,
  type Shape,
  silkLine,
  text,
} from './drawing.ts';

// Surface parts from above, as they lie in the tweezers. Sizes: 0805 chips 2.0 x 1.25 mm, MELF 3.5 x 1.4 mm,
// SOT-23 2.9 x 1.3 mm, SOD-123 2.7 x 1.6 mm, all from memory of the JEDEC and IEC outlines.

const tin = { fill: material.tin, stroke: material.leadEdge, strokeWidth: 0.05 } as const;

/** A two-ended chip part: metal caps, a body between them, and its print if it has one. */
export function drawChipPart(
  { lengthMm, widthMm }: { readonly lengthMm: number; readonly widthMm: number },
  body: string,
  print = '',
  ink: string = material.print,
): Drawing {
  const [x, y] = [0.6, 0.55];
  const cap = lengthMm * 0.2;
  const size = Math.min(widthMm * 0.46, (lengthMm * 0.9) / Math.max(print.length, 3));
  return {
    widthMm: lengthMm + 2 * x,
    heightMm: widthMm + 2 * y,
    shapes: [
      rect(x, y, lengthMm, widthMm, { ...tin, radius: 0.08 }),
      rect(x + cap, y, lengthMm - 2 * cap, widthMm, {
        fill: body,
        stroke: material.blackEdge,
        strokeWidth: 0.04,
      }),
      ...(print === ''
        ? []
        : [text(x + lengthMm / 2, y + widthMm / 2 + size * 0.36, print, size, ink, true)]),
    ],
  };
}

/** A wound chip inductor: a dark block between its caps, with a shine of wire. */
export function drawChipInductor(print: string): Drawing {
  return {
    widthMm: 3.6,
    heightMm: 2.8,
    shapes: [
      rect(0.5, 0.5, 2.6, 1.8, { ...tin, radius: 0.1 }),
      rect(0.85, 0.4, 1.9, 2, {
        fill: '#4a4d52',
        stroke: material.blackEdge,
        strokeWidth: 0.05,
        radius: 0.3,
      }),
      text(1.8, 1.65, print, Math.min(0.62, 2 / Math.max(print.length, 3)), material.print, true),
    ],
  };
}

/** A chip LED from above: clear lens, green mark at the cathode; the arrow underneath points there too. */
export function drawChipLed(lens: string): Drawing {
  return {
    widthMm: 3.8,
    heightMm: 3,
    shapes: [
      rect(0.6, 0.6, 2.2, 1.4, { fill: '#f1ead7', stroke: material.edge, strokeWidth: 0.06 }),
      rect(0.6, 0.6, 0.4, 1.4, tin),
      rect(2.4, 0.6, 0.4, 1.4, tin),
      rect(1.1, 0.7, 1.2, 1.2, {
        fill: lens,
        stroke: material.edge,
        strokeWidth: 0.05,
        radius: 0.15,
      }),
      path('M2.12 0.7H2.3V1.9H2.12Z', { fill: '#1f8a45' }),
      text(2.6, 2.8, 'K', 0.75, material.minus, true),
      path('M2.2 1.98V2.24', { stroke: material.edge, strokeWidth: 0.06 }),
    ],
  };
}

/** Two pads with a line at the cathode. */
export function drawSurfaceDiodeMark(): Drawing {
  return boardPatch(4.6, 3, [
    ...chipPads(4.6, 3),
    path('M1 0.5H3.6M1 2.5H3.6', { ...silkLine, strokeWidth: 0.14 }),
    path('M3.95 0.5V2.5', { stroke: material.silk, strokeWidth: 0.24 }),
  ]);
}

function chipPads(width: number, height: number): Shape[] {
  const y = height / 2 - 0.65;
  return [
    rect(0.5, y, 1, 1.3, { fill: material.pad }),
    rect(width - 1.5, y, 1, 1.3, { fill: material.pad }),
  ];
}

/** A glass MELF diode: a round rod with metal ends and a band at the cathode. */
export function drawMelf(): Drawing {
  return {
    widthMm: 4.7,
    heightMm: 3.2,
    shapes: [
      rect(0.6, 0.6, 3.5, 1.4, { ...tin, radius: 0.18 }),
      rect(1.1, 0.6, 2.5, 1.4, { fill: material.glass, stroke: material.edge, strokeWidth: 0.05 }),
      rect(2.9, 0.6, 0.4, 1.4, { fill: material.black }),
      path('M1.2 0.85H3.5', { stroke: '#ffffff88', strokeWidth: 0.16 }),
      path('M3.1 2.05V2.3', { stroke: material.edge, strokeWidth: 0.06 }),
      text(3.1, 3, 'K', 0.8, material.minus, true),
    ],
  };
}

/** A moulded chip diode with two flat legs and a band at the cathode. */
export function drawChipDiode(print: string): Drawing {
  return {
    widthMm: 4.8,
    heightMm: 3.2,
    shapes: [
      rect(0.4, 1.05, 4, 0.5, tin),
      rect(1, 0.5, 2.8, 1.6, {
        fill: material.black,
        stroke: material.blackEdge,
        strokeWidth: 0.06,
        radius: 0.08,
      }),
      rect(3.1, 0.5, 0.4, 1.6, { fill: '#d5d7d9' }),
      text(2.05, 1.55, print, Math.min(0.6, 2.1 / Math.max(print.length, 3)), material.print),
      path('M3.3 2.15V2.4', { stroke: material.edge, strokeWidth: 0.06 }),
      text(3.3, 3.05, 'K', 0.75, material.minus, true),
    ],
  };
}

/** SOT-23 from above: two legs below, one above. */
export function drawSot23(print: string): Drawing {
  return {
    widthMm: 4,
    heightMm: 3.6,
    shapes: [
      rect(1.8, 0.5, 0.4, 0.8, tin),
      ...[0.85, 2.75].map((x) => rect(x, 2.4, 0.4, 0.8, tin)),
      rect(0.55, 1.1, 2.9, 1.4, {
        fill: material.black,
        stroke: material.blackEdge,
        strokeWidth: 0.06,
        radius: 0.1,
      }),
      text(2, 2.05, print, Math.min(0.72, 2.6 / Math.max(print.length, 3)), material.print),
    ],
  };
}

/** The three pads can be met in one way only. */
export function drawSot23Mark(): Drawing {
  return boardPatch(4.4, 4.2, [
    rect(1.8, 0.5, 0.8, 1, { fill: material.pad }),
    rect(0.85, 2.7, 0.8, 1, { fill: material.pad }),
    rect(2.75, 2.7, 0.8, 1, { fill: material.pad }),
    path('M0.7 1.5H1.5M2.9 1.5H3.7', { ...silkLine, strokeWidth: 0.16 }),
  ]);
}

const soPitch = 1.27;
const soLength = (pins: number) => (pins / 2) * soPitch + 0.3;

/** An SO chip from above, bevelled side and dot at pin 1, bottom left. */
export function drawSoChip(pins: number, print: string): Drawing {
  const length = soLength(pins);
  const width = length + 1.2;
  const columns = Array.from({ length: pins / 2 }, (_, index) => 0.75 + (index + 0.5) * soPitch);
  return {
    widthMm: width,
    heightMm: 7.2,
    shapes: [
      ...columns.flatMap((x) => [0.6, 5.5].map((y) => rect(x - 0.22, y, 0.44, 1.1, tin))),
      rect(0.6, 1.6, length, 4, {
        fill: material.black,
        stroke: material.blackEdge,
        strokeWidth: 0.1,
      }),
      path(`M0.6 5.1H${0.6 + length}`, { stroke: '#55555a', strokeWidth: 0.1 }),
      circle(1.25, 4.6, 0.26, { fill: '#8a8a8c' }),
      text(
        0.6 + length / 2,
        3.7,
        print,
        Math.min(1.3, (length * 1.4) / Math.max(print.length, 4)),
        material.print,
      ),
    ],
  };
}

export function drawSoMark(pins: number): Drawing {
  const length = soLength(pins);
  const columns = Array.from({ length: pins / 2 }, (_, index) => 1.15 + (index + 0.5) * soPitch);
  return boardPatch(length + 2, 8, [
    ...columns.flatMap((x) =>
      [0.6, 5.9].map((y) => rect(x - 0.3, y, 0.6, 1.5, { fill: material.pad })),
    ),
    path(`M1 2.4H${1 + length}V5.6H1V4.6A0.6 0.6 0 0 0 1 3.4Z`, { ...silkLine, strokeWidth: 0.18 }),
    circle(0.45, 6.6, 0.25, { fill: material.silk }),
  ]);
}

/** A small push button for the surface, from above: four flat legs. */
export function drawChipSwitch(): Drawing {
  return {
    widthMm: 8.4,
    heightMm: 6.4,
    shapes: [
      ...[1.2, 4.4].flatMap((y) => [rect(0.4, y, 1.4, 0.7, tin), rect(6.6, y, 1.4, 0.7, tin)]),
      rect(1.6, 0.6, 5.2, 5.2, {
        fill: material.black,
        stroke: material.blackEdge,
        strokeWidth: 0.1,
        radius: 0.3,
      }),
      rect(2, 1, 4.4, 4.4, { fill: material.tin, radius: 0.3 }),
      circle(4.2, 3.2, 1.3, { fill: '#d7b13f', stroke: material.edge, strokeWidth: 0.1 }),
    ],
  };
}
