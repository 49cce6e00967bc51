import { drawBlock9V } from '../../drawing/cells.ts';
import type { PartFamily } from '../../family.ts';

export const block9v: PartFamily<'block-9v'> = {
  id: 'block-9v',
  job: 'supply',
  letters: ['BAT', 'BT', 'B'],
  role: 'battery',
  mount: 'none',
  body: {
    shape: 'block',
    lengthMm: 48.5,
    widthMm: 26.5,
    heightMm: 17.5,
    colour: '#2f3437',
    source: '6F22, from memory of IEC 60086',
  },
  signs: [
    { mark: 'small-snap', means: 'plus' },
    { mark: 'wide-snap', means: 'minus' },
  ],
  joints: () => 0,
  pads: 'row',
  polarity: 'polarised',
  valueKind: 'type',
  example: { value: { kind: 'type', print: '9 V' } },
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
    one: '9 V block',
    many: '9 V blocks',
    fit: [
      'Put the iron in its stand first: nobody solders on a board with a battery in it.',
      'The small round snap is plus, the wider crown is minus: hold the clip beside it before you press.',
      'Snap it on at the check, not before. Turned round it touches for a moment, and that can be enough.',
    ],
    hold: 'Its clip holds it.',
    mistakes: [
      'The clip is pressed on the wrong way round for a moment.',
      'It is snapped on while somebody still solders.',
    ],
    wayRound:
      'The small round snap, plus, goes into the wide socket of the clip; the wide crown, minus, into the small one.',
    backwards:
      'The board gets its supply reversed for a moment: only a protection diode may save it.',
  },
  draw: drawBlock9V,
};
