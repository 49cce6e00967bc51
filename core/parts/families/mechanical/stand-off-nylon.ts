import { drawNylonStandOff } from '../../drawing/fixings.ts';
import type { PartFamily } from '../../family.ts';
import { mechanicalTraits } from './traits.ts';

export const standOffNylon: PartFamily<'stand-off-nylon'> = {
  id: 'stand-off-nylon',
  ...mechanicalTraits,
  role: 'foot',
  body: {
    shape: 'block',
    lengthMm: 6,
    widthMm: 6,
    heightMm: 11,
    colour: '#f1eee4',
    source: 'M3 nylon stand-off of 10 mm, from memory of manufacturers’ sheets',
  },
  valueKind: 'type',
  example: { value: { kind: 'type', print: 'M3 x 10' } },
  words: {
    one: 'nylon stand-off',
    many: 'nylon stand-offs',
    fit: ['Hand-tight only: its thread strips easily.'],
    hold: 'Turn it by hand.',
    mistakes: ['It is tightened with a tool and strips.'],
  },
  draw: drawNylonStandOff,
};
