import { distanceToShape } from '../../../board/shapes.ts';
import { hasBody, type Standing } from '../../situation.ts';
import type { HardRule } from '../rule.ts';
import { pairsOfNodes } from './byPlace.ts';

/** A pad that a later part would hide goes first (common practice). */
export const coversPads: HardRule = {
  id: 'covers-pads',
  pairs: (nodes, { standing }) => pairsOfNodes(nodes, covering(standing)),
  words: {
    before: 'It comes before {{others}}, which will lie over its joints.',
    after: 'It lies over the joints of {{others}}, so those are made first.',
    says: 'A pad that a later part hides is soldered first.',
    wayOut: 'Move one of the two on the Board page: each lies over a joint of the other.',
  },
};

function* covering(standing: readonly Standing[]) {
  for (const cover of standing) {
    if (!hasBody(cover)) continue;
    for (const hidden of standing) {
      if (hidden === cover || isOneSpot(hidden, cover)) continue;
      const lies = hidden.pads.some(
        ({ xMm, yMm, side }) =>
          (side === 'both' || side === cover.side) &&
          Math.hypot(xMm - cover.middle.x, yMm - cover.middle.y) <= cover.reachMm &&
          distanceToShape({ x: xMm, y: yMm }, cover.body) === 0,
      );
      if (lies) yield [hidden, cover] as const;
    }
  }
}

/** A chip and its socket. */
const isOneSpot = (a: Standing, b: Standing) =>
  [a.role, b.role].includes('chip') && [a.role, b.role].includes('socket');
