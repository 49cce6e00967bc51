import { drawBoard } from '../../drawing/hardware.ts';
import type { PartFamily } from '../../family.ts';
import { mechanicalTraits } from './traits.ts';

export const board: PartFamily<'board'> = {
  id: 'board',
  ...mechanicalTraits,
  letters: ['PCB'],
  role: 'carrier',
  body: {
    shape: 'flat',
    lengthMm: 60,
    widthMm: 40,
    heightMm: 1.6,
    colour: '#1f6b45',
    source: 'usual board thickness, from memory of IEC 60249 materials',
  },
  signs: [{ mark: 'print-side', means: 'top' }],
  polarity: 'keyed',
  valueKind: 'none',
  prepareMinutes: 0,
  words: {
    one: 'board',
    many: 'boards',
    fit: ['The side with the print is the side of the parts.'],
    hold: 'A board holder, or putty, or a vice with soft jaws.',
    mistakes: ['Parts are put in from the solder side.'],
  },
  draw: drawBoard,
};
