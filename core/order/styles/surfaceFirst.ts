import type { Style } from './style.ts';

/** Surface parts while the board still lies flat (common practice). */
export const surfaceFirst: Style<'surface-first'> = {
  id: 'surface-first',
  rank: ({ mount }) => (mount === 'surface' ? 0 : 1),
  byBlocks: false,
  isHeight: false,
  words: {
    name: 'Surface mount first',
    why: 'Surface parts need a board that lies flat, and room for tweezers.',
    before:
      'It is soldered on the surface, while the board still lies flat; {{others}} comes later.',
    after: 'Its leads go through the board, so it comes after {{others}} on the surface.',
  },
};
