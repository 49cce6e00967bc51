import { circle, material, rect, text } from '../drawing/drawing.ts';
import type { SignDefinition } from './definition.ts';

export const plusPrint: SignDefinition = {
  word: 'printed plus',
  angle: 180,
  above: ({ x, y, length, width }, end) => {
    const size = Math.min(3.2, width * 0.5);
    const at = end > 0 ? x + size * 0.55 + length * 0.05 : x + length - size * 0.55 - length * 0.05;
    return [text(at, y + width / 2 + size * 0.35, '+', size, material.print, true)];
  },
  side: 'hidden',
};

/** On a chip LED, or an arrow underneath: its cathode. */
export const greenMark: SignDefinition = {
  word: 'green mark, or the arrow underneath',
  angle: 0,
  above: ({ x, y, length, width }, end) => [
    rect(x + length * (end > 0 ? 0.68 : 0.22), y, length * 0.1, width, { fill: '#1f8a45' }),
  ],
  side: 'hidden',
};

/** Pin 1: at the lower left of a chip, which has its dot drawn with its legs. */
export const dot: SignDefinition = {
  word: 'dot in the corner',
  angle: 225,
  above: ({ x, y, width, shape }) =>
    shape === 'dip' || shape === 'so'
      ? []
      : [circle(x + 0.9, y + width / 2, 0.4, { fill: material.print })],
  side: 'hidden',
};
