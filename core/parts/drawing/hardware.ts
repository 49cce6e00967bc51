import type { HolderCells } from '../holderCells.ts';
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

export function drawSlideSwitch(): Drawing {
  return {
    widthMm: 14,
    heightMm: 13,
    shapes: [
      ...[4.5, 7, 9.5].flatMap((x) => lead(`M${x} 8V12.5`)),
      rect(1.6, 3.6, 10.8, 5, {
        fill: material.tin,
        stroke: material.leadEdge,
        strokeWidth: 0.2,
        radius: 0.3,
      }),
      rect(3.6, 4.9, 6.8, 2.2, { fill: '#3b3b3e', radius: 0.2 }),
      rect(3.9, 1, 2.8, 5.4, {
        fill: material.black,
        stroke: material.blackEdge,
        strokeWidth: 0.15,
        radius: 0.25,
      }),
    ],
  };
}

export function drawPushButton(): Drawing {
  return {
    widthMm: 11,
    heightMm: 11,
    shapes: [
      ...[2.2, 7.4].flatMap((y) => [
        rect(0.6, y, 2.2, 0.9, { fill: material.tin, stroke: material.leadEdge, strokeWidth: 0.1 }),
        rect(8.2, y, 2.2, 0.9, { fill: material.tin, stroke: material.leadEdge, strokeWidth: 0.1 }),
      ]),
      rect(2.3, 2, 6.4, 6.6, {
        fill: material.tin,
        stroke: material.leadEdge,
        strokeWidth: 0.2,
        radius: 0.4,
      }),
      circle(5.5, 5.3, 2, { fill: material.black }),
    ],
  };
}

/** A screw terminal from the front: the wire openings must face outwards. */
export function drawTerminalBlock(ways: number): Drawing {
  const width = ways * 5.08;
  const middles = Array.from({ length: ways }, (_, index) => 1.5 + (index + 0.5) * 5.08);
  return {
    widthMm: width + 3,
    heightMm: 16,
    shapes: [
      ...middles.flatMap((x) => lead(`M${x} 10V15.5`)),
      rect(1.5, 1.5, width, 9.5, {
        fill: '#2f7d4f',
        stroke: material.boardEdge,
        strokeWidth: 0.2,
        radius: 0.3,
      }),
      ...middles.flatMap((x) => [
        circle(x, 3.8, 1.5, { fill: material.tin, stroke: material.leadEdge, strokeWidth: 0.15 }),
        path(`M${x - 1} 3.8H${x + 1}`, { stroke: material.edge, strokeWidth: 0.35 }),
        rect(x - 1.5, 6.3, 3, 3.4, { fill: '#123d25', radius: 0.2 }),
        rect(x - 1, 6.9, 2, 2.2, { fill: material.tin }),
      ]),
    ],
  };
}

/** The double line is the side of the openings, at the edge of the board. */
export function drawTerminalMark(ways: number): Drawing {
  const width = ways * 5.08;
  return boardPatch(width + 3, 10, [
    rect(1.5, 1.2, width, 7, silkLine),
    path(`M1.5 7.2H${1.5 + width}`, silkLine),
    ...Array.from({ length: ways }, (_, index) =>
      pad(1.5 + (index + 0.5) * 5.08, 4.2, index === 0),
    ).flat(),
    ...(ways === 2
      ? [
          text(1.5 + 2.54, 2.9, '+', 2, material.silk, true),
          text(1.5 + 7.62, 2.9, '−', 2, material.silk, true),
        ]
      : []),
  ]);
}

export function drawPinHeader(pins: number): Drawing {
  const shown = Math.min(pins, 10);
  const middles = Array.from({ length: shown }, (_, index) => 1 + (index + 0.5) * 2.54);
  return {
    widthMm: shown * 2.54 + 2,
    heightMm: 13,
    shapes: [
      ...middles.map((x) => rect(x - 0.32, 0.6, 0.64, 11.8, { fill: material.brass })),
      rect(1, 6.6, shown * 2.54, 2.5, {
        fill: material.black,
        stroke: material.blackEdge,
        strokeWidth: 0.15,
      }),
    ],
  };
}

