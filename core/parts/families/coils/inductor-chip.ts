import { drawChipInductor } from '../../drawing/surface.ts';
import type { PartFamily } from '../../family.ts';
import { writtenPrints } from '../../marks.ts';

export const inductorChip: PartFamily<'inductor-chip'> = {
  id: 'inductor-chip',
  job: 'inductor',
  letters: ['L', 'FB'],
  role: 'board-part',
  mount: 'surface',
  body: {
    shape: 'chip',
    lengthMm: 2.5,
    widthMm: 1.8,
    heightMm: 1.8,
    colour: '#4a4d52',
    source: '1008 body 2.5 x 1.8 mm, from memory of manufacturers’ sheets',
  },
  comesInSizes: true,
  signs: [],
  joints: () => 2,
  pads: 'row',
  polarity: 'free',
  valueKind: { unit: 'henry' },
  usualTolerancePercent: 20,
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
    one: 'chip inductor',
    many: 'chip inductors',
    fit: [
      'Tin one pad, hold the part with tweezers, melt it on, solder the other end, then go over the first.',
      'Look from the side: both ends lie flat.',
    ],
    hold: 'Tweezers hold it while the first end is melted on.',
    mistakes: [
      'It stands up at one end, because the first pad had too much solder.',
      'It jumps off the tweezers and is gone.',
    ],
    wayRound: 'Either way round is right.',
  },
  prints: writtenPrints,
  draw: (part) => drawChipInductor(writtenPrints(part)[0]?.text ?? ''),
};
