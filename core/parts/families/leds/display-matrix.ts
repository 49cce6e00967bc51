import { printLid } from '../../drawing/lids.ts';
import { drawMatrix, drawMatrixMark } from '../../drawing/lights.ts';
import type { PartFamily } from '../../family.ts';
import { typePrints } from '../../marks.ts';

export const displayMatrix: PartFamily<'display-matrix'> = {
  id: 'display-matrix',
  job: 'display',
  letters: ['DS', 'DIS', 'DISP', 'LED', 'U', 'D', 'MX'],
  role: 'board-part',
  mount: 'through',
  body: {
    shape: 'block',
    lengthMm: 32,
    widthMm: 32,
    heightMm: 8,
    leadMm: 24,
    colour: '#1d1d20',
    source: '8 x 8 matrix of 32 mm, from memory of manufacturers’ sheets',
  },
  signs: [{ mark: 'print-side', means: 'pin-1' }],
  joints: ({ pins = 16 }) => pins,
  pads: 'two-rows',
  polarity: 'polarised',
  valueKind: 'type',
  example: { value: { kind: 'type', print: '1088AS' }, pins: 16 },
  usualTolerancePercent: null,
  bearsForce: false,
  hold: 'tack-one-pin',
  kin: null,
  pinoutMatters: true,
  power: 'none',
  hazards: [],
  heatSensitive: true,
  staticSensitive: false,
  prepareMinutes: 1.5,
  kinds: ['matrix-display'],
  words: {
    one: 'LED matrix',
    many: 'LED matrices',
    fit: [
      'Find the side with the print, and the pin 1 that the sheet names: rows and columns of the pins are mixed.',
      'Check that all pins are straight, then push it in until it sits level.',
      'Solder two pins in opposite corners, look from the side, then the rest.',
    ],
    hold: 'Solder one pin, check from the side that it sits level, then the others.',
    mistakes: [
      'It is turned by half a turn.',
      'Another type with the same face is fitted: common anode for common cathode.',
    ],
    wayRound: 'The side with the print goes where the board or the sheet has pin 1.',
    backwards: 'Wrong dots light, or none. Desoldering sixteen pins takes long, so check now.',
  },
  prints: typePrints,
  draw: drawMatrix,
  drawLid: printLid,
  drawBoardMark: drawMatrixMark,
};
