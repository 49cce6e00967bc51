import { drawTo92, drawTo92Mark } from '../../drawing/radial.ts';
import type { PartFamily } from '../../family.ts';
import { valueLabel } from '../../label.ts';
import { typePrints } from '../../marks.ts';
import { pinoutOf } from '../../pinouts.ts';
import { to92 } from './packages.ts';

export const regulatorTo92: PartFamily<'regulator-to92'> = {
  id: 'regulator-to92',
  job: 'regulator',
  letters: ['VR', 'Q', 'U', 'IC'],
  role: 'board-part',
  mount: 'through',
  body: to92,
  signs: [{ mark: 'flat-face', means: 'outline' }],
  joints: () => 3,
  pads: 'row',
  polarity: 'polarised',
  valueKind: 'type',
  example: { value: { kind: 'type', print: '78L05' } },
  usualTolerancePercent: null,
  bearsForce: false,
  hold: 'bent-leads',
  kin: null,
  pinoutMatters: true,
  power: 'none',
  hazards: [],
  heatSensitive: true,
  staticSensitive: false,
  prepareMinutes: 1,
  kinds: [
    'positive-regulator',
    'negative-regulator',
    'adjustable-regulator',
    'adjustable-negative-regulator',
  ],
  words: {
    one: 'small regulator',
    many: 'small regulators',
    fit: [
      'Read the type on the flat face: other parts look just like it.',
      'Spread the three leads a little and push it in until it sits about 3 mm above the board.',
      'Solder the middle lead, look, then the outer two, with a rest between them. Trim.',
    ],
    hold: 'Spread the outer leads a little: it stands by itself.',
    mistakes: [
      'Another type in the same body is fitted.',
      'It is turned by half a turn.',
      'The three close joints are bridged.',
    ],
    wayRound: 'The flat face looks to the straight side of the D printed on the board.',
    backwards:
      'The regulator and everything it feeds can be destroyed the moment the board gets power.',
  },
  prints: typePrints,
  draw: (part) => drawTo92(valueLabel(part.value), pinoutOf(part)?.pins),
  drawBoardMark: drawTo92Mark,
};
