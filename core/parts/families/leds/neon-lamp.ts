import { drawNeon } from '../../drawing/lights.ts';
import type { PartFamily } from '../../family.ts';

export const neonLamp: PartFamily<'neon-lamp'> = {
  id: 'neon-lamp',
  job: 'light',
  letters: ['NE', 'LA', 'L', 'H', 'GL'],
  role: 'board-part',
  mount: 'through',
  body: {
    shape: 'dome',
    lengthMm: 6,
    widthMm: 6,
    heightMm: 13,
    leadMm: 5.08,
    colour: '#f3efe4',
    source: 'neon lamp 6 x 13 mm, from memory of manufacturers’ sheets',
  },
  signs: [],
  joints: () => 2,
  pads: 'row',
  polarity: 'free',
  valueKind: 'none',
  usualTolerancePercent: null,
  bearsForce: false,
  hold: 'bent-leads',
  kin: null,
  pinoutMatters: false,
  power: 'none',
  hazards: ['high-voltage'],
  heatSensitive: true,
  staticSensitive: false,
  prepareMinutes: 0.7,
  recognise: {
    assumedFor: null,
  },
  words: {
    one: 'neon lamp',
    many: 'neon lamps',
    fit: [
      'Bend the leads away from the glass, not at it.',
      'Solder both leads, trim. It needs a voltage that can hurt: leave the test to your instructor.',
    ],
    hold: 'Bend the leads outwards.',
    mistakes: ['The glass cracks because a lead is bent at it.'],
    wayRound: 'Either way round is right.',
  },
  draw: drawNeon,
};
