import { placesOf } from '../node.ts';
import type { Style } from './style.ts';

/** One part of the circuit after the other, the supply first (common practice). */
export const byBlock: Style<'by-block'> = {
  id: 'by-block',
  rank: (node, { blocks }) => {
    const places = placesOf(node);
    const ranks = places.map((place) => blocks.findIndex((block) => block.places.includes(place)));
    // A value that several blocks use comes with the first of them.
    const first = Math.min(...ranks.map((rank) => (rank < 0 ? blocks.length : rank)));
    return Number.isFinite(first) ? first : blocks.length;
  },
  byBlocks: true,
  isHeight: false,
  words: {
    name: 'Block by block',
    why: 'Each part of the circuit is tested when it is complete: a fault shows where it was made.',
    before: 'It belongs to an earlier block than {{others}}, and that block is tested first.',
    after: 'Its block comes after the one of {{others}}.',
  },
};
