import { drawDipMark, drawSocket } from '../drawing/dip.ts';
import type { PartFamily } from '../family.ts';

export const socketDip: PartFamily = {
  id: 'socket-dip',
  letters: ['X', 'XU', 'XIC', 'SK', 'S'],
  role: 'socket',
  heightMm: 4.2,
  bodySource: 'spring-contact socket, from memory of manufacturers’ sheets',
  joints: ({ pins = 8 }) => pins,
  polarity: 'polarised',
  valueKind: 'none',
  heatSensitive: false,
  staticSensitive: false,
  prepareMinutes: 1,
  recognise: {
    words: [
      'socket',
      'ic socket',
      'sockel',
      'fassung',
      'ic-fassung',
      'voet',
      'support',
      'zocalo',
      'dil socket',
    ],
  },
  words: {
    one: 'chip socket',
    many: 'chip sockets',
    fit: [
      'Look that no pin is bent under the body, and push the socket in; the chip stays in its bag.',
      'Tape it down, turn the board, solder two pins in opposite corners.',
      'Look whether it lies flat; if not, melt one corner and press. Then solder the other pins.',
    ],
    wayRound: 'The notch of the socket lies over the notch printed on the board.',
    backwards: 'The socket still works, but the chip will be put in backwards later.',
  },
  draw: (part) => drawSocket(part.pins ?? 8),
  drawBoardMark: (part) => drawDipMark(part.pins ?? 8),
};
