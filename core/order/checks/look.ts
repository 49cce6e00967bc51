import { inkDot, inkLine } from '../../parts/drawing/pictogram.ts';
import type { Pair } from '../rules/rule.ts';
import { type CheckDefinition, noNotes } from './definition.ts';
import { checksOf, hasPlaceIn, isWhole, soldered } from './pairs.ts';

export const look: CheckDefinition<'look'> = {
  id: 'look',
  minutes: 4,
  appliesTo: (work) => work.some(({ kind }) => kind === 'solder'),
  perBlock: 'always',
  stands: 'early',
  isLive: false,
  provesSupply: false,
  form: null,
  notes: () => noNotes,
  rules: [
    {
      id: 'all-soldered-before-look',
      pairs: (nodes, { blocks }) => {
        const inBlock = new Map(blocks.map(({ name, places }) => [name, new Set(places)]));
        const none = new Set<string>();
        return checksOf(nodes, 'look').flatMap((here) =>
          soldered(nodes)
            .filter(
              (node) =>
                isWhole(here) ||
                here.blocks.some((block) => hasPlaceIn(node, inBlock.get(block) ?? none)),
            )
            .map((node): Pair => [node, here]),
        );
      },
      words: {
        after: 'Every joint is made.',
        says: 'Joints are looked at when all of the block are made.',
        wayOut: 'Look when the joints of the block are made.',
      },
    },
  ],
  words: {
    name: 'Look at every joint',
    how: [
      'Cells out, supply off. Turn the board over, under good light, with a magnifier.',
      'Row by row: is every joint a small smooth cone all round its lead? Lead-free solder shines less. Is there solder between two joints, or a loose ball?',
      'Are all leads trimmed?',
    ],
    expect: 'Every joint covers its hole, and nothing touches its neighbour.',
    otherwise: 'Mend what you found, then look again.',
    why: 'Everything is soldered now and nothing has had power yet: a bridge found by eye does no harm.',
  },
  pictogram: [
    inkLine('M2 12C5 7 8.5 5 12 5S19 7 22 12C19 17 15.5 19 12 19S5 17 2 12Z'),
    inkDot(12, 12, 3),
  ],
};
