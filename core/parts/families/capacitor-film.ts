import { drawFilm } from '../drawing/radial.ts';
import type { PartFamily } from '../family.ts';
import { capacitorPrint } from '../label.ts';

export const capacitorFilm: PartFamily = {
  id: 'capacitor-film',
  letters: ['C'],
  role: 'board-part',
  heightMm: 8,
  bodySource: '7.2 mm box, from memory of manufacturers’ sheets',
  joints: () => 2,
  polarity: 'free',
  valueKind: { unit: 'farad' },
  heatSensitive: true,
  staticSensitive: false,
  prepareMinutes: 0.6,
  recognise: {
    words: [
      'film cap',
      'film capacitor',
      'folie',
      'mkt',
      'mks',
      'polyester',
      'mylar',
      'polypropylene',
    ],
  },
  words: {
    one: 'film capacitor',
    many: 'film capacitors',
    fit: ['Push it in until the box sits on the board.', 'Solder both leads, trim.'],
    wayRound: 'Either way round is right.',
  },
  draw: (part) => drawFilm(capacitorPrint(part)),
};
