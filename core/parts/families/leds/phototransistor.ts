import { drawPhototransistor } from '../../drawing/lights.ts';
import { drawLedMark } from '../../drawing/radial.ts';
import type { PartFamily } from '../../family.ts';
import { typePrints } from '../../marks.ts';

export const phototransistor: PartFamily<'phototransistor'> = {
  id: 'phototransistor',
  job: 'transistor',
  acts: 'light-switch',
  letters: ['PT', 'Q', 'T', 'D', 'VT'],
  role: 'board-part',
  mount: 'through',
  body: {
    shape: 'dome',
    lengthMm: 5.8,
    widthMm: 5.8,
    heightMm: 8.7,
    leadMm: 2.54,
    colour: '#e7ebee',
    source: '5 mm dome, from memory of manufacturers’ sheets',
  },
  signs: [{ mark: 'flat', means: 'outline' }],
  joints: () => 2,
  pads: 'row',
  polarity: 'polarised',
  valueKind: 'type',
  example: { value: { kind: 'type', print: 'BPW40' } },
  usualTolerancePercent: null,
  bearsForce: false,
  hold: 'bent-leads',
  kin: null,
  pinoutMatters: true,
  power: 'none',
  hazards: [],
  heatSensitive: true,
  staticSensitive: false,
  prepareMinutes: 0.8,
  kinds: ['phototransistor', 'photodiode'],
  words: {
    one: 'phototransistor',
    many: 'phototransistors',
    fit: [
      'It looks like a clear LED: read the bag. Its leads do not follow the rule of LEDs.',
      'Compare the sheet: which lead is the collector, or of a photodiode the cathode.',
      'Solder one lead, check that it sits straight, solder the other quickly, trim.',
    ],
    hold: 'Tape it, or solder one lead, check that it sits straight, then the other.',
    mistakes: [
      'It is mixed up with a clear or infrared LED.',
      'It is fitted by the rule of LEDs: its short lead is often the collector.',
    ],
    wayRound:
      'The flat on the rim is at the flat of the printed ring. Compare the sheet: which lead is longer differs from an LED.',
    backwards: 'It sees no light: nothing reacts.',
  },
  prints: typePrints,
  draw: drawPhototransistor,
  drawBoardMark: drawLedMark,
};
