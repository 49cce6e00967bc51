import { drawTerminalBlock, drawTerminalMark } from '../drawing/hardware.ts';
import type { PartFamily } from '../family.ts';

export const terminalBlock: PartFamily = {
  id: 'terminal-block',
  letters: ['J', 'X', 'K', 'CN', 'TB', 'P'],
  role: 'board-part',
  heightMm: 10,
  bodySource: '5.08 mm screw terminal, from memory of manufacturers’ sheets',
  joints: ({ pins = 2 }) => pins,
  polarity: 'polarised',
  valueKind: 'none',
  heatSensitive: false,
  staticSensitive: false,
  prepareMinutes: 0.7,
  recognise: {
    words: [
      'terminal block',
      'terminal',
      'screw terminal',
      'anschlussklemme',
      'schraubklemme',
      'klemme',
      'kroonsteen',
      'bornier',
      'bornera',
    ],
  },
  words: {
    one: 'terminal block',
    many: 'terminal blocks',
    fit: [
      'Turn it so that you can push wires in from outside the board, and press it down flat.',
      'Its pins are thick: hold the iron a second longer and let the solder flow all round.',
    ],
    wayRound: 'The wire openings face outwards, to the edge of the board.',
    backwards:
      'The wires cannot get in, or plus and minus change places and the whole board is reversed.',
  },
  draw: (part) => drawTerminalBlock(part.pins ?? 2),
  drawBoardMark: (part) => drawTerminalMark(part.pins ?? 2),
};
