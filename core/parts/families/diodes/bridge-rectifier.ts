import { drawBridge, drawBridgeMark } from '../../drawing/wound.ts';
import type { PartFamily } from '../../family.ts';
import { valueLabel } from '../../label.ts';
import { typePrints } from '../../marks.ts';

export const bridgeRectifier: PartFamily<'bridge-rectifier'> = {
  id: 'bridge-rectifier',
  job: 'diode',
  acts: 'bridge',
  letters: ['B', 'BR', 'D', 'DB', 'GL', 'BD'],
  role: 'board-part',
  mount: 'through',
  body: {
    shape: 'round-box',
    lengthMm: 9,
    widthMm: 9,
    heightMm: 7,
    leadMm: 5.08,
    colour: '#26262a',
    source: 'round bridge 9 mm, from memory of manufacturers’ sheets',
  },
  signs: [
    { mark: 'plus-print', means: 'plus' },
    { mark: 'longest-lead', means: 'plus' },
  ],
  joints: () => 4,
  pads: 'corners',
  polarity: 'polarised',
  valueKind: 'type',
  example: { value: { kind: 'type', print: 'W04' } },
  usualTolerancePercent: null,
  bearsForce: false,
  hold: 'tack-one-pin',
  kin: null,
  pinoutMatters: false,
  power: 'none',
  hazards: [],
  heatSensitive: true,
  staticSensitive: false,
  prepareMinutes: 1,
  kinds: ['bridge'],
  words: {
    one: 'bridge rectifier',
    many: 'bridge rectifiers',
    fit: [
      'Find the + and the two ~ printed on it. On most, the longest lead is plus.',
      'Spread the four leads to the holes and push it in, a few millimetres above the board.',
      'Solder one lead, check that the + is at the +, then the others. Trim.',
    ],
    hold: 'Spread the leads a little: it holds by itself.',
    mistakes: ['It is turned by a quarter, so that ~ goes to +.', 'The print is read upside down.'],
    wayRound:
      'The + printed on it goes to the hole marked +; on most it is the longest lead too. The two ~ go to the holes marked ~.',
    backwards: 'It shorts the supply: it and the supply get very hot at once.',
  },
  prints: typePrints,
  draw: (part) => drawBridge(valueLabel(part.value)),
  drawBoardMark: drawBridgeMark,
};
