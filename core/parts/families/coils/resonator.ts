import { drawResonator } from '../../drawing/upright.ts';
import type { PartFamily } from '../../family.ts';
import { frequencyPrints } from '../../marks.ts';

export const resonator: PartFamily<'resonator'> = {
  id: 'resonator',
  job: 'timebase',
  letters: ['Y', 'CR', 'X'],
  role: 'board-part',
  mount: 'through',
  body: {
    shape: 'disc',
    lengthMm: 7.5,
    widthMm: 3,
    heightMm: 7,
    leadMm: 5.08,
    colour: '#c9762c',
    source: 'dipped block of 7.5 x 3 mm, from memory of manufacturers’ sheets',
  },
  signs: [],
  joints: () => 3,
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
  recognise: {
    assumedFor: null,
  },
  words: {
    one: 'ceramic resonator',
    many: 'ceramic resonators',
    fit: ['Push its legs in until it sits just above the board.', 'Solder the legs, trim.'],
    hold: 'Bend the outer leads outwards.',
    mistakes: ['It is mistaken for a capacitor: its digits are a frequency.'],
    wayRound: 'Either way round is right.',
  },
  prints: frequencyPrints,
  draw: (part) => drawResonator(frequencyPrints(part)[0]?.text ?? ''),
};
