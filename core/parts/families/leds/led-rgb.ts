import { drawRgbLed, drawRgbLedMark } from '../../drawing/upright.ts';
import type { PartFamily } from '../../family.ts';

export const ledRgb: PartFamily<'led-rgb'> = {
  id: 'led-rgb',
  job: 'light',
  acts: 'three-colour-led',
  letters: ['LED', 'D', 'LD'],
  role: 'board-part',
  mount: 'through',
  body: {
    shape: 'dome',
    lengthMm: 5.9,
    widthMm: 5.9,
    heightMm: 8.7,
    leadMm: 7.6,
    colour: '#e7ebee',
    source: '5 mm round LED, from memory of manufacturers’ sheets',
  },
  signs: [
    { mark: 'longest-lead', means: 'common' },
    { mark: 'flat', means: 'cathode' },
  ],
  joints: () => 4,
  pads: 'row',
  polarity: 'polarised',
  valueKind: 'none',
  usualTolerancePercent: null,
  bearsForce: false,
  hold: 'bent-leads',
  kin: null,
  pinoutMatters: false,
  mostMilliampere: 60,
  power: 'none',
  hazards: ['bright'],
  heatSensitive: true,
  staticSensitive: false,
  prepareMinutes: 1.2,
  recognise: {
    assumedFor: null,
    needs: /\brgb\b|colou?r|farbwechsel/,
  },
  words: {
    one: 'three-colour LED',
    many: 'three-colour LEDs',
    fit: [
      'The longest lead is common to all three colours; it is the second from the flat.',
      'Spread the leads before you put them in: they are very close.',
      'Solder every other lead, rest, then the others; look for bridges.',
    ],
    hold: 'Spread the leads; they hold it.',
    mistakes: ['Its close joints are bridged.', 'It is turned by half a turn.'],
    wayRound:
      'The flat on the rim goes on the flat of the ring; the longest lead goes to the square hole.',
    backwards: 'The colours change places or stay dark.',
  },
  draw: drawRgbLed,
  drawBoardMark: drawRgbLedMark,
};
