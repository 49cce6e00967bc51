import { drawFuse } from '../../drawing/moving.ts';
import type { PartFamily } from '../../family.ts';
import { valueLabel } from '../../label.ts';
import { typePrints } from '../../marks.ts';

export const fuse: PartFamily<'fuse'> = {
  id: 'fuse',
  job: 'wire',
  acts: 'fusible',
  letters: ['F', 'FU', 'SI'],
  role: 'board-part',
  mount: 'through',
  body: {
    shape: 'rod',
    lengthMm: 20,
    widthMm: 5.2,
    heightMm: 5.2,
    leadMm: 22,
    colour: '#dfe6e2',
    source: '5 x 20 mm fuse, from memory of IEC 60127',
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
    one: 'fuse',
    many: 'fuses',
    fit: [
      'Read the current on its cap: it must be that of the sheet, never more.',
      'With a holder it is pushed in after soldering; with leads it is soldered like a resistor.',
    ],
    hold: 'Bend the leads outwards.',
    mistakes: ['A larger current is fitted.', 'It is soldered in its clips and melts inside.'],
    wayRound: 'Either way round is right.',
  },
  prints: typePrints,
  draw: (part) => drawFuse(valueLabel(part.value)),
};
