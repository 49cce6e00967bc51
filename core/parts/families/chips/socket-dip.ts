import { drawDipMark, drawSocket } from '../../drawing/dip.ts';
import { dipSocketLid } from '../../drawing/lids.ts';
import type { PartFamily } from '../../family.ts';

export const socketDip: PartFamily<'socket-dip'> = {
  id: 'socket-dip',
  job: 'socket',
  letters: ['XU', 'XIC', 'SK', 'X', 'S', 'IC', 'U'],
  role: 'socket',
  mount: 'through',
  body: {
    shape: 'dip',
    pinMm: 1.27,
    widthMm: 10.2,
    heightMm: 4.2,
    leadMm: 7.62,
    colour: '#2a2a2c',
    source: 'spring-contact socket, from memory of manufacturers’ sheets',
  },
  signs: [{ mark: 'notch', means: 'pin-1' }],
  joints: ({ pins = 8 }) => pins,
  pads: 'two-rows',
  polarity: 'polarised',
  valueKind: 'none',
  usualTolerancePercent: null,
  bearsForce: false,
  hold: 'tack-one-pin',
  kin: null,
  pinoutMatters: false,
  power: 'none',
  hazards: [],
  heatSensitive: false,
  staticSensitive: false,
  prepareMinutes: 1,
  recognise: {
    assumedFor: null,
    not: /\b(usb\w*|audio|jack|dc|power|mains|lamp|bulb|fuse|piles?|rj\d+|rca|phono|cinch|din|midi|xlr|bnc)\b/,
  },
  words: {
    one: 'chip socket',
    many: 'chip sockets',
    fit: [
      'Check that no pin is bent under the body, and push the socket in; the chip stays in its bag.',
      'Tape it down, turn the board, solder two pins in opposite corners.',
      'Check that it sits flat; if not, melt one corner and press. Then solder the other pins.',
    ],
    hold: 'Tape it down, or tack two opposite corners and look from the side.',
    mistakes: [
      'The notch points the wrong way, so the chip will follow it.',
      'A pin is bent under the body.',
      'Two neighbouring pins are bridged.',
    ],
    wayRound: 'The notch of the socket goes over the notch printed on the board.',
    backwards: 'The socket still works, but the chip will be put in backwards later.',
  },
  draw: (part) => drawSocket(part.pins ?? 8),
  drawLid: dipSocketLid,
  drawBoardMark: (part) => drawDipMark(part.pins ?? 8),
};
