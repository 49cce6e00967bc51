import { drawInfraredLed } from '../../drawing/lights.ts';
import { drawLedMark } from '../../drawing/radial.ts';
import type { PartFamily } from '../../family.ts';
import { typePrints } from '../../marks.ts';

export const ledInfrared: PartFamily<'led-infrared'> = {
  id: 'led-infrared',
  job: 'light',
  acts: 'infrared-led',
  letters: ['LED', 'D', 'IR', 'LD'],
  role: 'board-part',
  mount: 'through',
  body: {
    shape: 'dome',
    lengthMm: 5.8,
    widthMm: 5.8,
    heightMm: 8.7,
    leadMm: 2.54,
    colour: '#8e92ad',
    source: '5 mm round LED, from memory of manufacturers’ sheets',
  },
  signs: [
    { mark: 'long-lead', means: 'anode' },
    { mark: 'short-lead', means: 'cathode' },
    { mark: 'flat', means: 'cathode' },
  ],
  joints: () => 2,
  pads: 'row',
  polarity: 'polarised',
  valueKind: 'type',
  example: { value: { kind: 'type', print: 'TSAL6200' } },
  usualTolerancePercent: null,
  bearsForce: false,
  hold: 'bent-leads',
  kin: null,
  pinoutMatters: false,
  power: 'none',
  hazards: ['bright'],
  heatSensitive: true,
  staticSensitive: false,
  prepareMinutes: 0.8,
  kinds: ['infrared-led'],
  words: {
    one: 'infrared LED',
    many: 'infrared LEDs',
    fit: [
      'Find the long lead and feel for the flat on the rim. A phototransistor looks just like it: read the bag.',
      'Put the long lead into the hole marked + and push the LED down to the board.',
      'Solder one lead, check that it sits straight, solder the other quickly, trim.',
    ],
    hold: 'Tape it, or solder one lead, check that it sits straight, then the other.',
    mistakes: [
      'It is mixed up with a phototransistor, which looks alike.',
      'It is thought dead because it shows no light: a phone’s camera may see it.',
    ],
    wayRound:
      'Long lead into the hole marked +. The flat on the rim is at the flat of the printed ring.',
    backwards: 'It sends nothing. Above about 5 V it may be damaged.',
  },
  prints: typePrints,
  draw: drawInfraredLed,
  drawBoardMark: drawLedMark,
};
