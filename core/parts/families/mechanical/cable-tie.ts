import { drawCableTie } from '../../drawing/fixings.ts';
import type { PartFamily } from '../../family.ts';
import { mechanicalTraits } from './traits.ts';

export const cableTie: PartFamily<'cable-tie'> = {
  id: 'cable-tie',
  ...mechanicalTraits,
  role: 'tie',
  body: {
    shape: 'block',
    lengthMm: 100,
    widthMm: 2.5,
    heightMm: 1,
    colour: '#2b2b2d',
    source: 'cable tie of 100 mm, from memory of manufacturers’ sheets',
  },
  valueKind: 'none',
  words: {
    one: 'cable tie',
    many: 'cable ties',
    fit: ['Pull it tight, and cut the end off flush.'],
    hold: 'Pull it tight by its end.',
    mistakes: ['It is pulled so tight that it cuts into the insulation.'],
  },
  draw: drawCableTie,
};
