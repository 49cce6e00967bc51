import type { Style } from './style.ts';

/** As the parts list is printed (common practice). */
export const bySheet: Style<'by-sheet'> = {
  id: 'by-sheet',
  rank: ({ line }) => line,
  byBlocks: false,
  isHeight: false,
  words: {
    name: 'By the sheet',
    why: 'The steps follow the printed list line by line: fewest mix-ups, and everybody finds the place.',
    before: 'It stands before {{others}} on the parts list.',
    after: 'It stands after {{others}} on the parts list.',
  },
};
