import { drawRoundCell } from '../../drawing/cells.ts';
import type { PartFamily } from '../../family.ts';
import { valueLabel } from '../../label.ts';

export const roundCell: PartFamily<'round-cell'> = {
  id: 'round-cell',
  job: 'supply',
  letters: ['BAT', 'BT', 'B'],
  role: 'battery',
  mount: 'none',
  body: {
    shape: 'can',
    lengthMm: 50,
    widthMm: 14,
    heightMm: 14,
    colour: '#3b5d70',
    source: 'LR6 50 x 14 mm, from memory of IEC 60086',
  },
  signs: [
    { mark: 'nub', means: 'plus' },
    { mark: 'flat-end', means: 'minus' },
  ],
  joints: () => 0,
  pads: 'row',
  polarity: 'polarised',
  valueKind: 'type',
  example: { value: { kind: 'type', print: 'AA' } },
  usualTolerancePercent: null,
  bearsForce: false,
  hold: 'bent-leads',
  kin: null,
  pinoutMatters: false,
  power: 'cells',
  hazards: [],
  heatSensitive: false,
  staticSensitive: false,
  prepareMinutes: 0.5,
  words: {
    one: 'round cell',
    many: 'round cells',
    fit: [
      'Put the iron in its stand first: nobody solders on a board with a battery in it.',
      'Put each cell in with its flat end against the spring.',
    ],
    hold: 'The springs of the holder hold it.',
    mistakes: [
      'A cell is put in the wrong way round.',
      'It is put in while the board is still being soldered.',
    ],
    wayRound: 'The flat end of each cell, minus, presses on the spring; the nub is plus.',
    backwards: 'The whole board gets its supply reversed; only a protection diode may save it.',
  },
  draw: (part) => drawRoundCell(valueLabel(part.value)),
};
