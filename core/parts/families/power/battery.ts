import { drawBattery } from '../../drawing/hardware.ts';
import type { PartFamily } from '../../family.ts';

export const battery: PartFamily = {
  id: 'battery',
  letters: ['BAT'],
  role: 'battery',
  mount: 'none',
  body: {
    shape: 'can',
    lengthMm: 50,
    widthMm: 14,
    heightMm: 14,
    colour: '#465a4e',
    source: 'AA cell 50 x 14 mm, from memory of IEC 60086',
  },
  signs: [
    { mark: 'cap', means: 'plus' },
    { mark: 'flat-end', means: 'minus' },
  ],
  joints: () => 0,
  polarity: 'polarised',
  valueKind: 'type',
  example: { value: { kind: 'type', print: 'AA' } },
  bringsPower: true,
  heatSensitive: true,
  staticSensitive: false,
  prepareMinutes: 0.5,
  recognise: {
    not: /holder|halter|houder|clip|case|box|fach|porte|porta|connector|snap/,
    types: [/\b(AAA?|CR\d{4}|LR\d{2,4}|6F22|PP3)\b/],
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
    hold: 'The springs of the holder hold it.',
    mistakes: [
      'A cell lies the wrong way round.',
      'It is put in while the board is still being soldered.',
    ],
    wayRound: 'The flat end of each cell, minus, presses on the spring.',
    backwards: 'The whole board gets its supply reversed; only a protection diode may save it.',
  },
  draw: drawBattery,
};
