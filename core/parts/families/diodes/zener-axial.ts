import { drawDiode, drawDiodeMark } from '../../drawing/diode.ts';
import type { PartFamily } from '../../family.ts';
import { valueLabel } from '../../label.ts';
import { typePrints } from '../../marks.ts';

export const zenerAxial: PartFamily<'zener-axial'> = {
  id: 'zener-axial',
  job: 'diode',
  letters: ['D', 'ZD', 'Z', 'DZ'],
  role: 'board-part',
  mount: 'through',
  body: {
    shape: 'rod',
    lengthMm: 4,
    widthMm: 1.9,
    heightMm: 2,
    leadMm: 10.16,
    colour: '#d98a5b',
    source: 'DO-35 body 4 x 1.9 mm, from memory of the JEDEC outline',
  },
  signs: [{ mark: 'band', means: 'cathode' }],
  joints: () => 2,
  pads: 'row',
  polarity: 'polarised',
  valueKind: 'type',
  example: { value: { kind: 'type', print: 'BZX55C5V1' } },
  usualTolerancePercent: null,
  bearsForce: false,
  hold: 'bent-leads',
  kin: null,
  pinoutMatters: false,
  power: 'none',
  hazards: [],
  heatSensitive: true,
  staticSensitive: false,
  prepareMinutes: 0.8,
  kinds: ['zener'],
  words: {
    one: 'Zener diode',
    many: 'Zener diodes',
    fit: [
      'Read the type with a magnifier: it looks just like a signal diode.',
      'Find the band, bend both leads down, not closer than 2 mm to the body.',
      'Compare the band with the line on the board once more, then solder both leads and trim.',
    ],
    hold: 'Bend the leads outwards.',
    mistakes: [
      'It is mixed up with a signal diode in the same glass body.',
      'The band points the wrong way.',
    ],
    wayRound: 'The band goes on the line printed on the board.',
    backwards:
      'It drops 0.7 V instead of its own voltage, so what it guards gets the wrong supply.',
  },
  prints: typePrints,
  draw: (part) => drawDiode(valueLabel(part.value), 'glass'),
  drawBoardMark: drawDiodeMark,
};
