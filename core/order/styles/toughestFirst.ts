import { familyOf } from '../../parts/families/index.ts';
import type { Style } from './style.ts';

/** What heat or static harms least goes first (common practice). */
export const toughestFirst: Style<'toughest-first'> = {
  id: 'toughest-first',
  rank: ({ parts: [part] }) => {
    if (!part) return 0;
    const { heatSensitive, staticSensitive } = familyOf(part);
    return staticSensitive ? 2 : heatSensitive ? 1 : 0;
  },
  byBlocks: false,
  isHeight: false,
  words: {
    name: 'Toughest first',
    why: 'What heat and static can spoil is on the board for the shortest time.',
    before:
      'Nothing harms it easily, so it comes before {{others}}, which heat or static can spoil.',
    after: 'Heat or static can spoil it, so it waits until {{others}} and the like are in.',
  },
};
