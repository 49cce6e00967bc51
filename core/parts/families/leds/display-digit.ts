import { digitLid, drawDigit, drawDigitMark } from '../../drawing/digit.ts';
import type { PartFamily } from '../../family.ts';
import { typePrints } from '../../marks.ts';

export const displayDigit: PartFamily<'display-digit'> = {
  id: 'display-digit',
  job: 'display',
  letters: ['DS', 'DIS', 'DISP', 'LED', 'U', 'D'],
  role: 'board-part',
  mount: 'through',
  body: {
    shape: 'block',
    pinMm: 1.27,
    widthMm: 19,
    heightMm: 8,
    leadMm: 15.24,
    colour: '#3b3d40',
    source:
      'one digit of 0.56 inch, two rows of five pins 15.24 mm apart, from memory of manufacturers’ sheets',
  },
  signs: [{ mark: 'decimal-point', means: 'outline' }],
  joints: ({ pins = 10 }) => pins,
  pads: 'two-rows',
  polarity: 'polarised',
  valueKind: 'type',
  example: { value: { kind: 'type', print: '5161AS' }, pins: 10 },
  usualTolerancePercent: null,
  bearsForce: false,
  hold: 'tack-one-pin',
  kin: null,
  // Common anode or common cathode, and makers number the segments differently.
  pinoutMatters: true,
  power: 'none',
  hazards: [],
  heatSensitive: true,
  staticSensitive: false,
  prepareMinutes: 1.2,
  kinds: ['display'],
  words: {
    one: 'seven-segment display',
    many: 'seven-segment displays',
    fit: [
      'Find the decimal point: it is at the foot of the digit.',
      'Check that all pins are straight, then push it in until it sits level.',
      'Solder two pins in opposite corners, look from the side, then the rest.',
    ],
    hold: 'Solder one pin, check from the side that it sits level, then the others.',
    mistakes: [
      'It is turned by half a turn.',
      'A pin is bent under the body.',
      'Another type with the same face is fitted: common anode for common cathode.',
    ],
    wayRound: 'The decimal point is where the board has its printed point.',
    backwards: 'Wrong segments light, or none. Desoldering ten pins takes long, so look now.',
  },
  prints: typePrints,
  draw: drawDigit,
  drawLid: digitLid,
  drawBoardMark: drawDigitMark,
};
