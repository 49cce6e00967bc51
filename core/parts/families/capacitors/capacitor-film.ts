import { drawFilm } from '../../drawing/radial.ts';
import type { PartFamily } from '../../family.ts';
import { smallCapacitorPrints } from '../../marks.ts';

export const capacitorFilm: PartFamily<'capacitor-film'> = {
  id: 'capacitor-film',
  job: 'capacitor',
  letters: ['C'],
  role: 'board-part',
  mount: 'through',
  body: {
    shape: 'block',
    lengthMm: 7.2,
    widthMm: 3,
    heightMm: 8,
    leadMm: 5,
    colour: '#b23a2b',
    source: '7.2 mm box, from memory of manufacturers’ sheets',
  },
  signs: [],
  joints: () => 2,
  pads: 'row',
  polarity: 'free',
  valueKind: { unit: 'farad' },
  usualTolerancePercent: 10,
  bearsForce: false,
  hold: 'bent-leads',
  kin: 'small-capacitor',
  pinoutMatters: false,
  power: 'none',
  hazards: [],
  heatSensitive: true,
  staticSensitive: false,
  prepareMinutes: 0.6,
  recognise: {
    assumedFor: null,
    not: /\b(smd|smt|0402|0603|0805|1206|resonator|keramikresonator|mlcc|multilayer|x7r|tantal|elko)\b|\b(super-?cap\w*|gold-?cap\w*|ultra-?cap\w*|edlc)\b/,
  },
  words: {
    one: 'film capacitor',
    many: 'film capacitors',
    fit: ['Push it in until the box sits on the board.', 'Solder both leads, trim.'],
    hold: 'Bend the leads outwards or hold it with tape.',
    mistakes: ['The film melts where the iron touches the box.'],
    wayRound: 'Either way round is right.',
  },
  prints: smallCapacitorPrints,
  usable: {
    fromFactor: 0.5,
    toFactor: 2,
    words: { for: 'smoothing a supply', never: 'timing or a filter' },
  },
  draw: (part) => drawFilm(smallCapacitorPrints(part)[0]?.text ?? ''),
};
