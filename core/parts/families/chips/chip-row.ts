import { drawRowChip, drawRowChipMark } from '../../drawing/wound.ts';
import type { PartFamily } from '../../family.ts';
import { valueLabel } from '../../label.ts';
import { typePrints } from '../../marks.ts';

export const chipRow: PartFamily<'chip-row'> = {
  id: 'chip-row',
  job: 'chip',
  letters: ['U', 'IC'],
  role: 'board-part',
  mount: 'through',
  body: {
    shape: 'slab',
    pinMm: 2.54,
    widthMm: 2.6,
    heightMm: 7,
    colour: '#35353a',
    source: 'SIP-9, from memory of manufacturers’ sheets',
  },
  signs: [{ mark: 'cut-corner', means: 'pin-1' }],
  joints: ({ pins = 9 }) => pins,
  pads: 'row',
  polarity: 'polarised',
  valueKind: 'type',
  example: { value: { kind: 'type', print: 'KA2284' }, pins: 9 },
  usualTolerancePercent: null,
  bearsForce: false,
  hold: 'tack-one-pin',
  kin: null,
  pinoutMatters: false,
  power: 'none',
  hazards: [],
  heatSensitive: true,
  staticSensitive: true,
  prepareMinutes: 1.2,
  kinds: ['comparator', 'audio', 'driver'],
  words: {
    one: 'chip with one row of legs',
    many: 'chips with one row of legs',
    fit: [
      'Find pin 1: at the cut corner or the dot.',
      'Check that every leg is over its own hole, then push it in.',
      'Solder one leg, check that it sits straight, then the others.',
    ],
    hold: 'Solder one leg, check that it sits straight, then the others.',
    mistakes: ['It is turned by half a turn.', 'A leg is bent under the body.'],
    wayRound: 'The cut corner or dot is at the square hole.',
    backwards: 'It is usually destroyed the moment the board gets power.',
  },
  prints: typePrints,
  draw: (part) => drawRowChip(valueLabel(part.value), part.pins ?? 9),
  drawBoardMark: drawRowChipMark,
};
