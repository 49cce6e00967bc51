import { drawPushButton } from '../drawing/hardware.ts';
import type { PartFamily } from '../family.ts';

export const pushButton: PartFamily = {
  id: 'push-button',
  letters: ['S', 'SW', 'B', 'BTN', 'T'],
  role: 'board-part',
  heightMm: 4.3,
  bodySource: '6 x 6 mm push button, from memory of manufacturers’ sheets',
  joints: () => 4,
  polarity: 'keyed',
  valueKind: 'none',
  heatSensitive: true,
  staticSensitive: false,
  prepareMinutes: 0.6,
  recognise: {
    words: [
      'push button',
      'pushbutton',
      'button',
      'taster',
      'tact switch',
      'tactile',
      'drukknop',
      'bouton poussoir',
      'pulsador',
    ],
  },
  words: {
    one: 'push button',
    many: 'push buttons',
    fit: [
      'Press its four legs into the holes until it snaps in.',
      'Solder two opposite legs, press it down once more, solder the others.',
    ],
    wayRound: 'Its legs fit the holes in one direction; turned by half a turn it is the same.',
    backwards: 'Turned by a quarter it does not fit, or is pressed all the time.',
  },
  draw: drawPushButton,
};
