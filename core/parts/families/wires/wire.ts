import { drawWires } from '../../drawing/hardware.ts';
import type { PartFamily } from '../../family.ts';

export const wire: PartFamily<'wire'> = {
  id: 'wire',
  job: 'wire',
  letters: ['W', 'WP'],
  role: 'off-board',
  mount: 'off-board',
  body: {
    shape: 'wire',
    lengthMm: 100,
    widthMm: 1.2,
    heightMm: 2,
    colour: '#b8281c',
    source: 'insulated wire of 1.2 mm, common practice',
  },
  signs: [
    { mark: 'red-wire', means: 'plus' },
    { mark: 'black-wire', means: 'minus' },
  ],
  joints: () => 1,
  pads: 'row',
  polarity: 'polarised',
  valueKind: 'none',
  usualTolerancePercent: null,
  bearsForce: false,
  hold: 'bent-leads',
  kin: null,
  pinoutMatters: false,
  power: 'none',
  hazards: [],
  heatSensitive: false,
  staticSensitive: false,
  prepareMinutes: 1.2,
  words: {
    one: 'wire',
    many: 'wires',
    fit: [
      'Strip 5 mm, twist the strands and tin them.',
      'Push each wire through its own hole from the top and solder it.',
      'Pull gently: it must hold.',
    ],
    hold: 'Bend the bare end over on the solder side, or tape the insulation to the board.',
    mistakes: [
      'The insulation sits in the joint.',
      'Loose strands touch the next pad.',
      'Red and black are swapped.',
    ],
    wayRound: 'Compare the colour of each wire with the name of its hole.',
    backwards: 'What hangs on the wires works the wrong way round, or not at all.',
  },
  draw: drawWires,
};
