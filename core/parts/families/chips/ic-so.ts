import { drawSoChip, drawSoMark } from '../../drawing/surface.ts';
import type { PartFamily } from '../../family.ts';
import { valueLabel } from '../../label.ts';
import { typePrints } from '../../marks.ts';

export const icSo: PartFamily<'ic-so'> = {
  id: 'ic-so',
  job: 'chip',
  letters: ['IC', 'U'],
  role: 'board-part',
  mount: 'surface',
  body: {
    shape: 'so',
    pinMm: 0.635,
    widthMm: 3.9,
    heightMm: 1.75,
    colour: '#2a2a2c',
    source: 'SO body 3.9 mm wide, from memory of JEDEC MS-012',
  },
  signs: [
    { mark: 'dot', means: 'pin-1' },
    { mark: 'bevel', means: 'pin-1' },
  ],
  joints: ({ pins = 8 }) => pins,
  pads: 'two-rows',
  polarity: 'polarised',
  valueKind: 'type',
  example: { value: { kind: 'type', print: '74HC14' }, pins: 14 },
  usualTolerancePercent: null,
  bearsForce: false,
  hold: 'tack-one-pin',
  kin: null,
  pinoutMatters: false,
  power: 'none',
  hazards: [],
  heatSensitive: true,
  staticSensitive: true,
  prepareMinutes: 2,
  kinds: [
    'op-amp',
    'comparator',
    'timer',
    'audio',
    'logic',
    'microcontroller',
    'memory',
    'driver',
    'converter',
    'interface',
    'clock',
  ],
  words: {
    one: 'surface chip',
    many: 'surface chips',
    fit: [
      'Touch bare metal first, so that no static charge goes through the chip.',
      'Find the dot or the bevelled side: pin 1 is there, at the bottom left when the print is upright.',
      'Tack one corner, straighten, tack the opposite corner, look, then solder the rest with flux.',
      'Take bridges off with a clean tip or braid.',
    ],
    hold: 'Tape or a finger holds it while the first corner is tacked.',
    mistakes: [
      'It is turned by half a turn.',
      'Legs are bridged.',
      'It sits half a leg beside its pads.',
    ],
    wayRound:
      'The dot, or the bevelled side, is at pin 1; with the print upright that is at the bottom left.',
    backwards: 'It is usually destroyed the moment the board gets power.',
  },
  prints: typePrints,
  draw: (part) => drawSoChip(part.pins ?? 8, valueLabel(part.value)),
  drawBoardMark: (part) => drawSoMark(part.pins ?? 8),
};
