import { inkLine, inkWord } from '../../parts/drawing/pictogram.ts';
import type { HardRule } from '../rules/rule.ts';
import { eachPair } from '../rules/rule.ts';
import { type CheckDefinition, noNotes } from './definition.ts';

export const holderTriedFirst: HardRule = {
  id: 'holder-tried-first',
  pairs: eachPair(
    (node) => node.kind === 'check' && node.check === 'try-holder',
    (node) => node.kind !== 'check' && (node.role === 'holder' || node.role === 'screw'),
  ),
  words: {
    after: 'The holder has been tried in its place, so it can be fixed now.',
    says: 'The battery holder is tried in its place before it is fixed.',
    wayOut: 'Try the holder first.',
  },
};

export const tryHolder: CheckDefinition<'try-holder'> = {
  id: 'try-holder',
  minutes: 2,
  appliesTo: (work) => work.some(({ role }) => role === 'holder'),
  perBlock: 'never',
  stands: 'before-its-work',
  isLive: false,
  provesSupply: false,
  form: null,
  notes: () => noNotes,
  rules: [holderTriedFirst],
  words: {
    name: 'Try the battery holder in its place',
    how: [
      'Lay the holder on the board, without cells. Compare + and − with the print.',
      'Check that its pins or wires reach their holes. Check that every screw hole is over a hole of the board.',
    ],
    expect: 'It lies flat and everything lines up.',
    otherwise: 'Do not bend anything to make it fit: ask for help.',
    why: 'A holder that is screwed and soldered the wrong way round can hardly be taken off. So it is tried in place first.',
  },
  pictogram: [
    inkLine('M5 6H19V11H5Z'),
    inkLine('M2 19H22'),
    inkLine('M12 12.5V17M10.5 15.5L12 17L13.5 15.5'),
    inkWord('?', 20, 17),
  ],
};
