import { drawThreeHolesMark, drawTwoColourLed } from '../../drawing/lights.ts';
import type { PartFamily } from '../../family.ts';

export const ledTwoColour: PartFamily<'led-two-colour'> = {
  id: 'led-two-colour',
  job: 'light',
  acts: 'two-colour-led',
  letters: ['LED', 'D', 'LD', 'L'],
  role: 'board-part',
  mount: 'through',
  body: {
    shape: 'dome',
    lengthMm: 5.8,
    widthMm: 5.8,
    heightMm: 8.7,
    leadMm: 5.08,
    colour: '#e7ebee',
    source: '5 mm round LED, from memory of manufacturers’ sheets',
  },
  signs: [
    { mark: 'longest-lead', means: 'common' },
    { mark: 'flat', means: 'outline' },
  ],
  joints: ({ pins = 3 }) => pins,
  pads: 'row',
  polarity: 'polarised',
  valueKind: 'none',
  usualTolerancePercent: null,
  bearsForce: false,
  hold: 'bent-leads',
  kin: null,
  pinoutMatters: true,
  power: 'none',
  hazards: ['bright'],
  heatSensitive: true,
  staticSensitive: false,
  prepareMinutes: 1,
  words: {
    one: 'two-colour LED',
    many: 'two-colour LEDs',
    fit: [
      'Find the longest lead: with three leads it is common to both colours. With two leads, the colour changes with the direction.',
      'Spread the leads to the holes and push the LED down as far as the sheet says.',
      'Solder the middle lead, look, then the others quickly. Trim.',
    ],
    hold: 'Tape it, or solder one lead, check that it sits straight, then the others.',
    mistakes: [
      'It is turned round: the colours change places or one stays dark.',
      'Close joints are bridged.',
    ],
    wayRound:
      'The longest lead goes to the middle hole. The flat on the rim is at the flat of the printed ring.',
    backwards: 'The colours change places, or one stays dark.',
  },
  draw: drawTwoColourLed,
  drawBoardMark: drawThreeHolesMark,
};
