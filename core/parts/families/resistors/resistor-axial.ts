import { coatOf, drawResistor } from '../../drawing/axial.ts';
import type { PartFamily } from '../../family.ts';
import { bandsOf } from '../../marks.ts';

export const resistorAxial: PartFamily<'resistor-axial'> = {
  id: 'resistor-axial',
  job: 'resistor',
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
  pads: 'row',
  polarity: 'free',
  valueKind: { unit: 'ohm' },
  usualTolerancePercent: 5,
  bearsForce: false,
  hold: 'bent-leads',
  kin: null,
  pinoutMatters: false,
  power: 'none',
  hazards: [],
  heatSensitive: false,
  staticSensitive: false,
  prepareMinutes: 0.8,
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
