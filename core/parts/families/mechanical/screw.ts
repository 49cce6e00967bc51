import { drawScrew } from '../../drawing/hardware.ts';
import type { PartFamily } from '../../family.ts';
import { mechanicalTraits } from './traits.ts';

export const screw: PartFamily<'screw'> = {
  id: 'screw',
  ...mechanicalTraits,
  role: 'screw',
  body: {
    shape: 'block',
    lengthMm: 8,
    widthMm: 5.5,
    heightMm: 3,
    colour: '#c9cdd0',
    source: 'M3 screw, from memory of ISO 7045',
  },
  valueKind: 'type',
  example: { value: { kind: 'type', print: 'M3 x 8' } },
  words: {
    one: 'screw',
    many: 'screws',
    fit: ['Hand-tight only: plastic and board crack easily.'],
    hold: 'Hold the nut, turn the screw.',
    mistakes: ['It is turned until the board or the plastic cracks.'],
  },
  draw: drawScrew,
};
