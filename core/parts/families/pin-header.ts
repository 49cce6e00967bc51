import { drawPinHeader } from '../drawing/hardware.ts';
import type { PartFamily } from '../family.ts';

export const pinHeader: PartFamily = {
  id: 'pin-header',
  letters: ['J', 'JP', 'P', 'H', 'CN'],
  role: 'board-part',
  heightMm: 8.5,
  bodySource: '2.54 mm header, from memory of manufacturers’ sheets',
  joints: ({ pins = 2 }) => pins,
  polarity: 'free',
  valueKind: 'none',
  heatSensitive: true,
  staticSensitive: false,
  prepareMinutes: 0.6,
  recognise: {
    words: ['pin header', 'header', 'stiftleiste', 'pinheader', 'jumper header', 'male header'],
  },
  words: {
    one: 'pin header',
    many: 'pin headers',
    fit: [
      'The short ends go through the board.',
      'Solder one pin only, straighten the row while the solder is soft, then solder the others.',
      'Do not hold a pin with bare fingers: it gets hot.',
    ],
    wayRound: 'Either way round is right.',
  },
  draw: (part) => drawPinHeader(part.pins ?? 2),
};
