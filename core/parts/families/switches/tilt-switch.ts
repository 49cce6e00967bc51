import { drawTilt } from '../../drawing/moving.ts';
import type { PartFamily } from '../../family.ts';

export const tiltSwitch: PartFamily<'tilt-switch'> = {
  id: 'tilt-switch',
  job: 'switch',
  letters: ['S', 'SW'],
  role: 'board-part',
  mount: 'through',
  body: {
    shape: 'round-box',
    lengthMm: 5,
    widthMm: 5,
    heightMm: 11,
    leadMm: 2.54,
    colour: '#c3c8cc',
    source: 'ball switch 5 x 11 mm, from memory of manufacturers’ sheets',
  },
  signs: [],
  joints: () => 2,
  pads: 'row',
  polarity: 'free',
  valueKind: 'none',
  usualTolerancePercent: null,
  bearsForce: false,
  hold: 'bent-leads',
  kin: null,
  pinoutMatters: false,
  power: 'none',
  hazards: ['mercury'],
  heatSensitive: true,
  staticSensitive: false,
  prepareMinutes: 0.6,
  recognise: {
    assumedFor: null,
  },
  words: {
    one: 'tilt switch',
    many: 'tilt switches',
    fit: [
      'Check which kind it is: a ball rolls and clicks; a bead of mercury in glass must not be built in a course.',
      'Put it in as the sheet shows, upright or lying, solder both leads briefly, trim.',
    ],
    hold: 'Bend the leads outwards.',
    mistakes: ['It is fitted lying instead of upright.'],
    wayRound: 'Either way round is right; upright or lying matters.',
  },
  draw: drawTilt,
};
