import { drawTransformer, drawTransformerMark } from '../../drawing/wound.ts';
import type { PartFamily } from '../../family.ts';
import { typePrints } from '../../marks.ts';

export const transformer: PartFamily<'transformer'> = {
  id: 'transformer',
  job: 'inductor',
  acts: 'unknown',
  letters: ['TR', 'TX', 'T', 'L'],
  role: 'board-part',
  mount: 'through',
  body: {
    shape: 'block',
    lengthMm: 20,
    widthMm: 18,
    heightMm: 17,
    leadMm: 15,
    colour: '#6b6f73',
    source: 'small transformer, from memory of manufacturers’ sheets',
  },
  signs: [{ mark: 'dot', means: 'pin-1' }],
  joints: ({ pins = 4 }) => pins,
  pads: 'two-rows',
  polarity: 'polarised',
  valueKind: 'type',
  example: { value: { kind: 'type', print: '600:600' }, pins: 4 },
  usualTolerancePercent: null,
  bearsForce: false,
  hold: 'tack-one-pin',
  kin: null,
  pinoutMatters: true,
  power: 'none',
  hazards: ['high-voltage'],
  heatSensitive: false,
  staticSensitive: false,
  prepareMinutes: 1.5,
  words: {
    one: 'transformer',
    many: 'transformers',
    fit: [
      'Find the dot or pin 1: both sides look alike.',
      'Push it in until it sits flat, solder two opposite pins, look, then the rest.',
      'It can make a dangerous voltage out of a battery: follow your instructor.',
    ],
    hold: 'Solder one pin, check that it sits flat, then the others.',
    mistakes: ['Primary and secondary are exchanged.'],
    wayRound: 'The dot, or pin 1 of the sheet, is at the square hole.',
    backwards:
      'The wrong winding gets the supply: it may make a high voltage where none belongs, or burn.',
  },
  prints: typePrints,
  draw: drawTransformer,
  drawBoardMark: drawTransformerMark,
};
