import { drawBatteryHolder, drawHolderMark } from '../../drawing/hardware.ts';
import { batteryLid } from '../../drawing/lids.ts';
import type { PartFamily } from '../../family.ts';
import { holderCells, usualCells } from '../../holderCells.ts';

export const batteryHolder: PartFamily<'battery-holder'> = {
  id: 'battery-holder',
  job: 'supply',
  letters: ['BT', 'BAT', 'B', 'BH'],
  role: 'holder',
  mount: 'through',
  body: {
    shape: 'block',
    lengthMm: 58,
    widthMm: 31,
    heightMm: 15,
    colour: '#2a2a2c',
    source: 'two AA cells, from memory of manufacturers’ sheets',
  },
  signs: [
    { mark: 'red-wire', means: 'plus' },
    { mark: 'black-wire', means: 'minus' },
  ],
  joints: () => 2,
  pads: 'row',
  polarity: 'polarised',
  valueKind: 'none',
  usualTolerancePercent: null,
  bearsForce: true,
  hold: 'tape',
  kin: null,
  pinoutMatters: false,
  power: 'feeds-board',
  // Alkaline cells: 1.6 V fresh, 1.1 V tired, 0.3 Ω each; from memory of data sheets.
  cells: { fresh: 1.07, tired: 0.73, ohmPerVolt: 0.2, milliampereHours: 2000 },
  hazards: [],
  heatSensitive: true,
  staticSensitive: false,
  prepareMinutes: 1.5,
  words: {
    one: 'battery holder',
    many: 'battery holders',
    fit: [
      'No cells in it while you solder.',
      'Red or + goes to the hole marked +, black or − to the other.',
      'Solder both. The metal is thick: give it a second longer, but keep the iron off the plastic.',
    ],
    hold: 'Screws or double-sided tape hold it before it is soldered.',
    mistakes: [
      'It is fixed before it was tried in its place.',
      'Plus and minus are swapped.',
      'It is soldered with the cells in.',
    ],
    wayRound: 'Red is plus and goes to the hole marked +.',
    backwards: 'The whole board gets its supply reversed; only a protection diode may save it.',
  },
  draw: (part) => drawBatteryHolder(holderCells(part) ?? usualCells),
  drawLid: batteryLid,
  drawBoardMark: drawHolderMark,
};
