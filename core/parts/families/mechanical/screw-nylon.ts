import { drawNylonScrew } from '../../drawing/fixings.ts';
import type { PartFamily } from '../../family.ts';
import { mechanicalTraits } from './traits.ts';

export const screwNylon: PartFamily<'screw-nylon'> = {
  id: 'screw-nylon',
  ...mechanicalTraits,
  role: 'screw',
  body: {
    shape: 'block',
    lengthMm: 8,
    widthMm: 5.5,
    heightMm: 2.5,
    colour: '#f1eee4',
    source: 'M3 nylon screw, from memory of manufacturers’ sheets',
  },
  valueKind: 'type',
  example: { value: { kind: 'type', print: 'M3 x 6' } },
  words: {
    one: 'nylon screw',
    many: 'nylon screws',
    fit: ['Hand-tight only: its head tears off easily.'],
    hold: 'Turn it by hand.',
    mistakes: ['Its head is torn off.'],
  },
  draw: drawNylonScrew,
};
