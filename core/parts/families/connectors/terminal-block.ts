import { drawTerminalBlock, drawTerminalMark } from '../../drawing/hardware.ts';
import { terminalLid } from '../../drawing/lids.ts';
import type { PartFamily } from '../../family.ts';

export const terminalBlock: PartFamily<'terminal-block'> = {
  id: 'terminal-block',
  job: 'connector',
  letters: ['J', 'X', 'K', 'CN', 'TB', 'P'],
  role: 'board-part',
  mount: 'through',
  body: {
    shape: 'block',
    pinMm: 5.08,
    widthMm: 8,
    heightMm: 10,
    leadMm: 5.08,
    colour: '#2f7d4f',
    source: '5.08 mm screw terminal, from memory of manufacturers’ sheets',
  },
  signs: [{ mark: 'openings', means: 'outwards' }],
  joints: ({ pins = 2 }) => pins,
  pads: 'row',
  polarity: 'polarised',
  valueKind: 'none',
  example: { pins: 2 },
  usualTolerancePercent: null,
  bearsForce: true,
  hold: 'tape',
  kin: null,
  pinoutMatters: false,
  power: 'none',
  hazards: [],
  heatSensitive: false,
  staticSensitive: false,
  prepareMinutes: 0.7,
  words: {
    one: 'terminal block',
    many: 'terminal blocks',
    fit: [
      'Turn it so that you can push wires in from outside the board, and press it down flat.',
      'Its pins are thick: hold the iron a second longer and let the solder flow all round.',
    ],
    hold: 'Hold it with tape: its weight tips it over when the board is turned.',
    mistakes: [
      'The openings face into the board.',
      'Its thick pins get too little heat and the joint is dry.',
    ],
    wayRound: 'The wire openings face outwards, to the edge of the board.',
    backwards:
      'The wires cannot get in, or plus and minus change places and the whole board is reversed.',
  },
  draw: (part) => drawTerminalBlock(part.pins ?? 2),
  drawLid: terminalLid,
  drawBoardMark: (part) => drawTerminalMark(part.pins ?? 2),
};
