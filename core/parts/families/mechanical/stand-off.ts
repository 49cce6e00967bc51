import { drawStandOff } from '../../drawing/connector.ts';
import type { PartFamily } from '../../family.ts';
import { mechanicalTraits } from './traits.ts';

export const standOff: PartFamily<'stand-off'> = {
  id: 'stand-off',
  ...mechanicalTraits,
  role: 'foot',
  body: {
    shape: 'block',
    lengthMm: 5,
    widthMm: 5,
    heightMm: 11,
    colour: '#c9a14a',
    source: 'M3 stand-off of 10 mm, from memory of manufacturers’ sheets',
  },
  valueKind: 'type',
  example: { value: { kind: 'type', print: 'M3 x 10' } },
  words: {
    one: 'stand-off',
    many: 'stand-offs',
    fit: ['Hand-tight only: plastic and board crack easily.'],
    hold: 'Hold it with pliers, turn the nut.',
    mistakes: ['It touches a track below its rim.'],
  },
  draw: drawStandOff,
};
