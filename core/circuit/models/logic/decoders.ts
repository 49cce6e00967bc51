import { both, type ClockedChip, clockedModel, either, isOne, not, oneOf } from './clocked.ts';
import { type Digit, digits, type Segment, segmentsOf } from './segments.ts';

/** Four bits to seven segments; dark above nine. The bits are kept while pin 5 is high. */
const toSegments: ClockedChip = {
  numbers: /^(74[A-Z]*)?4511$/,
  plus: 16,
  minus: 8,
  ins: [7, 1, 2, 6, 3, 4, 5],
  divides: 1,
  registers: (read) =>
    [7, 1, 2, 6].map((pin) => ({ data: read(pin), clock: not(read(5)), isTransparent: true })),
  outs: (read, kept) => {
    const is = (digit: Digit) =>
      both(
        ...[0, 1, 2, 3].map((bit) =>
          (digit >> bit) & 1 ? isOne(kept(bit)) : not(isOne(kept(bit))),
        ),
      );
    const lit = (segment: Segment) =>
      oneOf(...digits.filter((digit) => segmentsOf(digit).includes(segment)).map(is));
    const pins: Readonly<Record<Segment, number>> = {
      a: 13,
      b: 12,
      c: 11,
      d: 10,
      e: 9,
      f: 15,
      g: 14,
    };
    // Lamp test and blanking are low where they act; the lamp test counts for more.
    return Object.entries(pins).map(
      ([segment, pin]) =>
        [pin, either(not(read(3)), both(read(4), lit(segment as Segment)))] as const,
    );
  },
};

/** Four bits to one of ten. */
const toTen: ClockedChip = {
  numbers: /^4028$/,
  plus: 16,
  minus: 8,
  ins: [10, 13, 12, 11],
  divides: 1,
  registers: () => [],
  outs: (read) =>
    [3, 14, 2, 15, 1, 6, 7, 4, 9, 5].map(
      (pin, digit) =>
        [
          pin,
          both(
            ...[10, 13, 12, 11].map((input, bit) =>
              (digit >> bit) & 1 ? read(input) : not(read(input)),
            ),
          ),
        ] as const,
    ),
};

export const decoder = clockedModel('decoder', [toSegments, toTen]);
