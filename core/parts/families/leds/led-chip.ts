import { lensOf } from '../../drawing/radial.ts';
import { drawChipLed, drawSurfaceDiodeMark } from '../../drawing/surface.ts';
import type { PartFamily } from '../../family.ts';

export const ledChip: PartFamily<'led-chip'> = {
  id: 'led-chip',
  job: 'light',
  letters: ['LED', 'D', 'LD'],
  role: 'board-part',
  mount: 'surface',
  body: {
    shape: 'chip',
    lengthMm: 2,
    widthMm: 1.25,
    heightMm: 0.8,
    colour: '#f1ead7',
    source: '0805 body 2.0 x 1.25 mm, from memory of manufacturers’ sheets',
  },
  comesInSizes: true,
  signs: [{ mark: 'green-mark', means: 'cathode' }],
  joints: () => 2,
  pads: 'row',
  polarity: 'polarised',
  valueKind: 'colour',
  usualTolerancePercent: null,
  bearsForce: false,
  hold: 'tack-one-pin',
  kin: null,
  pinoutMatters: false,
  power: 'none',
  hazards: ['bright'],
  heatSensitive: true,
  staticSensitive: false,
  prepareMinutes: 1.2,
  words: {
    one: 'chip LED',
    many: 'chip LEDs',
    fit: [
      'Find the green mark, or the arrow underneath: it points to minus.',
      'Tin one pad, hold the part with tweezers, melt it on, solder the other end, then go over the first.',
      'Do not press on the lens.',
    ],
    hold: 'Tweezers hold it while the first end is melted on.',
    mistakes: [
      'It stands up at one end, because the first pad had too much solder.',
      'It jumps off the tweezers and is gone.',
      'The mark is so small that it is guessed.',
    ],
    wayRound:
      'The green mark goes at the line printed on the board. If the batch has another mark, ask, or use the diode test of a meter.',
    backwards:
      'It does not light. Below 5 V it survives: take it out and turn it round. Above that it may be damaged.',
  },
  colourOf: lensOf,
  draw: (part) => drawChipLed(lensOf(part)),
  drawBoardMark: drawSurfaceDiodeMark,
};
