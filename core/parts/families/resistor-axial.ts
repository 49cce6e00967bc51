import { drawResistor } from '../drawing/axial.ts';
import type { PartFamily } from '../family.ts';
import { bandsOf } from '../marks.ts';

export const resistorAxial: PartFamily = {
  id: 'resistor-axial',
  letters: ['R'],
  role: 'board-part',
  heightMm: 2.5,
  bodySource: 'quarter-watt body 6.8 x 2.5 mm, from memory of manufacturers’ sheets',
  joints: () => 2,
  polarity: 'free',
  valueKind: { unit: 'ohm' },
  heatSensitive: false,
  staticSensitive: false,
  prepareMinutes: 0.8,
  recognise: {
    words: [
      'resistor',
      'res',
      'widerstand',
      'weerstand',
      'resistance',
      'resistencia',
      'metal film',
      'carbon film',
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
    wayRound: 'Either way round is right.',
  },
  bands: bandsOf,
  draw: (part) => drawResistor(bandsOf(part)),
};