/** A piezo buzzer from above: the long pin and the plus on the lid. */
export function drawBuzzer(): Drawing {
  return {
    widthMm: 15,
    heightMm: 15,
    shapes: [
      circle(7.5, 7.5, 6.4, {
        fill: material.black,
        stroke: material.blackEdge,
        strokeWidth: 0.25,
      }),
      circle(7.5, 7.5, 5.4, { stroke: '#4b4b4e', strokeWidth: 0.2 }),
      circle(7.5, 7.5, 1.1, { fill: '#0a0a0b' }),
      text(3.6, 8.5, '+', 3, material.print, true),
    ],
  };
}

/** A piezo disc: a silver middle on a brass rim, and two thin wires. */
export function drawPiezoDisc(): Drawing {
  const joint = { fill: material.tin, stroke: '#6d7278', strokeWidth: 0.2 } as const;
  return {
    widthMm: 20,
    heightMm: 24,
    shapes: [
      circle(10, 9.5, 9, { fill: '#c9a14a', stroke: '#7d6121', strokeWidth: 0.25 }),
      circle(10, 9.5, 6.4, { fill: '#e3e5e8', stroke: '#8b9096', strokeWidth: 0.2 }),
      circle(10.6, 13.6, 1, joint),
      circle(4.6, 15.2, 1, joint),
      path('M10.6 13.6C12.6 17 12.6 20 12.6 24', { stroke: material.plus, strokeWidth: 0.7 }),
      path('M4.6 15.2C5 19 7 21 7.6 24', { stroke: '#1d1d1f', strokeWidth: 0.7 }),
    ],
  };
}

export function drawBuzzerMark(): Drawing {
  return boardPatch(15, 12, [
    circle(7.5, 6, 5.2, silkLine),
    ...pad(4.6, 6, true),
    ...pad(10.4, 6),
    text(4.6, 3.9, '+', 2.4, material.silk, true),
  ]);
}

export function drawTrimmer(print: string): Drawing {
  return {
    widthMm: 12,
    heightMm: 13,
    shapes: [
      ...[3.5, 6, 8.5].flatMap((x) => lead(`M${x} 8V12.5`)),
      rect(2, 1.2, 8, 7.6, { fill: '#3c68b0', stroke: '#1c355f', strokeWidth: 0.2, radius: 0.4 }),
      circle(6, 4.4, 2.4, { fill: '#eef0f2', stroke: '#8c9298', strokeWidth: 0.15 }),
      path('M4.4 4.4H7.6M6 2.8V6', { stroke: '#4a4f55', strokeWidth: 0.5 }),
      text(6, 8.2, print, 1.4, '#f4f6fa', true),
    ],
  };
}

/** The three holes in a triangle allow one way only. */
export function drawTrimmerMark(): Drawing {
  return boardPatch(11, 9, [
    rect(1.5, 1, 8, 7, silkLine),
    ...pad(3, 6.4, true),
    ...pad(8, 6.4),
    ...pad(5.5, 2.8),
  ]);
}

/** Two cells side by side, seen from above, red lead and black lead. */
/** The troughs of a holder, head to tail; red wire at plus, black at minus. */
export function drawBatteryHolder(cells: Pick<HolderCells, 'count' | 'abreast'>): Drawing {
  const columns = Math.ceil(cells.count / cells.abreast);
  const trough = { long: 27.2, high: 6.6, apart: 7.8 } as const;
  const width = columns * trough.long + 2.8;
  const height = cells.abreast * trough.apart + 1.4;
  const spring = (x: number, y: number) =>
    path(`M${x} ${y}l0.8 -1.2l0.8 2.4l0.8 -2.4l0.8 2.4l0.5 -1.2`, {
      stroke: material.leadEdge,
      strokeWidth: 0.35,
    });
  const bed = (index: number) => {
    const row = index % cells.abreast;
    const x = 2.4 + Math.floor(index / cells.abreast) * trough.long;
    const y = 2.8 + row * trough.apart;
    const middle = y + trough.high / 2;
    const isTurned = row % 2 === 1;
    return [
      rect(x, y, trough.long, trough.high, { fill: '#4a4a4e', radius: 0.6 }),
      spring(isTurned ? x + 23.2 : x + 0.2, middle),
      text(isTurned ? x + 2.6 : x + 25, middle + 1.3, '+', 3.4, material.print, true),
      circle(x + 13.6, middle, 1, { fill: '#141416' }),
    ];
  };
  const right = 1 + width;
  const [upper, lower] = [1.5 + height / 4, 1.5 + (3 * height) / 4];
  return {
    widthMm: right + 3,
    heightMm: height + 3,
    shapes: [
      path(
        `M${right} ${upper}C${right + 2} ${upper} ${right} ${upper - 2.6} ${right + 2.6} ${upper - 2.6}`,
        {
          stroke: '#b8281c',
          strokeWidth: 0.8,
        },
      ),
      path(
        `M${right} ${lower}C${right + 2} ${lower} ${right} ${lower + 2.6} ${right + 2.6} ${lower + 2.6}`,
        {
          stroke: '#19191b',
          strokeWidth: 0.8,
        },
      ),
      rect(1, 1.5, width, height, {
        fill: material.black,
        stroke: material.blackEdge,
        strokeWidth: 0.3,
        radius: 0.8,
      }),
      ...Array.from({ length: cells.count }, (_, index) => bed(index)).flat(),
    ],
  };
}

