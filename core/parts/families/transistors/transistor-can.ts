import { drawCanTransistor, drawCanTransistorMark } from '../../drawing/wound.ts';
import type { PartFamily } from '../../family.ts';
import { valueLabel } from '../../label.ts';
import { typePrints } from '../../marks.ts';

export const transistorCan: PartFamily<'transistor-can'> = {
  id: 'transistor-can',
  job: 'transistor',
  letters: ['Q', 'T', 'TR', 'VT'],
  role: 'board-part',
  mount: 'through',
  body: {
    shape: 'can',
    lengthMm: 5.8,
    widthMm: 5.8,
    heightMm: 6,
    leadMm: 2.54,
    colour: '#cfd3d6',
    source: 'TO-18, from memory of the JEDEC outline',
  },
  signs: [{ mark: 'rim-tab', means: 'outline' }],
  joints: () => 3,
  pads: 'triangle',
  polarity: 'polarised',
  valueKind: 'type',
  example: { value: { kind: 'type', print: 'BC107' } },
  usualTolerancePercent: null,
  bearsForce: false,
  hold: 'bent-leads',
  kin: null,
  pinoutMatters: true,
  power: 'none',
  hazards: [],
  heatSensitive: true,
  staticSensitive: false,
  prepareMinutes: 1,
  kinds: ['npn', 'pnp'],
  words: {
    one: 'transistor in a metal can',
    many: 'transistors in metal cans',
    fit: [
      'Find the little tab on the rim: it is beside the emitter.',
      'Spread the three leads to their holes and push it in until it sits a few millimetres above the board.',
      'Solder one lead, look, then the others with a rest between them. Trim.',
    ],
    hold: 'Spread the leads a little: it holds by itself.',
    mistakes: [
      'The tab faces the wrong way.',
      'The metal case, joined to the collector, touches another part.',
    ],
    wayRound: 'The tab of the rim is at the printed tab.',
    backwards:
      'Nothing is amplified, and the part may be destroyed. It is hard to see later, so check now.',
  },
  prints: typePrints,
  draw: (part) => drawCanTransistor(valueLabel(part.value)),
  drawBoardMark: drawCanTransistorMark,
};
