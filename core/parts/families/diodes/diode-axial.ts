import { drawDiode, drawDiodeMark } from '../../drawing/diode.ts';
import type { PartFamily } from '../../family.ts';
import { valueLabel } from '../../label.ts';
import { typePrints } from '../../marks.ts';

const glassTypes = /^(1N41|1N91|BAT|BAV|AA|OA)/i;

export const diodeAxial: PartFamily<'diode-axial'> = {
  id: 'diode-axial',
  job: 'diode',
  letters: ['D'],
  role: 'board-part',
  mount: 'through',
  body: {
    shape: 'rod',
    lengthMm: 5.2,
    widthMm: 2.7,
    heightMm: 2.7,
    leadMm: 10.16,
    colour: '#2a2a2c',
    source: 'DO-41 body 5.2 x 2.7 mm, from memory of the JEDEC outline',
  },
  signs: [{ mark: 'band', means: 'cathode' }],
  joints: () => 2,
  pads: 'row',
  polarity: 'polarised',
  valueKind: 'type',
  example: { value: { kind: 'type', print: '1N4148' } },
  usualTolerancePercent: null,
  bearsForce: false,
  hold: 'bent-leads',
  kin: null,
  pinoutMatters: false,
  power: 'none',
  passesSupply: 'forward',
  hazards: [],
  heatSensitive: true,
  staticSensitive: false,
  prepareMinutes: 0.8,
  kinds: ['diode', 'schottky'],
  words: {
    one: 'diode',
    many: 'diodes',
    fit: [
      'Find the band at one end of the body.',
      'Bend both leads down, not closer than 2 mm to the body, and push it flat onto the board.',
      'Compare the band with the line on the board once more, then solder both leads and trim.',
    ],
    hold: 'Bend the leads outwards on the solder side.',
    mistakes: [
      'The band points the wrong way.',
      'A glass body cracks when the lead is bent right beside it.',
    ],
    wayRound: 'The band goes on the line printed on the board.',
    backwards: 'It blocks or short-circuits the supply, depending on its job.',
  },
  prints: typePrints,
  draw: (part) => {
    const print = valueLabel(part.value);
    return drawDiode(print, glassTypes.test(print) ? 'glass' : 'epoxy');
  },
  drawBoardMark: drawDiodeMark,
};
