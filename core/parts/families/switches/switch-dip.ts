import { drawDipSwitch } from '../../drawing/moving.ts';
import type { PartFamily } from '../../family.ts';

export const switchDip: PartFamily<'switch-dip'> = {
  id: 'switch-dip',
  job: 'switch',
  letters: ['S', 'SW', 'DIP', 'DS'],
  role: 'board-part',
  mount: 'through',
  body: {
    shape: 'block',
    pinMm: 1.27,
    widthMm: 9.5,
    heightMm: 5.5,
    leadMm: 7.62,
    colour: '#b23124',
    source: 'DIP switch, from memory of manufacturers’ sheets',
  },
  signs: [{ mark: 'print-side', means: 'outline' }],
  joints: ({ pins = 8 }) => pins,
  pads: 'two-rows',
  polarity: 'keyed',
  valueKind: 'none',
  usualTolerancePercent: null,
  bearsForce: false,
  hold: 'tack-one-pin',
  kin: null,
  pinoutMatters: false,
  power: 'none',
  hazards: [],
  heatSensitive: true,
  staticSensitive: false,
  prepareMinutes: 1,
  recognise: {
    assumedFor: null,
  },
  words: {
    one: 'DIP switch',
    many: 'DIP switches',
    fit: [
      'The side with “ON” faces as printed on the board.',
      'Push it in, solder two opposite corners, check that it sits flat, then the rest. Heat briefly.',
    ],
    hold: 'Solder two opposite corners first.',
    mistakes: ['It is turned: ON is off, and 1 is the last.'],
    wayRound: 'The side with “ON” faces as printed on the board.',
  },
  draw: (part) => drawDipSwitch((part.pins ?? 8) / 2),
};
