import { drawWires } from '../drawing/hardware.ts';
import type { PartFamily } from '../family.ts';

export const wire: PartFamily = {
  id: 'wire',
  letters: ['W', 'WP'],
  role: 'off-board',
  heightMm: 2,
  bodySource: 'insulated wire of 1.2 mm, common practice',
  joints: () => 1,
  polarity: 'polarised',
  valueKind: 'none',
  heatSensitive: false,
  staticSensitive: false,
  prepareMinutes: 1.2,
  recognise: {
    words: [
      'wire',
      'wires',
      'leads',
      'probe',
      'probes',
      'cable',
      'litze',
      'kabel',
      'draad',
      'fil',
      'flying lead',
      'lead',
    ],
  },
  words: {
    one: 'wire',
    many: 'wires',
    fit: [
      'Strip 4 mm, twist the strands and tin them.',
      'Push each wire through its own hole from the top and solder it.',
      'Pull gently: it must hold.',
    ],
    wayRound: 'Compare the colour of each wire with the name of its hole.',
    backwards: 'What hangs on the wires works the wrong way round, or not at all.',
  },
  draw: drawWires,
};
