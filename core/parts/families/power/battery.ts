import { drawBattery } from '../../drawing/hardware.ts';
import type { PartFamily } from '../../family.ts';

export const battery: PartFamily<'battery'> = {
  id: 'battery',
  job: 'supply',
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
  signs: [{ mark: 'plus-print', means: 'plus' }],
  joints: () => 0,
  pads: 'row',
  polarity: 'polarised',
  valueKind: 'type',
  example: { value: { kind: 'type', print: '4.5 V' } },
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
    one: 'battery',
    many: 'batteries',
    fit: [
      'Put the iron back in its stand first: nobody solders on a board with a battery in it.',
      'See which kind it is: of a round cell the flat end is minus, of a coin cell the broad face is plus.',
    ],
    hold: 'The springs of the holder hold it.',
    mistakes: [
      'A cell lies the wrong way round.',
      'It is put in while the board is still being soldered.',
    ],
    wayRound:
      'Plus goes to the + of the holder or clip. How plus is marked depends on the kind of cell.',
    backwards: 'The whole board gets its supply reversed; only a protection diode may save it.',
  },
  draw: drawBattery,
};
