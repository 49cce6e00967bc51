import { circle, material, rect, text } from '../../drawing/drawing.ts';
import { drawHolderMark } from '../../drawing/hardware.ts';
import { coinLid } from '../../drawing/lids.ts';
import type { PartFamily } from '../../family.ts';

export const coinHolder: PartFamily<'coin-holder'> = {
  id: 'coin-holder',
  job: 'supply',
  letters: ['BT', 'BAT', 'B', 'BH'],
  role: 'board-part',
  mount: 'through',
  body: {
    shape: 'round-box',
    lengthMm: 22,
    widthMm: 22,
    heightMm: 5.5,
    leadMm: 20.32,
    colour: '#2a2a2c',
    source: 'for one 20 mm coin cell, from memory of manufacturers’ sheets',
  },
  signs: [{ mark: 'plus-print', means: 'plus' }],
  joints: () => 2,
  pads: 'row',
  polarity: 'polarised',
  valueKind: 'none',
  usualTolerancePercent: null,
  bearsForce: false,
  hold: 'putty',
  kin: null,
  pinoutMatters: false,
  power: 'feeds-board',
  // Lithium coin cells: 3.25 V fresh, 2.6 V tired, 15 Ω; from memory of data sheets.
  cells: { fresh: 1.08, tired: 0.87, ohmPerVolt: 5, milliampereHours: 210 },
  hazards: ['button-cell'],
  heatSensitive: true,
  staticSensitive: false,
  prepareMinutes: 1,
  words: {
    one: 'coin-cell holder',
    many: 'coin-cell holders',
    fit: [
      'No cell in it while you solder. Find the + that is moulded into it.',
      'Set it on its side of the board so that the opening can be reached.',
      'Solder both ends. The metal is thick: give it a second longer, but keep the iron off the plastic.',
    ],
    hold: 'Solder one end, check that it sits flat, then the other.',
    mistakes: [
      'It sits on the wrong side of the board.',
      'Plus and minus are swapped.',
      'A cell is left in while soldering: it can burst.',
    ],
    wayRound: 'The moulded + goes over the + printed on the board.',
    backwards: 'The whole board gets its supply reversed; only a protection diode may save it.',
  },
  draw: () => ({
    widthMm: 26,
    heightMm: 25,
    shapes: [
      rect(1, 10.5, 3, 4, { fill: material.tin }),
      rect(22, 10.5, 3, 4, { fill: material.tin }),
      circle(13, 12.5, 11, { fill: material.black, stroke: material.blackEdge, strokeWidth: 0.3 }),
      circle(13, 12.5, 8.6, { fill: '#4a4a4d' }),
      rect(10, 0.6, 6, 3, { fill: '#4a4a4d' }),
      text(7.4, 14, '+', 4.5, material.print, true),
    ],
  }),
  drawLid: coinLid,
  drawBoardMark: drawHolderMark,
};
