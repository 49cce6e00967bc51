import { drawPushButton } from '../../drawing/hardware.ts';
import { buttonLid } from '../../drawing/lids.ts';
import type { PartFamily } from '../../family.ts';

export const pushButton: PartFamily<'push-button'> = {
  id: 'push-button',
  job: 'switch',
  acts: 'button',
  letters: ['SW', 'S', 'B', 'BTN', 'T', 'K', 'KEY'],
  role: 'board-part',
  mount: 'through',
  body: {
    shape: 'block',
    lengthMm: 6.2,
    widthMm: 6.2,
    heightMm: 4.3,
    leadMm: 6.5,
    colour: '#c9cdd0',
    source: '6 x 6 mm push button, from memory of manufacturers’ sheets',
  },
  signs: [{ mark: 'leg-spacing', means: 'one-way' }],
  joints: () => 4,
  pads: 'corners',
  polarity: 'keyed',
  valueKind: 'none',
  usualTolerancePercent: null,
  bearsForce: true,
  hold: 'tape',
  kin: null,
  pinoutMatters: false,
  power: 'none',
  hazards: [],
  heatSensitive: true,
  staticSensitive: false,
  prepareMinutes: 0.6,
  words: {
    one: 'push button',
    many: 'push buttons',
    fit: [
      'Press its four legs into the holes until it snaps in.',
      'Solder two opposite legs, press it down once more, solder the others.',
    ],
    hold: 'Its legs snap into the holes and hold it.',
    mistakes: [
      'Turned by a quarter it is pressed all the time.',
      'Flux runs into it and it stops working.',
    ],
    wayRound: 'Its legs fit the holes in one direction; turned by half a turn it is the same.',
    backwards: 'Turned by a quarter it does not fit, or is pressed all the time.',
  },
  draw: drawPushButton,
  drawLid: buttonLid,
};
