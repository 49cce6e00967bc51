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
} from './drawing.ts';

// What tunes a radio: coils of bare or lacquered wire, and the capacitor that is turned.

const copper = '#b4672f';
const copperEdge = '#6b3a16';

/** A few turns of lacquered wire round nothing, its bright ends down. */
export function drawAirCoil(): Drawing {
  const turns = [4, 6, 8, 10, 12];
  return {
    widthMm: 16,
    heightMm: 17,
    shapes: [
      ...lead('M3 12V16.5'),
      ...lead('M13 12V16.5'),
      path('M3 12V5', { stroke: copper, strokeWidth: 0.9 }),
      path('M13 12V5', { stroke: copper, strokeWidth: 0.9 }),
      ...turns.map((x) =>
        path(`M${x - 1} 5A1.1 3.6 0 1 1 ${x - 1} 5.8`, { stroke: copperEdge, strokeWidth: 0.5 }),
      ),
      ...turns.map((x) =>
        path(
          `M${x - 1} 8.4C${x - 0.6} 9.6 ${x + 0.6} 9.6 ${x + 1} 5C${x + 1} 1.2 ${x} 0.8 ${x - 0.4} 1.8`,
          {
            stroke: copper,
            strokeWidth: 0.9,
          },
        ),
      ),
    ],
  };
}

/** A dark rod with two windings on a paper sleeve, four fine ends hanging down. */
export function drawAntennaRod(): Drawing {
  const windings = (from: number, to: number) =>
    Array.from({ length: Math.round((to - from) / 0.8) }, (_, index) =>
      path(`M${from + index * 0.8} 2.4V9.6`, { stroke: copper, strokeWidth: 0.6 }),
    );
  return {
    widthMm: 44,
    heightMm: 20,
    shapes: [
      rect(1, 2.6, 42, 6.8, {
        fill: '#3a3a3e',
        stroke: material.blackEdge,
        strokeWidth: 0.25,
        radius: 1,
      }),
      rect(10, 2.2, 24, 7.6, { fill: '#e6dcc2', stroke: '#b9ab86', strokeWidth: 0.2 }),
      ...windings(11.5, 25),
      ...windings(28.5, 32.5),
      ...[11.5, 24.7, 28.5, 32].map((x, index) =>
        path(`M${x} 9.6C${x} 13 ${x + (index - 1.5) * 0.8} 15 ${x + (index - 1.5) * 0.8} 19.5`, {
          stroke: copper,
          strokeWidth: 0.45,
        }),
      ),
    ],
  };
}

/** From the front: a square plastic box, a flat shaft in its middle, three tags below. */
export function drawTuningCapacitor(): Drawing {
  return {
    widthMm: 22,
    heightMm: 28,
    shapes: [
      ...[6, 11, 16].flatMap((x) => lead(`M${x} 20.5V27.5`)),
      rect(1, 1, 20, 20, { fill: '#d9d4c6', stroke: '#8e8876', strokeWidth: 0.3, radius: 1 }),
      circle(5, 5, 1.1, { fill: '#8e8876' }),
      circle(17, 5, 1.1, { fill: '#8e8876' }),
      circle(11, 11, 5.4, { fill: '#c9c3b2', stroke: '#8e8876', strokeWidth: 0.25 }),
      circle(11, 11, 3, { fill: material.brass, stroke: material.edge, strokeWidth: 0.25 }),
      rect(8.2, 10.1, 5.6, 1.8, { fill: '#e8d7a2', stroke: material.edge, strokeWidth: 0.15 }),
    ],
  };
}

export function drawTuningCapacitorMark(): Drawing {
  return boardPatch(22, 22, [
    rect(1.4, 1.4, 19.2, 19.2, silkLine),
    circle(11, 9.4, 3.4, silkLine),
    ...pad(6, 17.6, true),
    ...pad(11, 17.6),
    ...pad(16, 17.6),
  ]);
}
