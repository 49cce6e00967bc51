import { buttonLid } from '../../drawing/lids.ts';
import { drawChipSwitch } from '../../drawing/surface.ts';
import type { PartFamily } from '../../family.ts';

export const switchChip: PartFamily<'switch-chip'> = {
  id: 'switch-chip',
  job: 'switch',
  acts: 'button',
  letters: ['S', 'SW', 'BTN'],
  role: 'board-part',
  mount: 'surface',
  body: {
    shape: 'block',
    lengthMm: 5.2,
    widthMm: 5.2,
    heightMm: 1.7,
    colour: '#c9cdd0',
    source: '5.2 mm surface button, from memory of manufacturers’ sheets',
  },
  signs: [{ mark: 'leg-spacing', means: 'one-way' }],
  joints: () => 4,
  pads: 'corners',
  polarity: 'keyed',
  valueKind: 'none',
  usualTolerancePercent: null,
  bearsForce: false,
  hold: 'tape',
  kin: null,
  pinoutMatters: false,
  power: 'none',
  hazards: [],
  heatSensitive: true,
  staticSensitive: false,
  prepareMinutes: 1,
  words: {
    one: 'surface push button',
    many: 'surface push buttons',
    fit: [
      'Tack one leg, check that it sits square, tack the opposite one, then the other two.',
      'Keep flux out of it.',
    ],
    hold: 'Tweezers hold it while the first end is melted on.',
    mistakes: ['Flux runs into it and it stops working.'],
    wayRound: 'Its legs meet the pads in one direction; turned by half a turn it is the same.',
    backwards: 'Turned by a quarter it is pressed all the time.',
  },
  draw: drawChipSwitch,
  drawLid: buttonLid,
};
