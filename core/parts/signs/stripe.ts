import { path, rect } from '../drawing/drawing.ts';
import { segment } from '../drawing/segment.ts';
import type { SignDefinition } from './definition.ts';

const pale = { fill: '#cfd3d8' } as const;
const stripeMm = 1.4;

/** The pale stripe down a can: minus. */
export const stripe: SignDefinition = {
  word: 'stripe on the can',
  angle: 0,
  above: ({ x, y, length, width, shape }, end) =>
    shape === 'can' || shape === 'round-box'
      ? [
          path(
            segment(
              { x: x + length / 2, y: y + width / 2 },
              length / 2,
              { x: 0.6, y: 0.8 },
              end,
              'inside',
            ),
            pale,
          ),
        ]
      : [],
  side: ({ x, y, length, width }, end) => [
    rect(end < 0 ? x : x + length - stripeMm, y, stripeMm, width, pale),
  ],
};
