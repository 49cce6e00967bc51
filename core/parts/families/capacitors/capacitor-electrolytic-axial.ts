import { drawLyingCan, drawLyingCanMark } from '../../drawing/lyingCan.ts';
import type { PartFamily } from '../../family.ts';
import { isTurned } from '../../lotNote.ts';
import { largeCapacitorPrints } from '../../marks.ts';

export const capacitorElectrolyticAxial: PartFamily<'capacitor-electrolytic-axial'> = {
  id: 'capacitor-electrolytic-axial',
  job: 'capacitor',
  letters: ['C'],
  role: 'board-part',
  mount: 'through',
  body: {
    shape: 'rod',
    lengthMm: 12,
    widthMm: 6,
    heightMm: 6.3,
    leadMm: 17.78,
    colour: '#27406b',
    source: '6 x 12 mm can with a lead at each end, from memory of manufacturers’ sheets',
  },
  signs: [{ mark: 'stripe', means: 'minus' }],
  joints: () => 2,
  pads: 'row',
  polarity: 'polarised',
  valueKind: { unit: 'farad' },
  example: { value: { kind: 'amount', unit: 'farad', amount: 100e-6, ratedVolt: 25 } },
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
    one: 'lying electrolytic capacitor',
    many: 'lying electrolytic capacitors',
    fit: [
      'Find the arrows on the can: they point at the minus lead. The end with the groove is plus.',
      'Bend both leads down, not closer than 2 mm to the can, and push it flat onto the board.',
      'Compare plus with the board once more, then solder both leads and trim.',
    ],
    hold: 'Bend the leads outwards on the solder side.',
    mistakes: [
      'The arrows point at the hole marked +.',
      'A lead is bent right at the can, and its seal is torn.',
    ],
    wayRound: 'The arrows point away from the hole marked +.',
    backwards: 'It leaks and gets hot, and the can may burst. Never power the board to try it.',
  },
  prints: largeCapacitorPrints,
  usable: {
    fromFactor: 0.6,
    toFactor: 2,
    words: { for: 'smoothing a supply', never: 'timing' },
  },
  draw: (part) => {
    const [value, volt] = largeCapacitorPrints(part);
    return drawLyingCan(value?.text ?? '', volt?.text ?? '', isTurned(part, 'stripe'));
  },
  drawBoardMark: drawLyingCanMark,
};
