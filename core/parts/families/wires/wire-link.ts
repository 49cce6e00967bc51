import { drawWireLink } from '../../drawing/hardware.ts';
import type { PartFamily } from '../../family.ts';

export const wireLink: PartFamily<'wire-link'> = {
  id: 'wire-link',
  job: 'wire',
  acts: 'link',
  letters: ['W', 'JW', 'BR'],
  role: 'link',
  mount: 'through',
  body: {
    shape: 'wire',
    lengthMm: 7.62,
    widthMm: 0.6,
    heightMm: 1,
    leadMm: 7.62,
    colour: '#a9adb1',
    source: 'bare wire of 0.6 mm, common practice',
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
  hazards: [],
  heatSensitive: false,
  staticSensitive: false,
  prepareMinutes: 0.7,
  recognise: {
    assumedFor: null,
  },
  words: {
    one: 'wire link',
    many: 'wire links',
    fit: [
      'Bend a piece of bare wire, or a cut-off lead, to the width of the holes.',
      'Pull it tight and flat, solder both ends, trim.',
    ],
    hold: 'Bend the ends outwards on the solder side.',
    mistakes: [
      'It is left out, since it looks like a line of the print.',
      'It stands up in a bow and touches a neighbour.',
    ],
    wayRound: 'Either way round is right.',
  },
  draw: drawWireLink,
};
