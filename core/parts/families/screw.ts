import { drawScrew } from '../drawing/hardware.ts';
import type { PartFamily } from '../family.ts';

export const screw: PartFamily = {
  id: 'screw',
  letters: [],
  role: 'screw',
  heightMm: 3,
  bodySource: 'M3 screw, from memory of ISO 7045',
  joints: () => 0,
  polarity: 'free',
  valueKind: 'type',
  heatSensitive: false,
  staticSensitive: false,
  prepareMinutes: 0.5,
  recognise: {
    words: [
      'screw',
      'screws',
      'schraube',
      'schroef',
      'bolt',
      'nut',
      'vis',
      'tornillo',
      'mutter',
      'standoff',
      'stand-off',
      'spacer',
    ],
    types: [/\bM[2345]\s*x\s*\d+\b/i],
  },
  words: {
    one: 'screw',
    many: 'screws',
    fit: ['Hand-tight only: plastic and board crack easily.'],
  },
  draw: drawScrew,
};
