import { drawChip, drawDipMark } from '../drawing/dip.ts';
import type { PartFamily } from '../family.ts';
import { valueLabel } from '../label.ts';

export const icDip: PartFamily = {
  id: 'ic-dip',
  letters: ['IC', 'U'],
  role: 'chip',
  heightMm: 4.5,
  bodySource: 'DIP body and stand-off, from memory of JEDEC MS-001',
  joints: ({ pins = 8 }) => pins,
  polarity: 'polarised',
  valueKind: 'type',
  heatSensitive: true,
  staticSensitive: true,
  prepareMinutes: 1.5,
  recognise: {
    words: [
      'ic',
      'chip',
      'dip',
      'dil',
      'comparator',
      'op amp',
      'opamp',
      'timer',
      'microcontroller',
      'integrated circuit',
      'dip-8',
      'dip8',
    ],
    types: [
      /\b(NE|LM|TLC|SE)?555\b/i,
      /\bLM\d{3,4}\b/i,
      /\bTL0\d{2}\b/i,
      /\b(CD)?4\d{3}B?E?\b/i,
      /\b74(HC|LS|HCT)?\d{2,3}\b/i,
      /\bATTINY\d+\b/i,
    ],
  },
  words: {
    one: 'chip',
    many: 'chips',
    fit: [
      'Touch bare metal first, so that no static charge goes through the chip.',
      'Its legs are spread too wide: roll each row against the table until both stand upright.',
      'Look that every leg stands over its own hole, then press it down evenly with both thumbs.',
    ],
    wayRound:
      'The notch of the chip lies over the notch of the outline. With the print upright, pin 1 is at the bottom left.',
    backwards: 'It is usually destroyed the moment the board gets power.',
  },
  draw: (part) => drawChip(part.pins ?? 8, valueLabel(part.value)),
  drawBoardMark: (part) => drawDipMark(part.pins ?? 8),
};
