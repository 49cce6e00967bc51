import { drawDropMark, drawTantalum } from '../../drawing/upright.ts';
import type { PartFamily } from '../../family.ts';
import { isTurned } from '../../lotNote.ts';
import { largeCapacitorPrints } from '../../marks.ts';

export const capacitorTantalum: PartFamily<'capacitor-tantalum'> = {
  id: 'capacitor-tantalum',
  job: 'capacitor',
  letters: ['C'],
  role: 'board-part',
  mount: 'through',
  body: {
    shape: 'drop',
    lengthMm: 5,
    widthMm: 4,
    heightMm: 7.5,
    leadMm: 2.54,
    colour: '#d98f2b',
    source: 'drop of about 5 mm, from memory of manufacturers’ sheets',
  },
  signs: [
    { mark: 'long-lead', means: 'plus' },
    { mark: 'short-lead', means: 'minus' },
    { mark: 'plus-print', means: 'plus' },
  ],
  joints: () => 2,
  pads: 'row',
  polarity: 'polarised',
  valueKind: { unit: 'farad' },
  example: { value: { kind: 'amount', unit: 'farad', amount: 10e-6, ratedVolt: 16 } },
  usualTolerancePercent: 20,
  bearsForce: false,
  hold: 'bent-leads',
  kin: 'large-capacitor',
  pinoutMatters: false,
  power: 'none',
  hazards: ['can-burst'],
  heatSensitive: true,
  staticSensitive: false,
  prepareMinutes: 0.8,
  words: {
    one: 'tantalum capacitor',
    many: 'tantalum capacitors',
    fit: [
      'Find the plus printed on it: the lead below it, the longer one, is plus.',
      'Push it in until it sits just above the board.',
      'Solder both leads, trim.',
    ],
    hold: 'Bend the leads outwards.',
    mistakes: ['The stripe is taken for minus, as on a can: here it marks plus.'],
    wayRound: 'Plus sign and long lead go to the hole marked +.',
    backwards: 'It burns or bursts, often with a flame. Never power the board to try it.',
  },
  prints: largeCapacitorPrints,
  draw: (part) => {
    const [value, volt] = largeCapacitorPrints(part);
    return drawTantalum(value?.text ?? '', volt?.text ?? '', {
      plus: isTurned(part, 'plus-print'),
      long: isTurned(part, 'long-lead'),
    });
  },
  drawBoardMark: drawDropMark,
};
