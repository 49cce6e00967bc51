import { drawSolarCell } from '../../drawing/cells.ts';
import type { PartFamily } from '../../family.ts';

export const solarCell: PartFamily<'solar-cell'> = {
  id: 'solar-cell',
  job: 'supply',
  // What it gives depends on the light: nothing is reckoned with it.
  acts: 'unknown',
  letters: ['SC', 'SOL', 'PV', 'BT', 'BAT'],
  role: 'off-board',
  mount: 'off-board',
  body: {
    shape: 'block',
    lengthMm: 60,
    widthMm: 40,
    heightMm: 3,
    colour: '#1f3358',
    source: 'solar cell of 60 x 40 mm, from memory of manufacturers’ sheets',
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
  hazards: [],
  heatSensitive: true,
  staticSensitive: false,
  prepareMinutes: 1.2,
  words: {
    one: 'solar cell',
    many: 'solar cells',
    fit: [
      'Cover it, or turn it face down: in light it gives its voltage already.',
      'Solder the red wire to its tab marked +, the black one to −, briefly.',
      'Solder the other ends to the board: red to +, black to −.',
    ],
    hold: 'A strip of tape, face down on a soft cloth.',
    mistakes: [
      'Red and black are swapped.',
      'A tab is heated so long that it comes off.',
      'The wires pull at the tabs, because nothing relieves the strain.',
    ],
    wayRound: 'Red is plus. Check with a meter in good light.',
    backwards: 'The whole board gets its supply reversed; only a protection diode may save it.',
  },
  draw: drawSolarCell,
};
