import { inkLine } from '../../parts/drawing/pictogram.ts';
import type { Pair } from '../rules/rule.ts';
import { type CheckDefinition, noNotes } from './definition.ts';
import { checksOf, isWhole, sameBlockPairs } from './pairs.ts';

export const doesItWork: CheckDefinition<'function'> = {
  id: 'function',
  minutes: 3,
  appliesTo: (work) => work.some(({ kind }) => kind === 'solder'),
  perBlock: 'with-test',
  stands: 'early',
  isLive: true,
  provesSupply: false,
  form: null,
  notes: () => noNotes,
  rules: [
    {
      id: 'power-before-function',
      pairs: sameBlockPairs('first-power', 'function'),
      words: {
        after: 'The supply of this block is right.',
        says: 'A block is tried when its supply is right.',
        wayOut: 'Power first.',
      },
    },
    {
      id: 'function-last',
      pairs: (nodes) =>
        checksOf(nodes, 'function')
          .filter(isWhole)
          .flatMap((last) =>
            nodes
              .filter(
                (node) =>
                  node !== last &&
                  (node.kind === 'check' || (node.role !== 'case' && node.role !== 'unplaced')),
              )
              .map((node): Pair => [node, last]),
          ),
      words: {
        after: 'Everything is in.',
        says: 'The board is tried when everything is in.',
        wayOut: 'Try it last.',
      },
    },
  ],
  words: {
    name: 'Does it work?',
    how: ['Switch on and try what the kit is meant to do.'],
    expect: 'It does what this kit is meant to do.',
    otherwise:
      'Switch off. It is nearly always something simple: a dry joint, a bridge, a part turned round. Ask for help.',
    why: 'All parts are in and the supply is right: now the whole board can be tried.',
  },
  pictogram: [
    inkLine('M8 14C6.5 12.6 6 11 6 9.5A6 6 0 0 1 18 9.5C18 11 17.5 12.6 16 14V17H8ZM9 19.5H15'),
    inkLine('M12 1V2M3.5 4.5L4.3 5.2M20.5 4.5L19.7 5.2'),
  ],
};
