import { drawCasePart } from '../../drawing/fixings.ts';
import type { PartFamily } from '../../family.ts';
import { mechanicalTraits } from './traits.ts';

export const casePart: PartFamily<'case-part'> = {
  id: 'case-part',
  ...mechanicalTraits,
  role: 'case',
  body: {
    shape: 'block',
    lengthMm: 80,
    widthMm: 50,
    heightMm: 25,
    colour: '#d9d2c2',
    source: 'small case, from memory of manufacturers’ sheets',
  },
  valueKind: 'none',
  words: {
    one: 'case part',
    many: 'case parts',
    fit: ['Try that everything works before you close it.'],
    hold: 'Hold both halves together, then screw.',
    mistakes: ['A wire is caught between the halves.'],
  },
  draw: drawCasePart,
};
