import { allLow, type Bit, both, either, isNumber, not, type ReadsPin } from './bits.ts';
import { type ClockedChip, clockedModel } from './clocked.ts';

/** Of several inputs the one that a number in binary says. */
interface Selector {
  readonly ins: readonly number[];
  readonly address: readonly number[];
  readonly isEnabled: (read: ReadsPin) => Bit;
  readonly out: number;
  readonly outInverted?: number;
}

const selectors = (
  numbers: RegExp,
  others: readonly number[],
  all: readonly Selector[],
): ClockedChip => ({
  numbers,
  plus: 16,
  minus: 8,
  ins: [...new Set(all.flatMap(({ ins, address }) => [...ins, ...address])), ...others],
  divides: 1,
  registers: () => [],
  outs: (read) =>
    all.flatMap(({ ins, address, isEnabled, out, outInverted }) => {
      const bits = address.map(read);
      const chosen = both(
        isEnabled(read),
        either(...ins.map((pin, value) => both(read(pin), isNumber(value, bits)))),
      );
      return [
        [out, chosen] as const,
        ...(outInverted === undefined ? [] : [[outInverted, not(chosen)] as const]),
      ];
    }),
});

/** Pins from memory of data sheets. */
export const selector = clockedModel('selector', [
  selectors(
    /^74[A-Z]*151$/,
    [7],
    [
      {
        ins: [4, 3, 2, 1, 15, 14, 13, 12],
        address: [11, 10, 9],
        isEnabled: allLow(7),
        out: 5,
        outInverted: 6,
      },
    ],
  ),
  selectors(
    /^74[A-Z]*153$/,
    [1, 15],
    [
      { ins: [6, 5, 4, 3], address: [14, 2], isEnabled: allLow(1), out: 7 },
      { ins: [10, 11, 12, 13], address: [14, 2], isEnabled: allLow(15), out: 9 },
    ],
  ),
  selectors(
    /^74[A-Z]*157$/,
    [15],
    [
      [2, 3, 4],
      [5, 6, 7],
      [11, 10, 9],
      [14, 13, 12],
    ].map(([one = 0, other = 0, out = 0]) => ({
      ins: [one, other],
      address: [1],
      isEnabled: allLow(15),
      out,
    })),
  ),
]);
