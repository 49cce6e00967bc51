import { drawSocketStrip } from '../../drawing/connector.ts';
import { socketStripLid } from '../../drawing/lids.ts';
import type { PartFamily } from '../../family.ts';

export const socketStrip: PartFamily<'socket-strip'> = {
  id: 'socket-strip',
  job: 'connector',
  letters: ['J', 'P', 'X', 'H', 'CN'],
  role: 'board-part',
  mount: 'through',
  body: {
    shape: 'block',
    pinMm: 2.54,
    widthMm: 2.5,
    heightMm: 8.5,
    colour: '#2a2a2c',
    source: '2.54 mm socket strip, from memory of manufacturers’ sheets',
  },
  signs: [],
  joints: ({ pins = 2 }) => pins,
  pads: 'row',
  polarity: 'free',
  valueKind: 'none',
  example: { pins: 6 },
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
    one: 'socket strip',
    many: 'socket strips',
    fit: [
      'Push it down until it sits on the board.',
      'Solder one pin, straighten the row while the solder is soft, then the others.',
    ],
    hold: 'A pin header plugged into it keeps it straight.',
    mistakes: ['It sits askew, so nothing plugs in.', 'Solder runs up into the contacts.'],
    wayRound: 'Either way round is right.',
  },
  draw: (part) => drawSocketStrip(part.pins ?? 2),
  drawLid: socketStripLid,
};
