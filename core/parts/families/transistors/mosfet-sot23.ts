import { drawSot23, drawSot23Mark } from '../../drawing/surface.ts';
import type { PartFamily } from '../../family.ts';
import { valueLabel } from '../../label.ts';
import { typePrints } from '../../marks.ts';
import { sot23 } from './packages.ts';

export const mosfetSot23: PartFamily<'mosfet-sot23'> = {
  id: 'mosfet-sot23',
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
  example: { value: { kind: 'type', print: '2N7002' } },
  usualTolerancePercent: null,
  bearsForce: false,
  hold: 'tack-one-pin',
  kin: null,
  pinoutMatters: true,
  power: 'none',
  hazards: [],
  heatSensitive: true,
  staticSensitive: true,
  prepareMinutes: 1,
  kinds: ['n-mosfet', 'p-mosfet'],
  words: {
    one: 'chip field-effect transistor',
    many: 'chip field-effect transistors',
    fit: [
      'Touch bare metal first, so that no static charge goes through it.',
      'Read the code with a magnifier: types look alike.',
      'Tin one pad, melt the part on with tweezers, look, solder the other legs, go over the first.',
    ],
    hold: 'Tweezers hold it while the first end is melted on.',
    mistakes: ['Another type in the same body is fitted.', 'It jumps off the tweezers.'],
    wayRound: 'One leg on one side, two on the other: it fits its three pads in one way.',
    backwards:
      'It cannot switch, or is always on, since the diode inside it lets current through backwards. Look now.',
  },
  prints: typePrints,
  draw: (part) => drawSot23(valueLabel(part.value)),
  drawBoardMark: drawSot23Mark,
};
