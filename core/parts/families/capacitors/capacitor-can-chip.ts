import { drawSurfaceCan, drawSurfaceCanMark } from '../../drawing/surfaceCans.ts';
import type { PartFamily } from '../../family.ts';
import { largeCapacitorPrints } from '../../marks.ts';

export const capacitorCanChip: PartFamily<'capacitor-can-chip'> = {
  id: 'capacitor-can-chip',
  job: 'capacitor',
  letters: ['C'],
  role: 'board-part',
  mount: 'surface',
  body: {
    shape: 'can',
    lengthMm: 6.6,
    widthMm: 6.6,
    heightMm: 5.4,
    colour: '#d3d6d9',
    source: 'SMD can 6.3 x 5.4 mm, from memory of manufacturers’ sheets',
  },
  signs: [
    { mark: 'dark-segment', means: 'minus' },
    { mark: 'bevelled-corners', means: 'plus' },
  ],
  joints: () => 2,
  pads: 'row',
  polarity: 'polarised',
  valueKind: { unit: 'farad' },
  example: { value: { kind: 'amount', unit: 'farad', amount: 47e-6, ratedVolt: 25 } },
  usualTolerancePercent: 20,
  bearsForce: false,
  hold: 'tack-one-pin',
  kin: 'large-capacitor',
  pinoutMatters: false,
  power: 'none',
  hazards: ['can-burst'],
  heatSensitive: true,
  staticSensitive: false,
  prepareMinutes: 1.2,
  words: {
    one: 'SMD electrolytic capacitor',
    many: 'SMD electrolytic capacitors',
    fit: [
      'Find the dark segment on top: that side is minus. The two cut corners of the foot are at plus.',
      'Tin one pad, melt the part on with tweezers, check that it sits flat. Solder the other leg, then go over the first.',
    ],
    hold: 'Tweezers hold it while the first leg is melted on.',
    mistakes: [
      'The dark segment is taken for plus, as on a tantalum capacitor.',
      'It is pulled at: the leg tears off the pad.',
    ],
    wayRound:
      'The dark segment faces away from the printed +. The cut corners are at the printed +.',
    backwards: 'It leaks and gets hot, and the can may burst. Never power the board to try it.',
  },
  prints: largeCapacitorPrints,
  draw: (part) => {
    const [value, volt] = largeCapacitorPrints(part);
    return drawSurfaceCan(value?.text ?? '', volt?.text ?? '');
  },
  drawBoardMark: drawSurfaceCanMark,
};
