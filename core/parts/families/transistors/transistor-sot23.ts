import { drawSot23, drawSot23Mark } from '../../drawing/surface.ts';
import type { PartFamily } from '../../family.ts';
import { valueLabel } from '../../label.ts';
import { typePrints } from '../../marks.ts';
import { sot23 } from './packages.ts';

export const transistorSot23: PartFamily<'transistor-sot23'> = {
  id: 'transistor-sot23',
  job: 'transistor',
  letters: ['Q', 'T', 'TR', 'VT'],
  role: 'board-part',
  mount: 'surface',
  body: sot23,
  signs: [{ mark: 'single-leg', means: 'one-way' }],
  joints: () => 3,
  pads: 'triangle',
  polarity: 'polarised',
  valueKind: 'type',
  example: { value: { kind: 'type', print: 'BC847' } },
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
  kinds: ['npn', 'pnp'],
  words: {
    one: 'chip transistor',
    many: 'chip transistors',
    fit: [
      'Read the code with a magnifier: types look alike.',
      'Tin one pad, melt the part on with tweezers, look, solder the other legs, go over the first.',
    ],
    hold: 'Tweezers hold it while the first end is melted on.',
    mistakes: ['Another type in the same body is fitted.', 'It jumps off the tweezers.'],
    wayRound: 'One leg on one side, two on the other: it fits its three pads in one way.',
    backwards:
      'Nothing is amplified, and the part may be destroyed. It is hard to see later, so look now.',
  },
  prints: typePrints,
  draw: (part) => drawSot23(valueLabel(part.value)),
  drawBoardMark: drawSot23Mark,
};
