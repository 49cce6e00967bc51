import { drawAdhesivePad } from '../../drawing/fixings.ts';
import type { PartFamily } from '../../family.ts';
import { mechanicalTraits } from './traits.ts';

export const adhesive: PartFamily<'adhesive'> = {
  id: 'adhesive',
  ...mechanicalTraits,
  role: 'tie',
  body: {
    shape: 'block',
    lengthMm: 20,
    widthMm: 15,
    heightMm: 1,
    colour: '#e9e4d6',
    source: 'foam pad, from memory of manufacturers’ sheets',
  },
  valueKind: 'none',
  words: {
    one: 'adhesive',
    many: 'pieces of adhesive',
    fit: ['Both faces clean and dry.', 'Press it on, and keep it still until it holds.'],
    hold: 'Press it on.',
    mistakes: ['It covers a joint that was not looked at.'],
  },
  draw: drawAdhesivePad,
};
