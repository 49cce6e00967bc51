import { drawPotentiometer, drawPotentiometerMark } from '../../drawing/connector.ts';
import { potentiometerLid } from '../../drawing/lids.ts';
import type { PartFamily } from '../../family.ts';
import { writtenPrints } from '../../marks.ts';

export const potentiometer: PartFamily = {
  id: 'potentiometer',
  letters: ['RV', 'VR', 'P', 'POT'],
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
  joints: () => 3,
  polarity: 'keyed',
  valueKind: { unit: 'ohm' },
  alsoValues: [1, 2, 2.5, 5],
  heatSensitive: true,
  staticSensitive: false,
  prepareMinutes: 1,
  recognise: {
    words: [
      'potentiometer',
      'potentiometre',
      'potenciometro',
      'poti',
      'potmeter',
      'pot',
      'volume control',
      'lin',
      'log',
      'linear',
      'shaft',
      'drehpoti',
      'drehpotentiometer',
    ],
    not: /\b(trimmer|trimpot|trim|preset|cermet)\b/,
  },
  words: {
    one: 'potentiometer',
    many: 'potentiometers',
    fit: [
      'Break off the small locating lug if your board has no hole for it.',
      'Push its tags through, shaft over the edge of the board.',
      'Solder the middle tag, look whether it stands square, then the others.',
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
