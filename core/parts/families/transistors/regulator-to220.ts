import { drawTo220, drawTo220Mark } from '../../drawing/power.ts';
import type { PartFamily } from '../../family.ts';
import { valueLabel } from '../../label.ts';
import { typePrints } from '../../marks.ts';
import { pinoutOf } from '../../pinouts.ts';
import { to220 } from './packages.ts';

export const regulatorTo220: PartFamily<'regulator-to220'> = {
  id: 'regulator-to220',
  job: 'regulator',
  letters: ['VR', 'Q', 'U', 'IC'],
  role: 'board-part',
  mount: 'through',
  body: to220,
  signs: [{ mark: 'metal-tab', means: 'outline' }],
  joints: () => 3,
  pads: 'row',
  polarity: 'polarised',
  valueKind: 'type',
  example: { value: { kind: 'type', print: '7805' } },
  usualTolerancePercent: null,
  bearsForce: false,
  hold: 'tack-one-pin',
  kin: null,
  pinoutMatters: true,
  power: 'none',
  hazards: [],
  heatSensitive: true,
  staticSensitive: false,
  prepareMinutes: 1,
  recognise: {
    assumedFor: null,
    kinds: [
      'positive-regulator',
      'negative-regulator',
      'adjustable-regulator',
      'adjustable-negative-regulator',
    ],
    types: [
      /\b(LM|UA|L|MC)?7[89]M?(05|06|08|09|10|12|15|18|24)\w*\b/i,
      /\bLM317(?!L)T?\b/i,
      /\bLM(337|1117|2940)\w*\b/i,
      /\bLD1117\w*\b/i,
    ],
    not: /\b\w*7[89]l\d\d|to-?92|lm317l|lp2950|mcp170|sot|smd/,
  },
  words: {
    one: 'regulator',
    many: 'regulators',
    fit: [
      'Read the type: other parts look just like it.',
      'Push it in until the wide part of the leads stops it.',
      'Solder the middle lead, check that it sits straight, then the others. Trim.',
      'It is hot after soldering, and may be hot at work: screw the heat sink on if there is one.',
    ],
    hold: 'Its stiff leads hold it; tape it if it leans.',
    mistakes: [
      'Another type in the same body is fitted.',
      'The metal tab faces the wrong way.',
      'Its tab touches another part.',
    ],
    wayRound: 'The metal tab goes at the double line of the outline.',
    backwards:
      'The regulator and everything it feeds can be destroyed the moment the board gets power.',
  },
  prints: typePrints,
  draw: (part) => drawTo220(valueLabel(part.value), pinoutOf(part)?.pins),
  drawBoardMark: drawTo220Mark,
};
