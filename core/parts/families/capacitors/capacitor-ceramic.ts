import { drawCeramic } from '../../drawing/radial.ts';
import type { PartFamily } from '../../family.ts';
import { smallCapacitorPrints } from '../../marks.ts';

export const capacitorCeramic: PartFamily<'capacitor-ceramic'> = {
  id: 'capacitor-ceramic',
  job: 'capacitor',
  letters: ['C'],
  role: 'board-part',
  mount: 'through',
  body: {
    shape: 'disc',
    lengthMm: 5,
    widthMm: 2.5,
    heightMm: 5.5,
    leadMm: 5.08,
    colour: '#c98b3c',
    source: '5 mm disc, from memory of manufacturers’ sheets',
  },
  signs: [],
  joints: () => 2,
  pads: 'row',
  polarity: 'free',
  valueKind: { unit: 'farad' },
  usualTolerancePercent: 20,
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
    one: 'ceramic capacitor',
    many: 'ceramic capacitors',
    fit: [
      'Read the three digits with a magnifier and compare with the picture.',
      'Push it in until it sits just above the board; do not force the coating into the holes.',
      'Solder both leads, trim.',
    ],
    hold: 'Bend the leads outwards; do not pull the coating into the holes.',
    mistakes: [
      '103 and 104 are mixed up: they look alike without a magnifier.',
      'The coating is pulled into the hole and the solder does not wet the lead.',
    ],
    wayRound: 'Either way round is right.',
  },
  prints: smallCapacitorPrints,
  usable: {
    fromFactor: 0.5,
    toFactor: 2,
    words: { for: 'smoothing a supply', never: 'timing or a filter' },
  },
  draw: (part) => drawCeramic(smallCapacitorPrints(part)[0]?.text ?? ''),
};
