import { drawResettableFuse } from '../../drawing/wound.ts';
import type { PartFamily } from '../../family.ts';
import { valueLabel } from '../../label.ts';
import { typePrints } from '../../marks.ts';

export const resettableFuse: PartFamily<'fuse-resettable'> = {
  id: 'fuse-resettable',
  job: 'wire',
  acts: 'fusible',
  letters: ['F', 'FU', 'PTC', 'SI'],
  role: 'board-part',
  mount: 'through',
  body: {
    shape: 'disc',
    lengthMm: 8,
    widthMm: 3.1,
    heightMm: 13,
    leadMm: 5.08,
    colour: '#d9a441',
    source: '500 mA resettable fuse, from memory of manufacturers’ sheets',
  },
  signs: [],
  joints: () => 2,
  pads: 'row',
  polarity: 'free',
  valueKind: 'type',
  example: { value: { kind: 'type', print: '500 mA' } },
  usualTolerancePercent: null,
  bearsForce: false,
  hold: 'bent-leads',
  kin: null,
  pinoutMatters: false,
  power: 'none',
  passesSupply: 'freely',
  hazards: [],
  heatSensitive: true,
  staticSensitive: false,
  prepareMinutes: 0.6,
  words: {
    one: 'resettable fuse',
    many: 'resettable fuses',
    fit: [
      'Compare its print with the sheet: capacitors and varistors look much like it.',
      'Push it in up to the bend of its leads, solder both, trim.',
    ],
    hold: 'Bend the leads outwards.',
    mistakes: [
      'It is mixed up with a disc capacitor.',
      'After a short it is hot and lets little through: switch off, and let it cool.',
    ],
    wayRound: 'Either way round is right.',
  },
  prints: typePrints,
  draw: (part) => drawResettableFuse(valueLabel(part.value)),
};
