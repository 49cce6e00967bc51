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

// What switches, turns, guards or listens.

export function drawRelay(print: string): Drawing {
  return {
    widthMm: 21,
    heightMm: 20,
    shapes: [
      ...[3, 6, 15, 18].flatMap((x) => lead(`M${x} 15V19.5`)),
      rect(1, 1, 19, 14.6, { fill: '#2f62a8', stroke: '#17325a', strokeWidth: 0.25, radius: 0.5 }),
      text(
        10.5,
        7,
        print || 'RELAY',
        Math.min(2.6, 24 / Math.max(print.length, 6)),
        '#f0ede4',
        true,
      ),
      path('M4 11.5H8M13 11.5H17M8 12.8H13', { stroke: '#dfe6f0', strokeWidth: 0.3 }),
      rect(8, 10.3, 5, 2.5, { stroke: '#dfe6f0', strokeWidth: 0.3 }),
    ],
  };
}

/** Five holes allow one way only. */
export function drawRelayMark(): Drawing {
  return boardPatch(21, 18, [
    rect(1.4, 1.4, 18.2, 15.2, silkLine),
    ...pad(4, 9, true),
    ...pad(6, 3.4),
    ...pad(6, 14.6),
    ...pad(17, 3.4),
    ...pad(17, 14.6),
  ]);
}

/** A fuse: a glass tube between two caps. */
export function drawFuse(print: string): Drawing {
  return {
    widthMm: 24,
    heightMm: 8,
    shapes: [
      rect(4, 1.6, 16, 4.6, { fill: '#eef2f0cc', stroke: material.edge, strokeWidth: 0.15 }),
      path('M5 3.9C9 3 13 4.8 19 3.9', { stroke: '#6d7276', strokeWidth: 0.3 }),
      rect(1.6, 1, 4.4, 5.8, { fill: material.tin, stroke: material.leadEdge, strokeWidth: 0.2 }),
      rect(18, 1, 4.4, 5.8, { fill: material.tin, stroke: material.leadEdge, strokeWidth: 0.2 }),
      text(12, 3.2, print, 1.8, material.edge),
    ],
  };
}

export function drawFuseHolder(): Drawing {
  const clip = (x: number) => [
    ...lead(`M${x} 8V12.5`),
    path(
      `M${x - 2.4} 8.4V4C${x - 2.4} 2 ${x - 1} 2.4 ${x - 1} 1.2M${x + 2.4} 8.4V4C${x + 2.4} 2 ${x + 1} 2.4 ${x + 1} 1.2M${x - 2.4} 8.4H${x + 2.4}`,
      {
        stroke: material.leadEdge,
        strokeWidth: 0.7,
      },
    ),
  ];
  return {
    widthMm: 26,
    heightMm: 13,
    shapes: [rect(1, 7.6, 24, 1.8, { fill: '#3b3b3e' }), ...clip(5), ...clip(21)],
  };
}

/** An electret microphone, its two pads to the reader: the one with tracks to the case is minus. */
export function drawMicrophone(): Drawing {
  return {
    widthMm: 13,
    heightMm: 13,
    shapes: [
      circle(6.5, 6.5, 5.4, { fill: '#c3c8cc', stroke: material.leadEdge, strokeWidth: 0.3 }),
      circle(6.5, 6.5, 4.4, { fill: '#2f6b45' }),
      path('M4.6 6.5A2 2 0 0 1 4.6 6.5ZM6 2.4A4.2 4.2 0 0 0 6 10.6Z', { fill: material.pad }),
      circle(8.6, 6.5, 1.3, { fill: material.pad }),
      path('M3.6 4.6L2 3.6M3.2 6.5H1.4M3.6 8.4L2 9.4', { stroke: material.pad, strokeWidth: 0.5 }),
      text(4.5, 12.6, '−', 2.6, material.minus, true),
      text(9, 12.6, '+', 2.6, material.plus, true),
    ],
  };
}

export function drawMicrophoneMark(): Drawing {
  return boardPatch(12, 11, [
    circle(6, 5.5, 4.6, silkLine),
    ...pad(4.7, 5.5, true),
    ...pad(7.3, 5.5),
    text(3.2, 3.6, '+', 2.2, material.silk, true),
  ]);
}

export function drawEncoder(): Drawing {
  return {
    widthMm: 16,
    heightMm: 24,
    shapes: [
      ...[4, 8, 12].flatMap((x) => lead(`M${x} 19V23.5`)),
      rect(2, 10.6, 12, 8.8, { fill: '#2e6b4a', stroke: material.edge, strokeWidth: 0.2 }),
      rect(2, 10, 12, 2.4, { fill: material.tin }),
      rect(5.2, 6, 5.6, 4.4, { fill: material.tin, stroke: material.leadEdge, strokeWidth: 0.2 }),
      rect(6, 0.8, 4, 6, { fill: '#8f9498', stroke: material.leadEdge, strokeWidth: 0.2 }),
      path('M6 1.6H10', { stroke: '#5d6165', strokeWidth: 0.3 }),
      path('M3.6 16A4.6 3 0 0 0 12.4 16', { stroke: '#f0ede4', strokeWidth: 0.4 }),
      path('M12.9 17.2L12.4 15.6L11.2 16.6Z', { fill: '#f0ede4' }),
    ],
  };
}

