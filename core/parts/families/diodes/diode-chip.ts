import { drawChipDiode, drawSurfaceDiodeMark } from '../../drawing/surface.ts';
import type { PartFamily } from '../../family.ts';
import { valueLabel } from '../../label.ts';
import { typePrints } from '../../marks.ts';

export const diodeChip: PartFamily<'diode-chip'> = {
  id: 'diode-chip',
  job: 'diode',
  letters: ['D'],
  role: 'board-part',
  mount: 'surface',
  body: {
    shape: 'chip',
    lengthMm: 2.7,
    widthMm: 1.6,
    heightMm: 1.1,
    colour: '#2b2b2e',
    source: 'SOD-123 body 2.7 x 1.6 mm, from memory of the JEDEC outline',
  },
  signs: [{ mark: 'band', means: 'cathode' }],
  joints: () => 2,
  pads: 'row',
  polarity: 'polarised',
  valueKind: 'type',
  example: { value: { kind: 'type', print: '1N4148W' } },
  usualTolerancePercent: null,
  bearsForce: false,
  hold: 'tack-one-pin',
  kin: null,
  pinoutMatters: false,
  power: 'none',
  hazards: [],
  heatSensitive: true,
  staticSensitive: false,
  prepareMinutes: 1.2,
  kinds: ['diode', 'schottky', 'zener'],
  words: {
    one: 'chip diode',
    many: 'chip diodes',
    fit: [
      'Find the band with a magnifier; it goes to the line.',
      'Tin one pad, hold the part with tweezers, melt it on, solder the other end, then go over the first.',
    ],
    hold: 'Tweezers hold it while the first end is melted on.',
    mistakes: [
      'It stands up at one end, because the first pad had too much solder.',
      'It jumps off the tweezers and is gone.',
      'The band is overlooked.',
    ],
    wayRound: 'The band goes on the line printed on the board.',
    backwards: 'It blocks or short-circuits the supply, depending on its job.',
  },
  prints: typePrints,
  draw: (part) => drawChipDiode(valueLabel(part.value)),
  drawBoardMark: drawSurfaceDiodeMark,
};
