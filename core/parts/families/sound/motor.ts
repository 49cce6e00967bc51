import { drawMotor } from '../../drawing/moving.ts';
import type { PartFamily } from '../../family.ts';

export const motor: PartFamily<'motor'> = {
  id: 'motor',
  job: 'sound',
  letters: ['M', 'MOT'],
  role: 'off-board',
  mount: 'off-board',
  body: {
    shape: 'block',
    lengthMm: 20,
    widthMm: 15,
    heightMm: 15,
    colour: '#c3c8cc',
    source: 'small motor, from memory of manufacturers’ sheets',
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
  mostMilliampere: 300,
  power: 'none',
  hazards: [],
  heatSensitive: false,
  staticSensitive: false,
  prepareMinutes: 1.2,
  recognise: {
    assumedFor: null,
    not: /\b(driver|treiber|l293\w*|l298\w*|shield|module)\b/,
  },
  words: {
    one: 'motor',
    many: 'motors',
    fit: [
      'Twist and tin the ends of its wires.',
      'Push each wire through its hole, solder, and keep the wires short enough not to catch the shaft.',
    ],
    hold: 'Tape the wires to the board.',
    mistakes: ['Its wires are exchanged, and it turns the wrong way.'],
    wayRound: 'The red wire goes to the hole marked +.',
    backwards: 'It turns the other way round.',
  },
  draw: drawMotor,
};
