import { drawTo220, drawTo220Mark } from '../../drawing/power.ts';
import type { PartFamily } from '../../family.ts';
import { valueLabel } from '../../label.ts';
import { typePrints } from '../../marks.ts';
import { pinoutOf } from '../../pinouts.ts';
import { to220 } from './packages.ts';

export const triacTo220: PartFamily<'triac-to220'> = {
  id: 'triac-to220',
  job: 'transistor',
  letters: ['TR', 'Q', 'T', 'TRI', 'SCR', 'TH', 'D'],
  role: 'board-part',
  mount: 'through',
  body: to220,
  signs: [{ mark: 'metal-tab', means: 'outline' }],
  joints: () => 3,
  pads: 'row',
  polarity: 'polarised',
  valueKind: 'type',
  example: { value: { kind: 'type', print: 'BT136' } },
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
  kinds: ['triac', 'thyristor'],
  words: {
    one: 'triac or thyristor',
    many: 'triacs or thyristors',
    fit: [
      'Read the type: transistors and regulators look just like it.',
      'Push it in until the wide part of its leads stops it.',
      'Solder the middle lead, check that it sits straight, then the others. Trim.',
    ],
    hold: 'Its stiff leads hold it; tape it if it leans.',
    mistakes: ['Another type in the same body is fitted.', 'It is turned by half a turn.'],
    wayRound: 'The metal tab is at the double line of the outline.',
    backwards:
      'It stays off or is always on. In a mains circuit that is dangerous: stop and ask your instructor.',
  },
  prints: typePrints,
  draw: (part) => drawTo220(valueLabel(part.value), pinoutOf(part)?.pins),
  drawBoardMark: drawTo220Mark,
};
