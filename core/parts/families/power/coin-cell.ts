import { drawCoinCell } from '../../drawing/cells.ts';
import type { PartFamily } from '../../family.ts';
import { valueLabel } from '../../label.ts';

export const coinCell: PartFamily<'coin-cell'> = {
  id: 'coin-cell',
  job: 'supply',
  letters: ['BAT', 'BT', 'B'],
  role: 'battery',
  mount: 'none',
  body: {
    shape: 'round-box',
    lengthMm: 20,
    widthMm: 20,
    heightMm: 3.2,
    colour: '#d3d6d9',
    source: 'CR2032, from memory of IEC 60086',
  },
  signs: [{ mark: 'broad-face', means: 'plus' }],
  joints: () => 0,
  pads: 'row',
  polarity: 'polarised',
  valueKind: 'type',
  example: { value: { kind: 'type', print: 'CR2032' } },
  usualTolerancePercent: null,
  bearsForce: false,
  hold: 'bent-leads',
  kin: null,
  pinoutMatters: false,
  power: 'cells',
  hazards: ['button-cell'],
  heatSensitive: false,
  staticSensitive: false,
  prepareMinutes: 0.5,
  words: {
    one: 'coin cell',
    many: 'coin cells',
    fit: [
      'Put the iron in its stand first: nobody solders on a board with a battery in it.',
      'The broad flat face with the + is plus; the smaller raised face is minus.',
      'Slide it in with the + where the holder shows it. Never solder to a cell.',
    ],
    hold: 'The spring of the holder holds it.',
    mistakes: [
      'It is put in upside down.',
      'Somebody leaves one on the table within a child’s reach.',
    ],
    wayRound: 'The broad flat face, marked +, faces the spring or the + of the holder.',
    backwards: 'The whole board gets its supply reversed; only a protection diode may save it.',
  },
  draw: (part) => drawCoinCell(valueLabel(part.value)),
};
