import { drawStandOff } from '../../drawing/connector.ts';
import type { PartFamily } from '../../family.ts';

export const standOff: PartFamily = {
  id: 'stand-off',
  letters: [],
  role: 'screw',
  mount: 'none',
  body: {
    shape: 'block',
    lengthMm: 5,
    widthMm: 5,
    heightMm: 11,
    colour: '#c9a14a',
    source: 'M3 stand-off of 10 mm, from memory of manufacturers’ sheets',
  },
  signs: [],
  joints: () => 0,
  polarity: 'free',
  valueKind: 'type',
  example: { value: { kind: 'type', print: 'M3 x 10' } },
  heatSensitive: false,
  staticSensitive: false,
  prepareMinutes: 0.5,
  recognise: {
    words: [
      'standoff',
      'stand-off',
      'spacer',
      'abstandsbolzen',
      'abstandshalter',
      'afstandsbus',
      'entretoise',
      'separador',
      'distanzbolzen',
      'distanzhulse',
      'hex spacer',
      'afstandhouder',
    ],
  },
  words: {
    one: 'stand-off',
    many: 'stand-offs',
    fit: ['Hand-tight only: plastic and board crack easily.'],
    hold: 'Hold it with pliers, turn the nut.',
    mistakes: ['It touches a track below its rim.'],
  },
  draw: drawStandOff,
};
