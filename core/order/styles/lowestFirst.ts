import type { Style } from './style.ts';

/** The most common school (common practice). */
export const lowestFirst: Style<'lowest-first'> = {
  id: 'lowest-first',
  rank: ({ heightMm }) => heightMm,
  byBlocks: false,
  isHeight: true,
  words: {
    name: 'Lowest first',
    why: 'Turned over, the lowest part lies flat on the mat and does not fall out.',
    before:
      'It is lower than {{others}}. If those went in first, it would drop out when you turn the board.',
    after: 'It is taller than {{others}}, so it comes after.',
  },
};
