import { drawTo220, drawTo220Mark } from '../../drawing/power.ts';
import type { PartFamily } from '../../family.ts';
import { valueLabel } from '../../label.ts';
import { typePrints } from '../../marks.ts';
import { pinoutOf } from '../../pinouts.ts';
import { to220 } from './packages.ts';

export const transistorTo220: PartFamily<'transistor-to220'> = {
  id: 'transistor-to220',
  job: 'transistor',
  letters: ['Q', 'T', 'TR', 'VT'],
  role: 'board-part',
  mount: 'through',
  body: to220,
  signs: [{ mark: 'metal-tab', means: 'outline' }],
  joints: () => 3,
  pads: 'row',
  polarity: 'polarised',
  valueKind: 'type',
  example: { value: { kind: 'type', print: 'TIP31C' } },
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
  kinds: ['npn', 'pnp'],
  words: {
    one: 'power transistor',
    many: 'power transistors',
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
      'Nothing is amplified, and the part may be destroyed. It is hard to see later, so look now.',
  },
  prints: typePrints,
  draw: (part) => drawTo220(valueLabel(part.value), pinoutOf(part)?.pins),
  drawBoardMark: drawTo220Mark,
};
