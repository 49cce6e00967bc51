import { drawLamp } from '../../drawing/lights.ts';
import type { PartFamily } from '../../family.ts';
import { typePrints } from '../../marks.ts';

export const lamp: PartFamily<'lamp'> = {
  id: 'lamp',
  job: 'light',
  letters: ['LA', 'LP', 'L', 'E'],
  role: 'board-part',
  mount: 'through',
  body: {
    shape: 'dome',
    lengthMm: 6,
    widthMm: 6,
    heightMm: 14,
    leadMm: 5.08,
    colour: '#f3efe4',
    source: 'small bulb, from memory of manufacturers’ sheets',
  },
  signs: [],
  joints: () => 2,
  pads: 'row',
  polarity: 'free',
  valueKind: 'type',
  example: { value: { kind: 'type', print: '6 V 0.1 A' } },
  usualTolerancePercent: null,
  bearsForce: false,
  hold: 'bent-leads',
  kin: null,
  pinoutMatters: false,
  mostMilliampere: 200,
  power: 'none',
  hazards: [],
  heatSensitive: true,
  staticSensitive: false,
  prepareMinutes: 0.7,
  recognise: {
    assumedFor: null,
    not: /\b(neon|flash|led|holder|fassung|socket|uv)\b/,
  },
  words: {
    one: 'lamp',
    many: 'lamps',
    fit: [
      'Hold it by its metal, bend the leads away from the glass.',
      'Solder both leads, trim. It gets hot when it is on.',
    ],
    hold: 'Bend the leads outwards.',
    mistakes: ['A lamp for another voltage is fitted.'],
    wayRound: 'Either way round is right.',
  },
  prints: typePrints,
  draw: drawLamp,
};
