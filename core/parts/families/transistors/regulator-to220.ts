import { drawTo220, drawTo220Mark } from '../../drawing/power.ts';
import type { PartFamily } from '../../family.ts';
import { valueLabel } from '../../label.ts';
import { typePrints } from '../../marks.ts';
import { pinoutOf } from '../../pinouts.ts';
import { to220 } from './packages.ts';

export const regulatorTo220: PartFamily<'regulator-to220'> = {
  id: 'regulator-to220',
  job: 'regulator',
  letters: ['VR', 'Q', 'U', 'IC'],
  role: 'board-part',
  mount: 'through',
  body: to220,
  signs: [{ mark: 'metal-tab', means: 'outline' }],
  joints: () => 3,
  pads: 'row',
  polarity: 'polarised',
  valueKind: 'type',
  example: { value: { kind: 'type', print: '7805' } },
  usualTolerancePercent: null,
  bearsForce: false,
  hold: 'tack-one-pin',
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
    one: 'regulator',
    many: 'regulators',
    fit: [
      'Read the type: other parts look just like it.',
      'Push it in until the wide part of the leads stops it.',
      'Solder the middle lead, check that it sits straight, then the others. Trim.',
      'It is hot after soldering, and may be hot at work: screw the heat sink on if there is one.',
    ],
    hold: 'Its stiff leads hold it; tape it if it leans.',
    mistakes: [
      'Another type in the same body is fitted.',
      'The metal tab faces the wrong way.',
      'Its tab touches another part.',
    ],
    wayRound: 'The metal tab goes at the double line of the outline.',
    backwards:
      'The regulator and everything it feeds can be destroyed the moment the board gets power.',
  },
  prints: typePrints,
  draw: (part) => drawTo220(valueLabel(part.value), pinoutOf(part)?.pins),
  drawBoardMark: drawTo220Mark,
};
