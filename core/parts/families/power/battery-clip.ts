import { drawBatteryClip } from '../../drawing/power.ts';
import type { PartFamily } from '../../family.ts';

export const batteryClip: PartFamily<'battery-clip'> = {
  id: 'battery-clip',
  job: 'supply',
  letters: ['BT', 'BAT', 'B', 'BC'],
  role: 'off-board',
  mount: 'off-board',
  body: {
    shape: 'block',
    lengthMm: 26,
    widthMm: 13,
    heightMm: 8,
    colour: '#2a2a2c',
    source: 'clip for a 9 V block, from memory of manufacturers’ sheets',
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
  bearsForce: false,
  hold: 'tape',
  kin: null,
  pinoutMatters: false,
  power: 'feeds-board',
  // 9 V block: 9.5 V fresh, 7 V tired, 3 Ω; from memory of data sheets.
  cells: { fresh: 1.06, tired: 0.78, ohmPerVolt: 0.3, milliampereHours: 500 },
  hazards: [],
  heatSensitive: true,
  staticSensitive: false,
  prepareMinutes: 1.2,
  words: {
    one: 'battery clip',
    many: 'battery clips',
    fit: [
      'No battery on it while you solder.',
      'Red goes to the hole marked +, black to the other.',
      'Put the wires through the strain-relief holes, if the board has them, then solder.',
    ],
    hold: 'Bend the bare ends over on the solder side.',
    mistakes: [
      'Red and black are swapped.',
      'The wire breaks at the joint, because nothing relieves the strain.',
    ],
    wayRound: 'Red is plus and goes to the hole marked +.',
    backwards: 'The whole board gets its supply reversed; only a protection diode may save it.',
  },
  draw: drawBatteryClip,
};
