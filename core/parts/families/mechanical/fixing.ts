import { drawWasher } from '../../drawing/fixings.ts';
import type { PartFamily } from '../../family.ts';
import { mechanicalTraits } from './traits.ts';

export const fixing: PartFamily<'fixing'> = {
  id: 'fixing',
  ...mechanicalTraits,
  role: 'screw',
  body: {
    shape: 'block',
    lengthMm: 7,
    widthMm: 7,
    heightMm: 1,
    colour: '#c9cdd0',
    source: 'M3 washer, from memory of ISO 7089',
  },
  valueKind: 'none',
  words: {
    one: 'fixing',
    many: 'fixings',
    fit: ['Put it on together with its screw.'],
    hold: 'The screw holds it.',
    mistakes: ['It is left out, and the screw bites into the board.'],
  },
  draw: drawWasher,
};
