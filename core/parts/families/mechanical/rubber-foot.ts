import { drawRubberFoot } from '../../drawing/fixings.ts';
import type { PartFamily } from '../../family.ts';
import { mechanicalTraits } from './traits.ts';

export const rubberFoot: PartFamily<'rubber-foot'> = {
  id: 'rubber-foot',
  ...mechanicalTraits,
  role: 'foot',
  body: {
    shape: 'block',
    lengthMm: 10,
    widthMm: 10,
    heightMm: 4,
    colour: '#2b2b2d',
    source: 'rubber foot of 10 mm, from memory of manufacturers’ sheets',
  },
  valueKind: 'none',
  words: {
    one: 'rubber foot',
    many: 'rubber feet',
    fit: ['Stick it where no joint and no lead end is below it.'],
    hold: 'Press it on.',
    mistakes: ['It sits on a lead end and comes off.'],
  },
  draw: drawRubberFoot,
};
