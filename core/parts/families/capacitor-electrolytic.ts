import { formatQuantity } from '../../quantity/formatQuantity.ts';
import { drawElectrolytic, drawElectrolyticMark } from '../drawing/radial.ts';
import type { PartFamily } from '../family.ts';

export const capacitorElectrolytic: PartFamily = {
  id: 'capacitor-electrolytic',
  letters: ['C'],
  role: 'board-part',
  heightMm: 11.5,
  bodySource: '5 x 11 mm can, from memory of manufacturers’ sheets',
  joints: () => 2,
  polarity: 'polarised',
  valueKind: { unit: 'farad' },
  heatSensitive: true,
  staticSensitive: false,
  prepareMinutes: 0.8,
  recognise: {
    words: [
      'electrolytic',
      'elko',
      'elco',
      'elcap',
      'electrolitico',
      'electrolytique',
      'electrochimique',
      'alu cap',
      'polarized',
      'polarised',
    ],
  },
  words: {
    one: 'electrolytic capacitor',
    many: 'electrolytic capacitors',
    fit: [
      'Find the stripe with the minus signs: the lead beside it, the short one, is minus.',
      'Push it down until the can stands on the board.',
      'Solder one lead, look from the side whether it stands straight, solder the other, trim.',
    ],
    wayRound: 'Long lead into the hole marked +. The stripe lies on the filled half of the ring.',
    backwards: 'It leaks and gets hot, and the can may burst. Never power the board to try it.',
  },
  draw: ({ value }) =>
    value.kind === 'amount'
      ? drawElectrolytic(
          formatQuantity(value.amount, 'farad').replace(' ', ''),
          value.ratedVolt === undefined ? '' : `${value.ratedVolt}V`,
        )
      : drawElectrolytic('', ''),
  drawBoardMark: drawElectrolyticMark,
};
