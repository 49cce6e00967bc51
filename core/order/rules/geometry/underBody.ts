import { hiddenBodies } from '../../../board/hiding.ts';
import type { HardRule } from '../rule.ts';
import { pairsOfNodes } from './byPlace.ts';

/** A part under another goes first (common practice). */
export const underBody: HardRule = {
  id: 'under-body',
  pairs: (nodes, { standing }) => pairsOfNodes(nodes, hiddenBodies(standing)),
  enoughToPutInFirst: true,
  words: {
    before: 'It lies under {{others}}, so it comes first.',
    after: 'It goes over {{others}}, so that comes first.',
    says: 'A part under another goes first.',
    wayOut: 'Move one of the two on the Board page so that they do not lie over one another.',
  },
};
