import { drawTrimmerCapacitor } from '../../drawing/wound.ts';
import type { PartFamily } from '../../family.ts';

export const capacitorTrimmer: PartFamily<'capacitor-trimmer'> = {
  id: 'capacitor-trimmer',
  job: 'capacitor',
  letters: ['C', 'CV', 'VC', 'CT', 'TC'],
  role: 'board-part',
  mount: 'through',
  body: {
    shape: 'round-box',
    lengthMm: 8,
    widthMm: 8,
    heightMm: 6,
    leadMm: 5.08,
    colour: '#4f9a6b',
    source: 'trimmer capacitor 8 mm, from memory of manufacturers’ sheets',
  },
  signs: [],
  joints: () => 2,
  pads: 'row',
  polarity: 'free',
  valueKind: { unit: 'farad' },
  example: { value: { kind: 'amount', unit: 'farad', amount: 30e-12 } },
  alsoValues: [2, 3, 4, 5, 6, 7],
  usualTolerancePercent: null,
  bearsForce: false,
  hold: 'tack-one-pin',
  kin: null,
  pinoutMatters: false,
  power: 'none',
  hazards: [],
  heatSensitive: true,
  staticSensitive: false,
  prepareMinutes: 0.8,
  recognise: {
    assumedFor: null,
    // A tuning capacitor has a shaft, and sections with a lead each.
    not: /\b(tuning|variable|drehko\w*|drehkondensator\w*|polyvaricon|gang|sintonia|pvc)\b/,
  },
  words: {
    one: 'trimmer capacitor',
    many: 'trimmer capacitors',
    fit: [
      'Push it in until it sits level. The side joined to the screw usually goes to ground: see the sheet.',
      'Solder one lead, look, then the other. Heat briefly: its plastic melts.',
      'Turn its screw with a plastic tool only, after the test.',
    ],
    hold: 'Solder one lead, check that it sits level, then the other.',
    mistakes: ['It is heated too long and turns stiffly.', 'It is turned past its stop.'],
    wayRound: 'Both ways work. With the screw side at ground, the tool changes less.',
  },
  draw: drawTrimmerCapacitor,
};
