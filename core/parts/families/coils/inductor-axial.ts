import { drawResistor } from '../../drawing/axial.ts';
import type { PartFamily } from '../../family.ts';
import { inductorBands } from '../../marks.ts';

export const inductorAxial: PartFamily<'inductor-axial'> = {
  id: 'inductor-axial',
  job: 'inductor',
  letters: ['L', 'FB'],
  role: 'board-part',
  mount: 'through',
  body: {
    shape: 'rod',
    lengthMm: 9.5,
    widthMm: 3.5,
    heightMm: 3.5,
    leadMm: 15.24,
    colour: '#7fae8a',
    source: 'axial choke 9.5 x 3.5 mm, from memory of manufacturers’ sheets',
  },
  signs: [],
  joints: () => 2,
  pads: 'row',
  polarity: 'free',
  valueKind: { unit: 'henry' },
  usualTolerancePercent: 10,
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
    one: 'inductor',
    many: 'inductors',
    fit: [
      'Read the bands: they name microhenries. It looks like a fat resistor, so measure it: an inductor has a few ohms at most.',
      'Bend both leads down to the width of the holes and push it flat.',
      'Solder both, trim.',
    ],
    hold: 'Bend the leads outwards.',
    mistakes: ['It is taken for a resistor, or a resistor for it.'],
    wayRound: 'Either way round is right.',
  },
  bands: inductorBands,
  draw: (part) => drawResistor(inductorBands(part), '#7fae8a'),
};
