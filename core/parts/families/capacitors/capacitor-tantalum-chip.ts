import { drawMouldedTantalum, drawMouldedTantalumMark } from '../../drawing/surfaceCans.ts';
import type { PartFamily } from '../../family.ts';
import { largeCapacitorPrints } from '../../marks.ts';

export const capacitorTantalumChip: PartFamily<'capacitor-tantalum-chip'> = {
  id: 'capacitor-tantalum-chip',
  job: 'capacitor',
  letters: ['C'],
  role: 'board-part',
  mount: 'surface',
  body: {
    shape: 'chip',
    lengthMm: 3.5,
    widthMm: 2.8,
    heightMm: 1.9,
    colour: '#d9a63c',
    source: 'moulded case B, from memory of EIA-535BAAC',
  },
  signs: [{ mark: 'bar', means: 'plus' }],
  joints: () => 2,
  pads: 'row',
  polarity: 'polarised',
  valueKind: { unit: 'farad' },
  example: { value: { kind: 'amount', unit: 'farad', amount: 10e-6, ratedVolt: 16 } },
  usualTolerancePercent: 10,
  bearsForce: false,
  hold: 'tack-one-pin',
  kin: 'large-capacitor',
  pinoutMatters: false,
  power: 'none',
  hazards: ['can-burst'],
  heatSensitive: true,
  staticSensitive: false,
  prepareMinutes: 1,
  words: {
    one: 'SMD tantalum capacitor',
    many: 'SMD tantalum capacitors',
    fit: [
      'Find the bar at one end: on this part the bar is plus.',
      'Tin one pad, melt the part on with tweezers, check that it sits flat. Solder the other end, then go over the first.',
    ],
    hold: 'Tweezers hold it while the first end is melted on.',
    mistakes: [
      'The bar is taken for minus, as on an electrolytic capacitor or a diode.',
      'Another voltage in the same body is fitted.',
    ],
    wayRound: 'The bar is plus: it goes to the pad marked + or with a bar.',
    backwards:
      'It can burn or burst at the first power, with a flame. Never power the board to try it.',
  },
  prints: largeCapacitorPrints,
  draw: (part) => drawMouldedTantalum(largeCapacitorPrints(part)[0]?.text ?? ''),
  drawBoardMark: drawMouldedTantalumMark,
};
