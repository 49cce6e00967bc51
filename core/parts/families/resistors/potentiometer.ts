import { drawPotentiometer, drawPotentiometerMark } from '../../drawing/connector.ts';
import { potentiometerLid } from '../../drawing/lids.ts';
import type { PartFamily } from '../../family.ts';
import { writtenPrints } from '../../marks.ts';

export const potentiometer: PartFamily<'potentiometer'> = {
  id: 'potentiometer',
  job: 'resistor',
  acts: 'sliding',
  letters: ['RV', 'VR', 'P', 'RP', 'POT', 'R'],
  role: 'board-part',
  mount: 'through',
  body: {
    shape: 'block',
    lengthMm: 16.5,
    widthMm: 12,
    heightMm: 22,
    leadMm: 10,
    colour: '#9fa4a8',
    source: '16 mm potentiometer, from memory of manufacturers’ sheets',
  },
  signs: [{ mark: 'three-pins', means: 'one-way' }],
  // Two on one shaft have six.
  joints: ({ pins = 3 }) => pins,
  pads: 'row',
  polarity: 'keyed',
  valueKind: { unit: 'ohm' },
  alsoValues: [1, 2, 2.5, 5],
  usualTolerancePercent: 20,
  bearsForce: true,
  hold: 'tape',
  kin: null,
  pinoutMatters: false,
  power: 'none',
  hazards: [],
  heatSensitive: true,
  staticSensitive: false,
  prepareMinutes: 1,
  words: {
    one: 'potentiometer',
    many: 'potentiometers',
    fit: [
      'Break off the small locating lug if your board has no hole for it.',
      'Push its tags through, shaft over the edge of the board.',
      'Solder the middle tag, check that it sits square, then the others.',
    ],
    hold: 'Its tags hold it; its weight wants a hand or putty.',
    mistakes: [
      'Two potentiometers of unlike value change places.',
      'The tags get too little heat.',
    ],
    wayRound: 'The shaft looks over the edge of the board.',
    backwards: 'It cannot be reached, or turns the wrong way.',
  },
  prints: writtenPrints,
  draw: (part) => drawPotentiometer(writtenPrints(part)[0]?.text ?? ''),
  drawLid: potentiometerLid,
  drawBoardMark: drawPotentiometerMark,
};
