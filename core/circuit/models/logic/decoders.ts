import {
  type Bit,
  both,
  byTable,
  either,
  isNumber,
  isOne,
  not,
  numberOf,
  oneOf,
  type Share,
} from './bits.ts';
import { type ClockedChip, clockedModel } from './clocked.ts';
import { lights, type Segment, segments, withTails } from './segments.ts';

/** Each segment by its pin, lit where a number is a digit that has it; dark above nine. */
const segmentOuts = (
  pins: Readonly<Record<Segment, number>>,
  number: string,
  shown: (lit: Bit) => Bit,
  drawn?: Parameters<typeof lights>[1],
) => {
  const numbers = Array.from({ length: 16 }, (_, value) => value);
  return segments.map(
    (segment) =>
      [pins[segment], shown(byTable(number, numbers.map(lights(segment, drawn))))] as const,
  );
};

/** The number that four bits are. */
const fourBits = (share: Share, bits: readonly Bit[]): string => share('number', numberOf(bits));

/** Four bits to seven segments. The bits are kept while pin 5 is high. */
const toSegments: ClockedChip = {
  numbers: /^(74[A-Z]*)?4511$/,
  plus: 16,
  minus: 8,
  ins: [7, 1, 2, 6, 3, 4, 5],
  divides: 1,
  registers: (read) =>
    [7, 1, 2, 6].map((pin) => ({ data: read(pin), clock: not(read(5)), isTransparent: true })),
  // Lamp test and blanking are low where they act; the lamp test counts for more.
  outs: (read, kept, share) =>
    segmentOuts(
      { a: 13, b: 12, c: 11, d: 10, e: 9, f: 15, g: 14 },
      fourBits(
        share,
        [0, 1, 2, 3].map((index) => isOne(kept(index))),
      ),
      (lit) => either(not(read(3)), both(read(4), lit)),
    ),
};

/** The same for displays of either kind: its outputs are turned round while pin 6 is high. */
const toEitherSegments: ClockedChip = {
  numbers: /^(74[A-Z]*)?4543$/,
  plus: 16,
  minus: 8,
  ins: [5, 3, 2, 4, 1, 6, 7],
  divides: 1,
  registers: (read) =>
    [5, 3, 2, 4].map((pin) => ({ data: read(pin), clock: read(1), isTransparent: true })),
  outs: (read, kept, share) =>
    segmentOuts(
      { a: 9, b: 10, c: 11, d: 12, e: 13, f: 15, g: 14 },
      fourBits(
        share,
        [0, 1, 2, 3].map((index) => isOne(kept(index))),
      ),
      (lit) => {
        const on = both(lit, not(read(7)));
        return oneOf(both(on, not(read(6))), both(not(on), read(6)));
      },
      withTails,
    ),
};

/** Nothing is kept; lamp test, blanking, and blanking of a nought are low where they act. */
const atOnce = (numbers: RegExp, isOpen: boolean): ClockedChip => ({
  numbers,
  plus: 16,
  minus: 8,
  ins: [7, 1, 2, 6, 3, 4, 5],
  divides: 1,
  ...(isOpen ? { isOpen } : {}),
  registers: () => [],
  outs: (read, _, share) => {
    const bits = [7, 1, 2, 6].map(read);
    const isShown = share('shown', both(read(4), either(read(5), not(isNumber(0, bits)))));
    return segmentOuts(
      { a: 13, b: 12, c: 11, d: 10, e: 9, f: 15, g: 14 },
      fourBits(share, bits),
      (lit) => {
        const on = both(read(4), either(not(read(3)), both(isShown, lit)));
        return isOpen ? not(on) : on;
      },
    );
  },
});

/** From four bits to what a display shows. */
export const decoder = clockedModel('decoder', [
  toSegments,
  toEitherSegments,
  atOnce(/^74[A-Z]*47$/, true),
  atOnce(/^74[A-Z]*48$/, false),
]);
