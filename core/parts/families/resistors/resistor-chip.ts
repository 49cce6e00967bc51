import { chipSizeOf, chipSizes } from '../../bodyOf.ts';
import { drawChipPart } from '../../drawing/surface.ts';
import type { PartFamily } from '../../family.ts';
import { chipResistorPrints } from '../../marks.ts';

export const resistorChip: PartFamily<'resistor-chip'> = {
  id: 'resistor-chip',
  job: 'resistor',
  letters: ['R'],
  role: 'board-part',
  mount: 'surface',
  body: {
    shape: 'chip',
    lengthMm: 2,
    widthMm: 1.25,
    heightMm: 0.5,
    colour: '#2a2a2c',
    source: '0805 body 2.0 x 1.25 x 0.5 mm, from memory of IEC 60115-8',
  },
  comesInSizes: true,
  signs: [],
  joints: () => 2,
  pads: 'row',
  polarity: 'free',
  valueKind: { unit: 'ohm' },
  usualTolerancePercent: 5,
  bearsForce: false,
  hold: 'tack-one-pin',
  kin: null,
  pinoutMatters: false,
  power: 'none',
  hazards: [],
  heatSensitive: false,
  staticSensitive: false,
  prepareMinutes: 1,
  words: {
    one: 'chip resistor',
    many: 'chip resistors',
    fit: [
      'Read the print with a magnifier: it names ohms.',
      'Tin one pad, hold the part with tweezers, melt it on, solder the other end, then go over the first.',
      'Look from the side: both ends lie flat on their pads.',
    ],
    hold: 'Tweezers hold it while the first end is melted on.',
    mistakes: [
      'It stands up at one end, because the first pad had too much solder.',
      'It jumps off the tweezers and is gone.',
      'Its print is read like that of a capacitor.',
    ],
    wayRound: 'Either way round is right.',
  },
  prints: chipResistorPrints,
  draw: (part) =>
    drawChipPart(
      chipSizeOf(part) ?? chipSizes['0805'],
      '#2a2a2c',
      chipResistorPrints(part)[0]?.text,
    ),
};
