import { drawLithium } from '../../drawing/cells.ts';
import type { PartFamily } from '../../family.ts';
import { valueLabel } from '../../label.ts';

export const lithiumCell: PartFamily<'lithium-cell'> = {
  id: 'lithium-cell',
  job: 'supply',
  letters: ['BAT', 'BT', 'B'],
  role: 'battery',
  mount: 'none',
  body: {
    shape: 'block',
    lengthMm: 50,
    widthMm: 34,
    heightMm: 10,
    colour: '#c4c9cd',
    source: 'pouch or 18650 cell, from memory of manufacturers’ sheets',
  },
  signs: [
    { mark: 'red-wire', means: 'plus' },
    { mark: 'black-wire', means: 'minus' },
  ],
  joints: () => 0,
  pads: 'row',
  polarity: 'polarised',
  valueKind: 'type',
  example: { value: { kind: 'type', print: 'LiPo 3.7 V' } },
  usualTolerancePercent: null,
  bearsForce: false,
  hold: 'bent-leads',
  kin: null,
  pinoutMatters: false,
  power: 'cells',
  hazards: ['lithium'],
  heatSensitive: false,
  staticSensitive: false,
  prepareMinutes: 0.5,
  words: {
    one: 'lithium cell',
    many: 'lithium cells',
    fit: [
      'Put the iron in its stand first: nobody solders on a board with a battery in it.',
      'Never solder, pierce, bend or short it. Do not use one that is swollen or damaged.',
      'Measure its plug with a meter before plugging it in: makers differ in which side is plus.',
      'It is charged by its own charger only, and never unwatched.',
    ],
    hold: 'Its plug or holder holds it.',
    mistakes: [
      'It is plugged in without measuring: plugs of two makers have plus on opposite sides.',
      'A tool lies across its contacts.',
    ],
    wayRound: 'Measure it: plus of its plug goes to the + of the board.',
    backwards:
      'The whole board gets its supply reversed, with a current that burns tracks and can set the cell on fire.',
  },
  draw: (part) => drawLithium(valueLabel(part.value)),
};
