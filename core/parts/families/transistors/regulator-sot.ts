import { drawSot23Mark } from '../../drawing/surface.ts';
import { drawSot223 } from '../../drawing/surfaceCans.ts';
import type { PartFamily } from '../../family.ts';
import { valueLabel } from '../../label.ts';
import { typePrints } from '../../marks.ts';

export const regulatorSot: PartFamily<'regulator-sot'> = {
  id: 'regulator-sot',
  job: 'regulator',
  letters: ['VR', 'Q', 'U', 'IC'],
  role: 'board-part',
  mount: 'surface',
  body: {
    shape: 'sot',
    lengthMm: 6.5,
    widthMm: 3.5,
    heightMm: 1.6,
    colour: '#2a2a2c',
    source: 'SOT-223, from memory of the JEDEC outline',
  },
  signs: [{ mark: 'single-leg', means: 'one-way' }],
  joints: () => 3,
  pads: 'triangle',
  polarity: 'polarised',
  valueKind: 'type',
  example: { value: { kind: 'type', print: 'AMS1117-3.3' } },
  usualTolerancePercent: null,
  bearsForce: false,
  hold: 'tack-one-pin',
  kin: null,
  pinoutMatters: true,
  power: 'none',
  hazards: [],
  heatSensitive: true,
  staticSensitive: false,
  prepareMinutes: 1,
  kinds: ['positive-regulator', 'negative-regulator', 'adjustable-regulator', 'reference'],
  words: {
    one: 'SMD regulator',
    many: 'SMD regulators',
    fit: [
      'Read the print with a magnifier: the same body holds 3.3 V, 5 V and adjustable ones.',
      'Melt the broad side on first: it takes more heat. Then solder the three legs.',
    ],
    hold: 'Tweezers hold it while the broad side is melted on.',
    mistakes: ['One for another voltage is fitted.', 'The broad side is not wetted and gets hot.'],
    wayRound: 'The broad side is at the broad pad: it fits in one way.',
    backwards:
      'The regulator and everything it feeds can be destroyed the moment the board gets power.',
  },
  prints: typePrints,
  draw: (part) => drawSot223(valueLabel(part.value)),
  drawBoardMark: drawSot23Mark,
};
