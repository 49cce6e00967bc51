import { drawBattery } from '../drawing/hardware.ts';
import type { PartFamily } from '../family.ts';

export const battery: PartFamily = {
  id: 'battery',
  letters: ['BAT'],
  role: 'battery',
  heightMm: 14,
  bodySource: 'AA cell 50 x 14 mm, from memory of IEC 60086',
  joints: () => 0,
  polarity: 'polarised',
  valueKind: 'type',
  heatSensitive: true,
  staticSensitive: false,
  prepareMinutes: 0.5,
  recognise: {
    words: [
      'battery',
      'batteries',
      'batterie',
      'cell',
      'cells',
      'batterij',
      'pile',
      'pila',
      'aa cell',
      'coin cell',
    ],
  },
  words: {
    one: 'battery',
    many: 'batteries',
    fit: [
      'Put the iron back in its stand first: nobody solders on a board with a battery in it.',
      'Lay each cell with its flat end against the spring.',
    ],
    wayRound: 'The flat end of each cell, minus, presses on the spring.',
    backwards: 'The whole board gets its supply reversed; only a protection diode may save it.',
  },
  draw: drawBattery,
};
