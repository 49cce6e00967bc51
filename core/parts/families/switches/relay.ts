import { drawRelay } from '../../drawing/moving.ts';
import type { PartFamily } from '../../family.ts';
import { valueLabel } from '../../label.ts';
import { typePrints } from '../../marks.ts';

export const relay: PartFamily<'relay'> = {
  id: 'relay',
  job: 'switch',
  acts: 'coil-and-contacts',
  letters: ['K', 'RL', 'RLY', 'REL', 'RE'],
  role: 'board-part',
  mount: 'through',
  body: {
    shape: 'block',
    lengthMm: 19,
    widthMm: 15.5,
    heightMm: 15.5,
    leadMm: 12,
    colour: '#2f62a8',
    source: 'relay 19 x 15 x 15 mm, from memory of manufacturers’ sheets',
  },
  signs: [{ mark: 'three-pins', means: 'one-way' }],
  joints: ({ pins = 5 }) => pins,
  pads: 'row',
  polarity: 'keyed',
  valueKind: 'type',
  example: { value: { kind: 'type', print: 'SRD-05VDC' } },
  usualTolerancePercent: null,
  bearsForce: false,
  hold: 'tack-one-pin',
  kin: null,
  pinoutMatters: false,
  mostMilliampere: 90,
  power: 'none',
  hazards: [],
  heatSensitive: false,
  staticSensitive: false,
  prepareMinutes: 1,
  words: {
    one: 'relay',
    many: 'relays',
    fit: [
      'Read the coil voltage on its lid: it must be that of the sheet.',
      'Push it in until it sits flat; its pins allow one way only.',
      'Solder two pins in opposite corners, check that it sits flat, then the others.',
    ],
    hold: 'Solder one pin, check that it sits flat, then the others.',
    mistakes: [
      'A coil for another voltage is fitted.',
      'Its diode is left out or turned round: it kills the transistor that switches it.',
    ],
    wayRound: 'Its pins fit one way only.',
  },
  prints: typePrints,
  draw: (part) => drawRelay(valueLabel(part.value)),
};
