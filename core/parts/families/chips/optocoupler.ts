import { drawChip, drawDipMark } from '../../drawing/dip.ts';
import type { PartFamily } from '../../family.ts';
import { valueLabel } from '../../label.ts';
import { typePrints } from '../../marks.ts';

export const optocoupler: PartFamily<'optocoupler'> = {
  id: 'optocoupler',
  job: 'chip',
  acts: 'coupled',
  letters: ['OK', 'U', 'IC', 'OC'],
  role: 'board-part',
  mount: 'through',
  body: {
    shape: 'dip',
    pinMm: 1.27,
    widthMm: 6.4,
    heightMm: 4.5,
    leadMm: 7.62,
    colour: '#3c3c40',
    source: 'DIP body and stand-off, from memory of JEDEC MS-001',
  },
  signs: [{ mark: 'dot', means: 'pin-1' }],
  joints: ({ pins = 4 }) => pins,
  pads: 'two-rows',
  polarity: 'polarised',
  valueKind: 'type',
  example: { value: { kind: 'type', print: 'PC817' }, pins: 4 },
  usualTolerancePercent: null,
  bearsForce: false,
  hold: 'tack-one-pin',
  kin: null,
  pinoutMatters: false,
  power: 'none',
  hazards: [],
  heatSensitive: true,
  staticSensitive: false,
  prepareMinutes: 1,
  recognise: {
    assumedFor: null,
    kinds: ['optocoupler'],
    types: [/\b(PC817|PC8\d\d|4N(25|28|35|37)|CNY17|MOC30\d\d|6N13\d|LTV-?8\d)\w*/i],
  },
  words: {
    one: 'optocoupler',
    many: 'optocouplers',
    fit: [
      'Find the dot in one corner: it marks pin 1.',
      'Straighten the legs on the table, push it down flat.',
      'Solder two opposite corners, look, then the other legs.',
    ],
    hold: 'Bend two opposite legs outwards a little.',
    mistakes: ['The dot is overlooked, since there is no notch.', 'It is taken for a small chip.'],
    wayRound: 'The dot goes at the square hole, beside the notch of the outline.',
    backwards: 'Its lamp stays dark and nothing gets across; it usually survives.',
  },
  prints: typePrints,
  draw: (part) => drawChip(part.pins ?? 4, valueLabel(part.value), { notch: false }),
  drawBoardMark: (part) => drawDipMark(part.pins ?? 4),
};
