import { material, rect } from '../drawing/drawing.ts';
import type { DrawSign, SignDefinition } from './definition.ts';

const pale = '#d5d7d9';

/** Round a rod: glass or black. */
const round: DrawSign = ({ x, y, length, width }, end) => [
  rect(x + length * (end < 0 ? 0.09 : 0.78), y, length * 0.13, width, {
    fill: pale,
    stroke: material.edge,
    strokeWidth: 0.16,
  }),
];

/** The band at one end of a diode: its cathode. */
export const band: SignDefinition = {
  word: 'band at one end',
  angle: 0,
  above: (body, end) => {
    const { x, y, length, width, shape } = body;
    if (shape === 'rod' || shape === 'melf') return round(body, end);
    return shape === 'chip'
      ? [rect(x + length * (end > 0 ? 0.66 : 0.22), y, length * 0.12, width, { fill: pale })]
      : [];
  },
  side: (body, end) => (body.shape === 'rod' ? round(body, end) : []),
};
