import { drawLed, drawLedMark, lensOf } from '../../drawing/radial.ts';
import type { PartFamily } from '../../family.ts';
import { isTurned } from '../../lotNote.ts';

export const led3mm: PartFamily<'led-3mm'> = {
  id: 'led-3mm',
  job: 'light',
  letters: ['LED', 'D', 'LD', 'L'],
  role: 'board-part',
  mount: 'through',
  body: {
    shape: 'dome',
    lengthMm: 3.8,
    widthMm: 3.8,
    heightMm: 5.3,
    leadMm: 2.54,
    colour: '#d8352a',
    source: '3 mm round LED, from memory of manufacturers’ sheets',
  },
  signs: [
    { mark: 'long-lead', means: 'anode' },
    { mark: 'short-lead', means: 'cathode' },
    { mark: 'flat', means: 'cathode' },
  ],
  joints: () => 2,
  pads: 'row',
  polarity: 'polarised',
  valueKind: 'colour',
  usualTolerancePercent: null,
  bearsForce: false,
  hold: 'bent-leads',
  kin: 'round-led',
  pinoutMatters: false,
  power: 'none',
  hazards: ['bright'],
  heatSensitive: true,
  staticSensitive: false,
  prepareMinutes: 0.8,
  words: {
    one: '3 mm LED',
    many: '3 mm LEDs',
    fit: [
      'Find the long lead and feel for the flat on the rim; on 3 mm it is easily missed.',
      'Put the long lead into the hole marked + and push the LED down to the board.',
      'Solder one lead, check that it sits straight, solder the other quickly, trim.',
    ],
    hold: 'Tape it, or solder one lead, look, then the other.',
    mistakes: ['It is turned round and stays dark.', 'It sits askew or too high.'],
    wayRound: 'Long lead into the hole marked +. The flat on the rim goes on the flat of the ring.',
    backwards:
      'It does not light. Below 5 V it survives: take it out and turn it round. Above that it may be damaged.',
  },
  colourOf: lensOf,
  draw: (part) =>
    drawLed(lensOf(part), 3, {
      body: isTurned(part, 'flat'),
      longLead: isTurned(part, 'long-lead'),
    }),
  drawBoardMark: drawLedMark,
};
