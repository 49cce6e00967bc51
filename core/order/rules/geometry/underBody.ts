import { overlap } from '../../../board/layout.ts';
import { hasBody, type Standing } from '../../situation.ts';
import type { HardRule } from '../rule.ts';
import { pairsOfNodes } from './byPlace.ts';

/** A part under another goes first (common practice). */
export const underBody: HardRule = {
  id: 'under-body',
  pairs: (nodes, { standing }) => pairsOfNodes(nodes, stacked(standing)),
  enoughToPutInFirst: true,
  words: {
    before: 'It lies under {{others}}, so it comes first.',
    after: 'It goes over {{others}}, so that comes first.',
    says: 'A part under another goes first.',
    wayOut: 'Move one of the two on the Board page so that they do not lie over one another.',
  },
};

function* stacked(standing: readonly Standing[]) {
  const bodies = standing.filter((one) => hasBody(one) && one.role !== 'chip');
  for (const low of bodies) {
    for (const high of bodies) {
      if (low.side !== high.side || low.heightMm >= high.heightMm) continue;
      if (overlap(low.body, high.body)) yield [low, high] as const;
    }
  }
}
