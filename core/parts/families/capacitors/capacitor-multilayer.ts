import { drawMultilayer } from '../../drawing/upright.ts';
import type { PartFamily } from '../../family.ts';
import { smallCapacitorPrints } from '../../marks.ts';

export const capacitorMultilayer: PartFamily<'capacitor-multilayer'> = {
  id: 'capacitor-multilayer',
  job: 'capacitor',
  letters: ['C'],
  role: 'board-part',
  mount: 'through',
  body: {
    shape: 'disc',
    lengthMm: 4.5,
    widthMm: 3,
    heightMm: 5.5,
    leadMm: 5.08,
    colour: '#3f79b5',
    source: 'dipped block of 4.5 x 3 mm, from memory of manufacturers’ sheets',
  },
  signs: [],
  joints: () => 2,
  pads: 'row',
  polarity: 'free',
  valueKind: { unit: 'farad' },
  usualTolerancePercent: 10,
  bearsForce: false,
  hold: 'bent-leads',
  kin: 'small-capacitor',
  pinoutMatters: false,
  power: 'none',
  hazards: [],
  heatSensitive: false,
  staticSensitive: false,
  prepareMinutes: 0.6,
  words: {
    one: 'multilayer capacitor',
    many: 'multilayer capacitors',
    fit: [
      'Read its digits with a magnifier and compare with the picture.',
      'Push it in until it sits just above the board.',
      'Solder both leads, trim.',
    ],
    hold: 'Bend the leads outwards.',
    mistakes: ['It is mixed up with a ceramic of another value: only the digits differ.'],
    wayRound: 'Either way round is right.',
  },
  prints: smallCapacitorPrints,
  usable: {
    fromFactor: 0.5,
    toFactor: 2,
    words: { for: 'smoothing a supply', never: 'timing or a filter' },
  },
  draw: (part) => drawMultilayer(smallCapacitorPrints(part)[0]?.text ?? ''),
};
