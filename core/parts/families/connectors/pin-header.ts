import { drawPinHeader } from '../../drawing/hardware.ts';
import { headerLid } from '../../drawing/lids.ts';
import type { PartFamily } from '../../family.ts';

export const pinHeader: PartFamily<'pin-header'> = {
  id: 'pin-header',
  job: 'connector',
  letters: ['J', 'JP', 'P', 'H', 'CN', 'X', 'K'],
  role: 'board-part',
  mount: 'through',
  body: {
    shape: 'block',
    pinMm: 2.54,
    widthMm: 2.5,
    heightMm: 8.5,
    colour: '#2a2a2c',
    source: '2.54 mm header, from memory of manufacturers’ sheets',
  },
  signs: [],
  joints: ({ pins = 2 }) => pins,
  pads: 'row',
  polarity: 'free',
  valueKind: 'none',
  example: { pins: 4 },
  usualTolerancePercent: null,
  bearsForce: false,
  hold: 'tack-one-pin',
  kin: null,
  pinoutMatters: false,
  power: 'none',
  hazards: [],
  heatSensitive: true,
  staticSensitive: false,
  prepareMinutes: 0.6,
  words: {
    one: 'pin header',
    many: 'pin headers',
    fit: [
      'The short ends go through the board.',
      'Solder one pin only, straighten the row while the solder is soft, then solder the others.',
      'Do not hold a pin with bare fingers: it gets hot.',
    ],
    hold: 'Plug it into a socket strip, or solder one pin, straighten the row, then the others.',
    mistakes: [
      'It sits askew, so nothing plugs in.',
      'The plastic melts because one pin was heated too long.',
    ],
    wayRound: 'Either way round is right.',
  },
  draw: (part) => drawPinHeader(part.pins ?? 2),
  drawLid: headerLid,
};
