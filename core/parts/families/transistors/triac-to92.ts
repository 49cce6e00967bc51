import { drawTo92, drawTo92Mark } from '../../drawing/radial.ts';
import type { PartFamily } from '../../family.ts';
import { valueLabel } from '../../label.ts';
import { typePrints } from '../../marks.ts';
import { pinoutOf } from '../../pinouts.ts';
import { to92 } from './packages.ts';

export const triacTo92: PartFamily<'triac-to92'> = {
  id: 'triac-to92',
  job: 'transistor',
  letters: ['TR', 'Q', 'T', 'TRI', 'SCR', 'TH', 'D'],
  role: 'board-part',
  mount: 'through',
  body: to92,
  signs: [{ mark: 'flat-face', means: 'outline' }],
  joints: () => 3,
  pads: 'row',
  polarity: 'polarised',
  valueKind: 'type',
  example: { value: { kind: 'type', print: 'MAC97A6' } },
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
  kinds: ['triac', 'thyristor', 'unijunction'],
  words: {
    one: 'small triac or thyristor',
    many: 'small triacs or thyristors',
    fit: [
      'Read the type: transistors and regulators look just like it.',
      'Push it in until it sits about 3 mm above the board.',
      'Solder the middle lead, check that it sits straight, then the others. Trim.',
    ],
    hold: 'Spread the outer leads a little: it holds by itself.',
    mistakes: ['Another type in the same body is fitted.', 'It is turned by half a turn.'],
    wayRound: 'The flat face is at the straight side of the D printed on the board.',
    backwards:
      'It stays off or is always on. In a mains circuit that is dangerous: stop and ask your instructor.',
  },
  prints: typePrints,
  draw: (part) => drawTo92(valueLabel(part.value), pinoutOf(part)?.pins),
  drawBoardMark: drawTo92Mark,
};
