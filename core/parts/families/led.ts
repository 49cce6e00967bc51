import { drawLed, drawLedMark } from '../drawing/radial.ts';
import type { PartFamily } from '../family.ts';

export const led: PartFamily = {
  id: 'led',
  letters: ['LED', 'D', 'LD', 'L'],
  role: 'board-part',
  heightMm: 9,
  bodySource: '5 mm round LED, from memory of manufacturers’ sheets',
  joints: () => 2,
  polarity: 'polarised',
  valueKind: 'colour',
  heatSensitive: true,
  staticSensitive: false,
  prepareMinutes: 0.8,
  recognise: { words: ['led', 'leds', 'leuchtdiode', 'light emitting diode', 'lichtdiode', 'del'] },
  words: {
    one: 'LED',
    many: 'LEDs',
    fit: [
      'Find the long lead and feel for the flat on the rim.',
      'Put the long lead into the hole marked + and push the LED down to the board.',
      'Solder one lead, look whether it stands straight, solder the other quickly, trim.',
    ],
    wayRound: 'Long lead into the hole marked +. The flat on the rim lies on the flat of the ring.',
    backwards: 'It does not light. It survives at this voltage: take it out and turn it round.',
  },
  draw: ({ value }) => drawLed(value.kind === 'colour' ? value.colour : 'white'),
  drawBoardMark: drawLedMark,
};