export function drawDipSwitch(count: number): Drawing {
  const ways = Math.min(Math.max(count, 1), 10);
  const width = ways * 2.54;
  return {
    widthMm: width + 2,
    heightMm: 13,
    shapes: [
      ...Array.from({ length: ways }, (_, index) => {
        const x = 1 + (index + 0.5) * 2.54;
        return [
          rect(x - 0.3, 0.6, 0.6, 1.6, { fill: material.tin }),
          rect(x - 0.3, 10.8, 0.6, 1.6, { fill: material.tin }),
        ];
      }).flat(),
      rect(1, 1.8, width, 9.4, { fill: '#b23124', stroke: '#5b140c', strokeWidth: 0.2 }),
      ...Array.from({ length: ways }, (_, index) => {
        const x = 1 + (index + 0.5) * 2.54;
        return [
          rect(x - 0.7, 4.6, 1.4, 4, { fill: '#f3f0e8' }),
          rect(x - 0.6, index % 2 === 0 ? 4.8 : 6.6, 1.2, 1.8, { fill: '#6b6b6e' }),
          text(x, 10.6, String(index + 1), 1.4, '#f3f0e8'),
        ];
      }).flat(),
      text(2.2, 3.8, 'ON', 1.4, '#f3f0e8', true),
    ],
  };
}

/** A reed switch: two blades in a glass. */
export function drawReed(): Drawing {
  return {
    widthMm: 26,
    heightMm: 6,
    shapes: [
      ...lead('M0.5 2.8H8M18 2.8H25.5'),
      rect(6, 1.2, 14, 3.2, {
        fill: '#dfeae6cc',
        stroke: material.edge,
        strokeWidth: 0.15,
        radius: 1.5,
      }),
      path('M7 2.9H13.6', { stroke: '#6d7276', strokeWidth: 0.5 }),
      path('M12.4 2.5H19', { stroke: '#6d7276', strokeWidth: 0.5 }),
    ],
  };
}

/** A tilt switch: a small can with a ball inside. */
export function drawTilt(): Drawing {
  return {
    widthMm: 9,
    heightMm: 18,
    shapes: [
      ...lead('M3.4 9V17.5'),
      path('M5.6 9V17.5', { stroke: material.brass, strokeWidth: 0.4 }),
      rect(2.4, 1, 4.2, 8.4, {
        fill: '#c3c8cc',
        stroke: material.leadEdge,
        strokeWidth: 0.2,
        radius: 0.5,
      }),
      circle(4.5, 6.6, 1.2, { fill: '#8f9498', stroke: material.edge, strokeWidth: 0.12 }),
    ],
  };
}

export function drawMotor(): Drawing {
  return {
    widthMm: 30,
    heightMm: 18,
    shapes: [
      path('M21 6C25 6 26 4 29.4 4', { stroke: '#b8281c', strokeWidth: 0.9 }),
      path('M21 12C25 12 26 14 29.4 14', { stroke: '#19191b', strokeWidth: 0.9 }),
      rect(0.8, 8.2, 5, 1.6, { fill: '#8f9498' }),
      rect(5, 1.6, 15, 14.8, {
        fill: '#c3c8cc',
        stroke: material.leadEdge,
        strokeWidth: 0.3,
        radius: 2,
      }),
      rect(18.4, 3, 3, 12, { fill: '#f0ede4', stroke: material.edge, strokeWidth: 0.2 }),
    ],
  };
}

/** A small board with pins: a module. */
export function drawModule(print: string, pins: number): Drawing {
  const shown = Math.min(Math.max(pins, 3), 10);
  const width = Math.max(18, shown * 2.54 + 3);
  return {
    widthMm: width + 2,
    heightMm: 21,
    shapes: [
      ...Array.from({ length: shown }, (_, index) =>
        rect(2.4 + index * 2.54, 14, 0.64, 6.4, { fill: material.brass }),
      ),
      rect(1, 1, width, 13.4, {
        fill: '#1f4f8a',
        stroke: '#0e2748',
        strokeWidth: 0.25,
        radius: 0.6,
      }),
      rect(2, 12.6, shown * 2.54, 2.5, { fill: material.black }),
      rect(width / 2 - 3, 3, 8, 5, { fill: '#2a2a2c' }),
      text(
        width / 2 + 1,
        11.4,
        print,
        Math.min(2, (width * 1.4) / Math.max(print.length, 6)),
        '#eef2f8',
        true,
      ),
    ],
  };
}

export function drawModuleMark(): Drawing {
  return boardPatch(20, 12, [
    rect(1.2, 1.2, 17.6, 6, silkLine),
    ...[2.6, 5.14, 7.68, 10.22].flatMap((x, index) => pad(x, 9.4, index === 0)),
  ]);
}
