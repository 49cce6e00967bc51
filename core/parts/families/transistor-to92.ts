import { drawTo92, drawTo92Mark } from '../drawing/radial.ts';
import type { PartFamily } from '../family.ts';
import { valueLabel } from '../label.ts';

export const transistorTo92: PartFamily = {
  id: 'transistor-to92',
  letters: ['Q', 'T', 'TR', 'VT'],
  role: 'board-part',
  heightMm: 8,
  bodySource: 'TO-92 body 4.8 mm high, 3 mm of lead below it, from memory of the JEDEC outline',
  joints: () => 3,
  polarity: 'polarised',
  valueKind: 'type',
  heatSensitive: true,
  staticSensitive: false,
  prepareMinutes: 1,
  recognise: {
    words: ['transistor', 'npn', 'pnp', 'to-92', 'to92', 'mosfet'],
    types: [
      /\b2N\d{4}[A-Z]?\b/i,
      /\bBC\d{3}[A-C]?\b/i,
      /\bS(8050|8550|9012|9013|9014)\b/i,
      /\bBS170\b/i,
    ],
  },
  words: {
    one: 'transistor',
    many: 'transistors',
    fit: [
      'Read the type on the flat face: other parts look just like it.',
      'Spread the three leads a little and push it in until it stands about 3 mm above the board.',
      'Solder the middle lead, look, then the outer two, with a rest between them. Trim.',
    ],
    wayRound: 'The flat face looks to the straight side of the D printed on the board.',
    backwards:
      'Nothing is amplified, and the part may be destroyed. It is hard to see later, so look now.',
  },
  draw: (part) => drawTo92(valueLabel(part.value)),
  drawBoardMark: drawTo92Mark,
};
