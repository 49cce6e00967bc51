import { drawSlideSwitch } from '../../drawing/hardware.ts';
import { slideLid } from '../../drawing/lids.ts';
import type { PartFamily } from '../../family.ts';

export const switchSlide: PartFamily<'switch-slide'> = {
  id: 'switch-slide',
  job: 'switch',
  acts: 'changeover',
  letters: ['S', 'SW'],
  role: 'board-part',
  mount: 'through',
  body: {
    shape: 'block',
    lengthMm: 8.6,
    widthMm: 4.3,
    heightMm: 7.5,
    leadMm: 5.08,
    colour: '#c9cdd0',
    source: 'small slide switch with lever, from memory of manufacturers’ sheets',
  },
  signs: [],
  joints: ({ pins = 3 }) => pins,
  pads: 'row',
  polarity: 'free',
  valueKind: 'none',
  usualTolerancePercent: null,
  bearsForce: true,
  hold: 'tape',
  kin: null,
  pinoutMatters: false,
  power: 'none',
  passesSupply: 'freely',
  hazards: [],
  heatSensitive: true,
  staticSensitive: false,
  prepareMinutes: 0.7,
  words: {
    one: 'slide switch',
    many: 'slide switches',
    fit: [
      'Push it down until the frame sits on the board.',
      'Solder the middle pin, check that it sits square, then the outer two.',
      'Move the lever: it must still click. Too much heat softens it.',
    ],
    hold: 'Tack the middle pin, check that it sits square, then the others.',
    mistakes: [
      'Too much heat softens the plastic and the lever jams.',
      'It sits askew in a case cut-out.',
    ],
    wayRound: 'Either way round is right.',
  },
  draw: drawSlideSwitch,
  drawLid: slideLid,
};
