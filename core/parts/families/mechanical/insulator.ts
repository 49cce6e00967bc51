import { drawInsulator } from '../../drawing/fixings.ts';
import type { PartFamily } from '../../family.ts';
import { mechanicalTraits } from './traits.ts';

export const insulator: PartFamily<'insulator'> = {
  id: 'insulator',
  ...mechanicalTraits,
  role: 'heat-sink',
  body: {
    shape: 'flat',
    lengthMm: 18,
    widthMm: 13,
    heightMm: 0.3,
    colour: '#cdd6da',
    source: 'TO-220 insulator, from memory of manufacturers’ sheets',
  },
  valueKind: 'none',
  words: {
    one: 'insulator',
    many: 'insulators',
    fit: [
      'It goes between the metal tab and the heat sink; the bush keeps the screw from the tab.',
      'Measure between tab and heat sink afterwards: no connection.',
    ],
    hold: 'The screw holds it.',
    mistakes: ['It is left out: the heat sink has the voltage of the tab.'],
  },
  draw: drawInsulator,
};
