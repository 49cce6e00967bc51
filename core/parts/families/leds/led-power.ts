import { drawPowerLed } from '../../drawing/lights.ts';
import { drawSurfaceDiodeMark } from '../../drawing/surface.ts';
import type { PartFamily } from '../../family.ts';

export const ledPower: PartFamily<'led-power'> = {
  id: 'led-power',
  job: 'light',
  acts: 'power-led',
  letters: ['LED', 'D', 'LD'],
  role: 'board-part',
  mount: 'surface',
  body: {
    shape: 'flat',
    lengthMm: 20,
    widthMm: 20,
    heightMm: 6,
    colour: '#eef0f1',
    source: 'star board of 20 mm, from memory of manufacturers’ sheets',
  },
  signs: [{ mark: 'plus-print', means: 'plus' }],
  joints: () => 2,
  pads: 'row',
  polarity: 'polarised',
  valueKind: 'colour',
  usualTolerancePercent: null,
  bearsForce: false,
  hold: 'tape',
  kin: null,
  pinoutMatters: false,
  mostMilliampere: 350,
  power: 'none',
  hazards: ['bright'],
  heatSensitive: true,
  staticSensitive: false,
  prepareMinutes: 1.5,
  words: {
    one: 'high-power LED',
    many: 'high-power LEDs',
    fit: [
      'Find the + beside its pads: a meter’s diode test settles it.',
      'Fix it to its heat sink first, with thermal grease or a pad: without one it burns within seconds.',
      'Tin its pads, then solder the wires. The metal takes the heat away: allow more time.',
    ],
    hold: 'It is screwed or glued to its heat sink.',
    mistakes: [
      'It is switched on without its heat sink.',
      'It gets more current than it bears: it needs its driver or resistor.',
    ],
    wayRound: 'The wire from + goes to the pad marked +.',
    backwards: 'It does not light. Above about 5 V it may be damaged.',
  },
  draw: drawPowerLed,
  drawBoardMark: drawSurfaceDiodeMark,
};
