import { drawCeramic } from '../drawing/radial.ts';
import type { PartFamily } from '../family.ts';
import { capacitorPrint } from '../label.ts';

export const capacitorCeramic: PartFamily = {
  id: 'capacitor-ceramic',
  letters: ['C'],
  role: 'board-part',
  heightMm: 5.5,
  bodySource: '5 mm disc, from memory of manufacturers’ sheets',
  joints: () => 2,
  polarity: 'free',
  valueKind: { unit: 'farad' },
  heatSensitive: false,
  staticSensitive: false,
  prepareMinutes: 0.6,
  recognise: {
    words: [
      'ceramic',
      'keramik',
      'kerko',
      'disc',
      'mlcc',
      'multilayer',
      'ceramique',
      'ceramico',
      'keramisch',
    ],
  },
  words: {
    one: 'ceramic capacitor',
    many: 'ceramic capacitors',
    fit: [
      'Read the three digits with a magnifier and compare with the picture.',
      'Push it in until it stands just above the board; do not force the coating into the holes.',
      'Solder both leads, trim.',
    ],
    wayRound: 'Either way round is right.',
  },
  draw: (part) => drawCeramic(capacitorPrint(part)),
};
