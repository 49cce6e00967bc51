import { drawSlideSwitch } from '../drawing/hardware.ts';
import type { PartFamily } from '../family.ts';

export const switchSlide: PartFamily = {
  id: 'switch-slide',
  letters: ['S', 'SW'],
  role: 'board-part',
  heightMm: 7.5,
  bodySource: 'small slide switch with lever, from memory of manufacturers’ sheets',
  joints: () => 3,
  polarity: 'free',
  valueKind: 'none',
  heatSensitive: true,
  staticSensitive: false,
  prepareMinutes: 0.7,
  recognise: {
    words: [
      'slide switch',
      'switch',
      'schiebeschalter',
      'schalter',
      'schakelaar',
      'interrupteur',
      'interruptor',
      'spdt',
    ],
  },
  words: {
    one: 'slide switch',
    many: 'slide switches',
    fit: [
      'Push it down until the frame sits on the board.',
      'Solder the middle pin, look whether it stands square, then the outer two.',
      'Move the lever: it must still click. Too much heat softens it.',
    ],
    wayRound: 'Either way round is right.',
  },
  draw: drawSlideSwitch,
};
