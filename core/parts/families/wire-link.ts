import { drawWireLink } from '../drawing/hardware.ts';
import type { PartFamily } from '../family.ts';

export const wireLink: PartFamily = {
  id: 'wire-link',
  letters: ['W', 'JW', 'BR'],
  role: 'link',
  heightMm: 1,
  bodySource: 'bare wire of 0.6 mm, common practice',
  joints: () => 2,
  polarity: 'free',
  valueKind: 'none',
  heatSensitive: false,
  staticSensitive: false,
  prepareMinutes: 0.7,
  recognise: {
    words: [
      'wire link',
      'jumper wire',
      'link',
      'drahtbrucke',
      'brucke',
      'draadbrug',
      'wire bridge',
      'strap',
    ],
  },
  words: {
    one: 'wire link',
    many: 'wire links',
    fit: [
      'Bend a piece of bare wire, or a cut-off lead, to the width of the holes.',
      'Pull it tight and flat, solder both ends, trim.',
    ],
    wayRound: 'Either way round is right.',
  },
  draw: drawWireLink,
};
