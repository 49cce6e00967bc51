import { chipSizeOf, chipSizes } from '../../bodyOf.ts';
import { drawChipPart } from '../../drawing/surface.ts';
import type { PartFamily } from '../../family.ts';

export const capacitorChip: PartFamily<'capacitor-chip'> = {
  id: 'capacitor-chip',
  job: 'capacitor',
  letters: ['C'],
  role: 'board-part',
  mount: 'surface',
  body: {
    shape: 'chip',
    lengthMm: 2,
    widthMm: 1.25,
    heightMm: 0.8,
    colour: '#b58a55',
    source: '0805 body 2.0 x 1.25 mm, from memory of IEC 60384-21',
  },
  comesInSizes: true,
  signs: [],
  joints: () => 2,
  pads: 'row',
  polarity: 'free',
  valueKind: { unit: 'farad' },
  usualTolerancePercent: 10,
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
    one: 'chip capacitor',
    many: 'chip capacitors',
    fit: [
      'Nothing is printed on it: take it from its strip only when you fit it.',
      'Tin one pad, hold the part with tweezers, melt it on, solder the other end, then go over the first.',
      'Look from the side: both ends lie flat.',
    ],
    hold: 'Tweezers hold it while the first end is melted on.',
    mistakes: [
      'It stands up at one end, because the first pad had too much solder.',
      'It jumps off the tweezers and is gone.',
      'Out of its strip nobody can tell its value.',
    ],
    wayRound: 'Either way round is right.',
  },
  usable: {
    fromFactor: 0.5,
    toFactor: 2,
    words: { for: 'smoothing a supply', never: 'timing or a filter' },
  },
  draw: (part) => drawChipPart(chipSizeOf(part) ?? chipSizes['0805'], '#b58a55'),
};
