import { drawScrew } from '../../drawing/hardware.ts';
import type { PartFamily } from '../../family.ts';

export const screw: PartFamily = {
  id: 'screw',
  letters: [],
  role: 'screw',
  mount: 'none',
  body: {
    shape: 'block',
    lengthMm: 8,
    widthMm: 5.5,
    heightMm: 3,
    colour: '#c9cdd0',
    source: 'M3 screw, from memory of ISO 7045',
  },
  signs: [],
  joints: () => 0,
  polarity: 'free',
  valueKind: 'type',
  example: { value: { kind: 'type', print: 'M3 x 8' } },
  heatSensitive: false,
  staticSensitive: false,
  prepareMinutes: 0.5,
  recognise: {
    words: ['screw', 'screws', 'schraube', 'schroef', 'bolt', 'nut', 'vis', 'tornillo', 'mutter'],
    types: [/\bM[2345]\s*x\s*\d+\b/i],
  },
  words: {
    one: 'screw',
    many: 'screws',
    fit: ['Hand-tight only: plastic and board crack easily.'],
    hold: 'Hold the nut, turn the screw.',
    mistakes: ['It is turned until the board or the plastic cracks.'],
  },
  draw: drawScrew,
};