export function drawHolderMark(): Drawing {
  return boardPatch(16, 10, [
    rect(1.2, 1, 10, 8, silkLine),
    ...pad(13.4, 3, true),
    ...pad(13.4, 7),
    text(9.4, 4, '+', 2.4, material.silk, true),
    text(9.4, 7.9, '−', 2.4, material.silk, true),
  ]);
}

/** One round cell: the cap is plus. */
export function drawBattery(): Drawing {
  return {
    widthMm: 30,
    heightMm: 10,
    shapes: [
      rect(27, 3.4, 1.8, 3.2, {
        fill: material.tin,
        stroke: material.leadEdge,
        strokeWidth: 0.2,
        radius: 0.4,
      }),
      rect(1, 1, 26, 8, { fill: '#465a4e', stroke: material.edge, strokeWidth: 0.25, radius: 0.9 }),
      path('M20 1H26.1A0.9 0.9 0 0 1 27 1.9V8.1A0.9 0.9 0 0 1 26.1 9H20Z', { fill: '#c47a3d' }),
      text(23.6, 6.4, '+', 4, '#1c120a', true),
      text(4, 6.2, '−', 4, material.print, true),
    ],
  };
}

export function drawScrew(): Drawing {
  return {
    widthMm: 12,
    heightMm: 6,
    shapes: [
      path('M1.2 3C1.2 1.6 2.2 0.8 3.4 0.8V5.2C2.2 5.2 1.2 4.4 1.2 3Z', {
        fill: material.tin,
        stroke: material.leadEdge,
        strokeWidth: 0.2,
      }),
      rect(3.4, 2, 7.4, 2, { fill: material.lead, stroke: material.leadEdge, strokeWidth: 0.15 }),
      path('M4.2 2l0.5 2M5.2 2l0.5 2M6.2 2l0.5 2M7.2 2l0.5 2M8.2 2l0.5 2M9.2 2l0.5 2', {
        stroke: material.leadEdge,
        strokeWidth: 0.18,
      }),
      path('M1.5 3H3', { stroke: material.edge, strokeWidth: 0.35 }),
    ],
  };
}

export function drawWireLink(): Drawing {
  return { widthMm: 12, heightMm: 6, shapes: lead('M2 5.5V1.5H10V5.5') };
}

/** A pair of insulated wires with bare ends. */
export function drawWires(): Drawing {
  const wire = (y: number, colour: string) => [
    ...lead(`M0.5 ${y}H3`),
    path(`M2.6 ${y}C8 ${y} 8 ${y + 1.4} 13 ${y + 0.7}S18 ${y} 19.4 ${y}`, {
      stroke: colour,
      strokeWidth: 1.1,
    }),
    ...lead(`M19 ${y}H21.5`),
  ];
  return { widthMm: 22, heightMm: 7, shapes: [...wire(1.6, '#b8281c'), ...wire(4.4, '#19191b')] };
}

export function drawBoard(): Drawing {
  const holes = [4, 8, 12, 16, 20].flatMap((x) => [4, 8, 12].map((y) => [x, y] as const));
  return boardPatch(24, 16, [
    ...holes.map(([x, y]) => circle(x, y, 0.6, { fill: material.pad })),
    path('M4 4H12V8H20M8 12H16V8', { stroke: '#2f8a5b', strokeWidth: 0.5 }),
  ]);
}

/** Stands for what the list does not let us recognise. */
export function drawOther(): Drawing {
  return {
    widthMm: 12,
    heightMm: 12,
    shapes: [
      rect(1.5, 1.5, 9, 9, {
        stroke: material.leadEdge,
        strokeWidth: 0.3,
        radius: 1,
        fill: '#d9d2c2',
      }),
      text(6, 8, '?', 6, material.edge, true),
    ],
  };
}
