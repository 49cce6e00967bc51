import { path, rect } from '../drawing/drawing.ts';
import { segment } from '../drawing/segment.ts';
import type { SignDefinition } from './definition.ts';

const pale = { fill: '#cfd3d8' } as const;
const stripeMm = 1.4;

/** Along a can that lies: from its middle to the end that it points at. */
const arrow = (x: number, y: number, reach: number) =>
  path(
    `M${x - reach / 2} ${y}H${x + 0.8 * reach}M${x + 0.5 * reach} ${y - 1}L${x + 0.8 * reach} ${y}L${x + 0.5 * reach} ${y + 1}`,
    { stroke: pale.fill, strokeWidth: 0.7 },
  );

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
      : shape === 'rod'
        ? [arrow(x + length / 2, y + width / 2, (end * length) / 2)]
        : [],
  side: ({ x, y, length, width }, end) => [
    rect(end < 0 ? x : x + length - stripeMm, y, stripeMm, width, pale),
  ],
};
