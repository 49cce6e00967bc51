import { familyOf } from '../../parts/families/index.ts';
import type { Style } from './style.ts';

/** Jacks and switches at the edge, since they need force (common practice). */
export const anchorsFirst: Style<'anchors-first'> = {
  id: 'anchors-first',
  rank: ({ parts: [part] }) => (part && familyOf(part).bearsForce ? 0 : 1),
  byBlocks: false,
  isHeight: false,
  words: {
    name: 'Anchors first',
    why: 'Jacks and switches on the edge need force and must sit straight: they come while nothing else is in the way.',
    before: 'Hands will push and pull at it: it is set straight first, before {{others}}.',
    after: 'Nothing pulls on it, so it comes after {{others}}.',
  },
};
