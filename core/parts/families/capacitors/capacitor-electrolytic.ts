import { drawElectrolytic, drawElectrolyticMark } from '../../drawing/radial.ts';
import type { PartFamily } from '../../family.ts';
import { isTurned } from '../../lotNote.ts';
import { largeCapacitorPrints } from '../../marks.ts';

export const capacitorElectrolytic: PartFamily<'capacitor-electrolytic'> = {
  id: 'capacitor-electrolytic',
  job: 'capacitor',
  letters: ['C'],
  role: 'board-part',
  mount: 'through',
  body: {
    shape: 'can',
    lengthMm: 5,
    widthMm: 5,
    heightMm: 11.5,
    leadMm: 2.5,
    colour: '#27406b',
    source: '5 x 11 mm can, from memory of manufacturers’ sheets',
  },
  signs: [
    { mark: 'long-lead', means: 'plus' },
    { mark: 'short-lead', means: 'minus' },
    { mark: 'stripe', means: 'minus' },
  ],
  joints: () => 2,
  pads: 'row',
  polarity: 'polarised',
  valueKind: { unit: 'farad' },
  example: { value: { kind: 'amount', unit: 'farad', amount: 10e-6, ratedVolt: 16 } },
  usualTolerancePercent: 20,
  bearsForce: false,
  hold: 'bent-leads',
  kin: 'large-capacitor',
  pinoutMatters: false,
  power: 'none',
  hazards: ['can-burst'],
  heatSensitive: true,
  staticSensitive: false,
  prepareMinutes: 0.8,
  words: {
    one: 'electrolytic capacitor',
    many: 'electrolytic capacitors',
    fit: [
      'Find the stripe with the minus signs: the lead beside it, the short one, is minus.',
      'Push it down until the can sits on the board.',
      'Solder one lead, check from the side that it sits straight, solder the other, trim.',
    ],
    hold: 'Bend the leads outwards; tape a tall one, since it tips over when the board is turned.',
    mistakes: [
      'The stripe is on the plus side.',
      'It sits off the board and leans on its neighbour.',
    ],
    wayRound: 'Long lead into the hole marked +. The stripe goes on the filled half of the ring.',
    backwards: 'It leaks and gets hot, and the can may burst. Never power the board to try it.',
  },
  prints: largeCapacitorPrints,
  usable: {
    fromFactor: 0.6,
    toFactor: 2,
    words: { for: 'smoothing a supply', never: 'timing' },
  },
  draw: (part) => {
    const [value, volt] = largeCapacitorPrints(part);
    return drawElectrolytic(value?.text ?? '', volt?.text ?? '', {
      body: isTurned(part, 'stripe'),
      longLead: isTurned(part, 'long-lead'),
    });
  },
  drawBoardMark: drawElectrolyticMark,
};
