import { drawPowerChip, drawPowerChipMark } from '../../drawing/wound.ts';
import type { PartFamily } from '../../family.ts';
import { valueLabel } from '../../label.ts';
import { typePrints } from '../../marks.ts';

export const chipPower: PartFamily<'chip-power'> = {
  id: 'chip-power',
  job: 'chip',
  letters: ['U', 'IC'],
  role: 'board-part',
  mount: 'through',
  body: {
    shape: 'tab',
    lengthMm: 10.2,
    widthMm: 4.5,
    heightMm: 20,
    leadMm: 6.8,
    colour: '#2a2a2c',
    source: 'TO-220-5, from memory of the JEDEC outline',
  },
  signs: [{ mark: 'metal-tab', means: 'outline' }],
  joints: ({ pins = 5 }) => pins,
  pads: 'row',
  polarity: 'polarised',
  valueKind: 'type',
  example: { value: { kind: 'type', print: 'TDA2030' }, pins: 5 },
  usualTolerancePercent: null,
  bearsForce: false,
  hold: 'tack-one-pin',
  kin: null,
  pinoutMatters: true,
  power: 'none',
  hazards: [],
  heatSensitive: true,
  staticSensitive: true,
  prepareMinutes: 1.5,
  kinds: ['audio', 'driver', 'converter'],
  words: {
    one: 'power chip',
    many: 'power chips',
    fit: [
      'Its legs leave in two rows: bend none of them, and check each over its own hole.',
      'If it has a heat sink, screw it on first, with an insulator where the sheet says so.',
      'Solder one leg, check that it sits straight, then the others. Trim.',
    ],
    hold: 'Its stiff legs hold it; tape it if it leans.',
    mistakes: ['A leg is bent beside its hole.', 'It is switched on without its heat sink.'],
    wayRound: 'The metal tab is at the double line of the outline.',
    backwards: 'It is usually destroyed the moment the board gets power.',
  },
  prints: typePrints,
  draw: (part) => drawPowerChip(valueLabel(part.value), part.pins ?? 5),
  drawBoardMark: drawPowerChipMark,
};
