import { drawOther } from '../drawing/hardware.ts';
import type { PartFamily } from '../family.ts';

/** What nothing recognises. It is fitted late, and the instructor is told that its height is a guess. */
export const other: PartFamily<'other'> = {
  id: 'other',
  job: 'unknown',
  letters: [],
  role: 'board-part',
  mount: 'through',
  body: {
    shape: 'block',
    lengthMm: 10,
    widthMm: 8,
    heightMm: 12,
    colour: '#d9d2c2',
    source: 'a guess: taller than most parts, so that it comes late',
  },
  signs: [],
  joints: ({ pins = 2 }) => pins,
  pads: 'row',
  polarity: 'keyed',
  valueKind: 'type',
  usualTolerancePercent: null,
  bearsForce: false,
  hold: 'tape',
  kin: null,
  pinoutMatters: false,
  power: 'none',
  hazards: [],
  heatSensitive: true,
  staticSensitive: true,
  prepareMinutes: 1,
  words: {
    one: 'part',
    many: 'parts',
    fit: ['Ask your instructor how this one is fitted.'],
    hold: 'Ask your instructor.',
    mistakes: ['Nobody knows what it is, so look it up before the workshop.'],
    wayRound: 'Ask your instructor which way round it goes before you solder.',
  },
  draw: drawOther,
};
