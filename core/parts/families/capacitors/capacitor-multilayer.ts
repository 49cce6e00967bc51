import { drawMultilayer } from '../../drawing/upright.ts';
import type { PartFamily } from '../../family.ts';
import { smallCapacitorPrints } from '../../marks.ts';

export const capacitorMultilayer: PartFamily = {
  id: 'capacitor-multilayer',
  letters: ['C'],
  role: 'board-part',
  mount: 'through',
  body: {
    shape: 'disc',
    lengthMm: 4.5,
    widthMm: 3,
    heightMm: 5.5,
    leadMm: 5.08,
    colour: '#3f79b5',
    source: 'dipped block of 4.5 x 3 mm, from memory of manufacturers’ sheets',
  },
  signs: [],
  joints: () => 2,
  polarity: 'free',
  valueKind: { unit: 'farad' },
  heatSensitive: false,
  staticSensitive: false,
  prepareMinutes: 0.6,
  recognise: {
    words: [
      'mlcc',
      'multilayer',
      'multi-layer',
      'vielschicht',
      'x7r',
      'multicouche',
      'multicapa',
      'monolithic',
      'meerlaags',
    ],
    not: /\b(smd|smt|chip|0402|0603|0805|1206|1210)\b/,
  },
  words: {
    one: 'multilayer capacitor',
    many: 'multilayer capacitors',
    fit: [
      'Read its digits with a magnifier and compare with the picture.',
      'Push it in until it stands just above the board.',
      'Solder both leads, trim.',
    ],
    hold: 'Bend the leads outwards.',
    mistakes: ['It is mixed up with a ceramic of another value: only the digits differ.'],
    wayRound: 'Either way round is right.',
  },
  prints: smallCapacitorPrints,
  usable: {
    fromFactor: 0.5,
    toFactor: 2,
    words: { for: 'smoothing a supply', never: 'timing or a filter' },
  },
  draw: (part) => drawMultilayer(smallCapacitorPrints(part)[0]?.text ?? ''),
};
