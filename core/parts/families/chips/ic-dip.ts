import { drawChip, drawDipMark } from '../../drawing/dip.ts';
import type { PartFamily } from '../../family.ts';
import { valueLabel } from '../../label.ts';
import { typePrints } from '../../marks.ts';

export const icDip: PartFamily = {
  id: 'ic-dip',
  letters: ['IC', 'U'],
  role: 'chip',
  mount: 'through',
  body: {
    shape: 'dip',
    pinMm: 1.27,
    widthMm: 6.4,
    heightMm: 4.5,
    leadMm: 7.62,
    colour: '#2a2a2c',
    source: 'DIP body and stand-off, from memory of JEDEC MS-001',
  },
  signs: [
    { mark: 'notch', means: 'pin-1' },
    { mark: 'dot', means: 'pin-1' },
  ],
  joints: ({ pins = 8 }) => pins,
  polarity: 'polarised',
  valueKind: 'type',
  example: { value: { kind: 'type', print: 'NE555' } },
  heatSensitive: true,
  staticSensitive: true,
  prepareMinutes: 1.5,
  recognise: {
    not: /\b(so|soic|sop|ssop)-?\s?\d*\b|\bsmd\b|socket|fassung|sockel|voet|regulator|regler|holder|\b\w*7[89]l?\d\d\b|\blm3(17|37)\w*|\b(lm1117|lm2940)\w*|\b(1n|2n|bc)\s?\d+/,
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
      /\b(NE|LM|TLC|SE|ICM|NA)?(7?555|556)[A-Z]*\b/i,
      /\bLM\d{3,4}[A-Z]*\b/i,
      /\bTL0\d{2}\b/i,
      /\b(CD|HEF|HCF)4\d{3}\w*\b/i,
      /\b40\d{2}B?E?\b/i,
      /\b(SN)?74(HC|LS|HCT|AHC)?\d{2,3}\w*\b/i,
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
    hold: 'In a socket it holds by itself; soldered, tack two opposite corners first.',
    mistakes: [
      'It is put in backwards and destroyed at the first power.',
      'A leg folds under the body.',
      'It is plugged in before the supply has been checked.',
    ],
    wayRound:
      'The notch of the chip lies over the notch of the outline. With the print upright, pin 1 is at the bottom left.',
    backwards: 'It is usually destroyed the moment the board gets power.',
  },
  prints: typePrints,
  draw: (part) => drawChip(part.pins ?? 8, valueLabel(part.value)),
  drawBoardMark: (part) => drawDipMark(part.pins ?? 8),
};
