import { drawVaristor } from '../../drawing/wound.ts';
import type { PartFamily } from '../../family.ts';
import { valueLabel } from '../../label.ts';
import { typePrints } from '../../marks.ts';

export const varistor: PartFamily<'varistor'> = {
  id: 'varistor',
  job: 'resistor',
  acts: 'open',
  letters: ['RV', 'VDR', 'MOV', 'V', 'R', 'U'],
  role: 'board-part',
  mount: 'through',
  body: {
    shape: 'disc',
    lengthMm: 9,
    widthMm: 4,
    heightMm: 11,
    leadMm: 7.5,
    colour: '#2f62a8',
    source: '10 mm disc, from memory of manufacturers’ sheets',
  },
  signs: [],
  joints: () => 2,
  pads: 'row',
  polarity: 'free',
  valueKind: 'type',
  example: { value: { kind: 'type', print: '10D471K' } },
  usualTolerancePercent: null,
  bearsForce: false,
  hold: 'bent-leads',
  kin: null,
  pinoutMatters: false,
  power: 'none',
  hazards: [],
  heatSensitive: false,
  staticSensitive: false,
  prepareMinutes: 0.6,
  words: {
    one: 'varistor',
    many: 'varistors',
    fit: [
      'Read the voltage code: capacitors look much like it.',
      'Push it in, solder both leads, trim.',
    ],
    hold: 'Bend the leads outwards.',
    mistakes: ['It is mixed up with a disc capacitor.'],
    wayRound: 'Either way round is right.',
  },
  prints: typePrints,
  draw: (part) => drawVaristor(valueLabel(part.value)),
};
