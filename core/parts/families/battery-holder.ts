import { drawBatteryHolder, drawHolderMark } from '../drawing/hardware.ts';
import type { PartFamily } from '../family.ts';

export const batteryHolder: PartFamily = {
  id: 'battery-holder',
  letters: ['BT', 'BAT', 'B', 'BH'],
  role: 'holder',
  heightMm: 15,
  bodySource: 'two AA cells, from memory of manufacturers’ sheets',
  joints: () => 2,
  polarity: 'polarised',
  valueKind: 'none',
  heatSensitive: true,
  staticSensitive: false,
  prepareMinutes: 1.5,
  recognise: {
    words: [
      'battery holder',
      'batteriehalter',
      'batterijhouder',
      'battery box',
      'battery clip',
      'coin cell holder',
      'porte-pile',
      'portapilas',
      'batterieclip',
    ],
  },
  words: {
    one: 'battery holder',
    many: 'battery holders',
    fit: [
      'No cells in it while you solder.',
      'Red or + goes to the hole marked +, black or − to the other.',
      'Solder both. The metal is thick: give it a second longer, but keep the iron off the plastic.',
    ],
    wayRound: 'Red is plus and goes to the hole marked +.',
    backwards: 'The whole board gets its supply reversed; only a protection diode may save it.',
  },
  draw: drawBatteryHolder,
  drawBoardMark: drawHolderMark,
};
