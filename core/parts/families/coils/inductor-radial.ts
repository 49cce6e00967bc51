import { drawRadialChoke } from '../../drawing/wound.ts';
import type { PartFamily } from '../../family.ts';
import { writtenPrints } from '../../marks.ts';

export const inductorRadial: PartFamily<'inductor-radial'> = {
  id: 'inductor-radial',
  job: 'inductor',
  letters: ['L', 'DR'],
  role: 'board-part',
  mount: 'through',
  body: {
    shape: 'can',
    lengthMm: 8,
    widthMm: 8,
    heightMm: 9.5,
    leadMm: 5,
    colour: '#242426',
    source: 'drum choke 8 x 9.5 mm, from memory of manufacturers’ sheets',
  },
  signs: [],
  joints: () => 2,
  pads: 'row',
  polarity: 'free',
  valueKind: { unit: 'henry' },
  example: { value: { kind: 'amount', unit: 'henry', amount: 100e-6 } },
  usualTolerancePercent: 10,
  bearsForce: false,
  hold: 'bent-leads',
  kin: null,
  pinoutMatters: false,
  power: 'none',
  hazards: [],
  heatSensitive: false,
  staticSensitive: false,
  prepareMinutes: 0.7,
  words: {
    one: 'upright inductor',
    many: 'upright inductors',
    fit: [
      'Read the code on top: it names microhenries. It looks like a small electrolytic capacitor without a stripe.',
      'Push it in, solder both leads, trim.',
    ],
    hold: 'Bend the leads outwards.',
    mistakes: ['It is taken for a capacitor.'],
    wayRound: 'Either way round is right.',
  },
  prints: writtenPrints,
  draw: (part) => drawRadialChoke(writtenPrints(part)[0]?.text ?? ''),
};
