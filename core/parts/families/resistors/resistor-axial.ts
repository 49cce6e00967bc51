import { coatOf, drawResistor } from '../../drawing/axial.ts';
import type { PartFamily } from '../../family.ts';
import { bandsOf } from '../../marks.ts';

export const resistorAxial: PartFamily = {
  id: 'resistor-axial',
  letters: ['R'],
  role: 'board-part',
  mount: 'through',
  body: {
    shape: 'rod',
    lengthMm: 6.8,
    widthMm: 2.5,
    heightMm: 2.5,
    leadMm: 10.16,
    colour: '#dcc59a',
    source: 'quarter-watt body 6.8 x 2.5 mm, from memory of IEC 60115-2 sizes',
  },
  signs: [],
  joints: () => 2,
  polarity: 'free',
  valueKind: { unit: 'ohm' },
  heatSensitive: false,
  staticSensitive: false,
  prepareMinutes: 0.8,
  recognise: {
    not: /\b(smd|smt|chip|0402|0603|0805|1206|network|array|netzwerk|sil\d*|ldr|photo|foto|ntc|ptc|thermistor|variable|poti|pot|trim\w*|lin|log)\b/,
    words: [
      'resistor',
      'res',
      'widerstand',
      'weerstand',
      'resistance',
      'resistencia',
      'metal film',
      'carbon film',
      'kohleschicht',
      'metallschicht',
      'kohleschichtwiderstand',
      'metallschichtwiderstand',
      'wirewound',
    ],
  },
  words: {
    one: 'resistor',
    many: 'resistors',
    fit: [
      'Read the bands, or measure, and compare with the picture.',
      'Bend both leads down to the width of the holes and push the resistor flat onto the board.',
      'Turn the board over, spread the leads a little so that it stays, solder both, then trim.',
    ],
    hold: 'Bend the leads outwards on the solder side; lying flat it cannot fall far.',
    mistakes: [
      'Two values with alike bands change places.',
      'The bands are read from the wrong end.',
      'The leads are bent so close to the body that it cracks.',
    ],
    wayRound: 'Either way round is right.',
  },
  bands: bandsOf,
  usable: {
    fromFactor: 0.8,
    toFactor: 1.25,
    words: { for: 'an LED or a pull-up', never: 'a divider or timing' },
  },
  colourOf: (part) => coatOf(bandsOf(part).length),
  draw: (part) => drawResistor(bandsOf(part)),
};
