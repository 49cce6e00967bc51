import { drawNetwork, drawNetworkMark } from '../../drawing/upright.ts';
import type { PartFamily } from '../../family.ts';
import { ohmPrints } from '../../marks.ts';

export const resistorNetwork: PartFamily<'resistor-network'> = {
  id: 'resistor-network',
  job: 'resistor',
  acts: 'network',
  letters: ['RN', 'RP', 'R'],
  role: 'board-part',
  mount: 'through',
  body: {
    shape: 'slab',
    pinMm: 2.54,
    widthMm: 2.5,
    heightMm: 6.5,
    colour: '#23272b',
    source: 'single-in-line network of 2.54 mm pitch, from memory of manufacturers’ sheets',
  },
  signs: [{ mark: 'dot', means: 'pin-1' }],
  joints: ({ pins = 8 }) => pins,
  pads: 'row',
  polarity: 'polarised',
  valueKind: { unit: 'ohm' },
  usualTolerancePercent: 2,
  bearsForce: false,
  hold: 'tack-one-pin',
  kin: null,
  pinoutMatters: false,
  power: 'none',
  hazards: [],
  heatSensitive: false,
  staticSensitive: false,
  prepareMinutes: 0.8,
  words: {
    one: 'resistor network',
    many: 'resistor networks',
    fit: [
      'Find the dot: it marks pin 1.',
      'Put pin 1 into the square hole, push the row down.',
      'Solder one end pin, straighten, solder the other end, then the rest.',
    ],
    hold: 'Solder the two end pins first; they hold the row.',
    mistakes: [
      'The dot is at the wrong end: every value is wrong then.',
      'Two neighbouring pins are bridged.',
    ],
    wayRound: 'The dot marks pin 1: it goes to the square hole.',
    backwards: 'Every value is wrong, since the common pin is at the wrong end.',
  },
  prints: ohmPrints,
  draw: (part) => drawNetwork(part.pins ?? 8, ohmPrints(part)[0]?.text ?? ''),
  drawBoardMark: (part) => drawNetworkMark(part.pins ?? 8),
};
