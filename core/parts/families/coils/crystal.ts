import { drawCrystal } from '../../drawing/upright.ts';
import type { PartFamily } from '../../family.ts';
import { frequencyPrints } from '../../marks.ts';

export const crystal: PartFamily<'crystal'> = {
  id: 'crystal',
  job: 'timebase',
  letters: ['Y', 'XTAL', 'Q', 'X'],
  role: 'board-part',
  mount: 'through',
  body: {
    shape: 'crystal-can',
    lengthMm: 11,
    widthMm: 4.7,
    heightMm: 3.8,
    leadMm: 4.88,
    colour: '#c3c8cc',
    source: 'HC-49 low can 11 x 4.7 x 3.8 mm, from memory of IEC 60122',
  },
  signs: [],
  joints: () => 2,
  pads: 'row',
  polarity: 'free',
  valueKind: { unit: 'hertz' },
  usualTolerancePercent: null,
  bearsForce: false,
  hold: 'bent-leads',
  kin: null,
  pinoutMatters: false,
  power: 'none',
  hazards: [],
  heatSensitive: true,
  staticSensitive: false,
  prepareMinutes: 0.8,
  words: {
    one: 'crystal',
    many: 'crystals',
    fit: [
      'Leave a hair’s width between the metal can and the board.',
      'Solder both leads quickly, trim.',
    ],
    hold: 'Bend the leads outwards.',
    mistakes: [
      'The can lies on bare pads and short-circuits them.',
      'It is dropped on the floor and never starts.',
    ],
    wayRound: 'Either way round is right.',
  },
  prints: frequencyPrints,
  draw: (part) => drawCrystal(frequencyPrints(part)[0]?.text ?? ''),
};
