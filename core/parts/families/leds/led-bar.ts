import { lensOf } from '../../drawing/radial.ts';
import { drawLedBar, drawLedBarMark } from '../../drawing/upright.ts';
import type { PartFamily } from '../../family.ts';
import { isTurned } from '../../lotNote.ts';

export const ledBar: PartFamily<'led-bar'> = {
  id: 'led-bar',
  job: 'light',
  letters: ['LED', 'D', 'LD', 'L'],
  role: 'board-part',
  mount: 'through',
  body: {
    shape: 'rod',
    lengthMm: 16,
    widthMm: 2,
    heightMm: 2.2,
    leadMm: 18,
    colour: '#f4e7a8',
    source: 'filament bar of about 16 x 2 mm, from memory of manufacturers’ sheets',
  },
  signs: [
    { mark: 'long-lead', means: 'anode' },
    { mark: 'short-lead', means: 'cathode' },
  ],
  joints: () => 2,
  pads: 'row',
  polarity: 'polarised',
  valueKind: 'colour',
  usualTolerancePercent: null,
  bearsForce: false,
  hold: 'bent-leads',
  kin: null,
  pinoutMatters: false,
  power: 'none',
  hazards: ['bright'],
  heatSensitive: true,
  staticSensitive: false,
  prepareMinutes: 1,
  words: {
    one: 'bar LED',
    many: 'bar LEDs',
    fit: [
      'It is glass: do not bend the leads close to its ends.',
      'Compare the long lead with the sheet of this batch, or use the diode test of a meter.',
      'Solder both ends, trim.',
    ],
    hold: 'Bend the leads outwards; do not press on the bar.',
    mistakes: [
      'The rule of the long lead does not hold for every batch.',
      'It breaks when a lead is bent at its end.',
    ],
    wayRound: 'Long lead into the hole marked +, unless the sheet of this batch says otherwise.',
    backwards:
      'It does not light. Below 5 V it survives: take it out and turn it round. Above that it may be damaged.',
  },
  colourOf: lensOf,
  draw: (part) => drawLedBar(lensOf(part), isTurned(part, 'long-lead')),
  drawBoardMark: drawLedBarMark,
};
