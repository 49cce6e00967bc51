import { hiddenJoints } from '../../../board/hiding.ts';
import type { HardRule } from '../rule.ts';
import { pairsOfNodes } from './byPlace.ts';

/** A pad that a later part would hide goes first (common practice). */
export const coversPads: HardRule = {
  id: 'covers-pads',
  pairs: (nodes, { standing }) => pairsOfNodes(nodes, hiddenJoints(standing)),
  words: {
    before: 'It comes before {{others}}, which will lie over its joints.',
    after: 'It lies over the joints of {{others}}, so those are made first.',
    says: 'A pad that a later part hides is soldered first.',
    wayOut: 'Move one of the two on the Board page: each lies over a joint of the other.',
  },
};
