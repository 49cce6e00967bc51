import { type Bit, both, either, isOne, not } from './bits.ts';
import { type ClockedChip, clockedModel } from './clocked.ts';

interface Cell {
  readonly out: number;
  readonly outInverted: number;
  readonly clock: number;
  readonly clear: number;
  readonly set?: number;
  /** What it takes over: one pin, or two that set and clear it, the second by being low where it is inverted. */
  readonly data: number | { readonly j: number; readonly k: number; readonly isInverted?: true };
}

interface How {
  readonly plus: number;
  readonly minus: number;
  /** What sets and clears does it by being low. */
  readonly actsLow?: boolean;
  /** It turns when its clock falls. */
  readonly atFall?: boolean;
}

const flipFlops = (
  numbers: RegExp,
  { plus, minus, actsLow = false, atFall = false }: How,
  cells: readonly Cell[],
): ClockedChip => ({
  numbers,
  plus,
  minus,
  ins: cells.flatMap(({ clock, clear, set, data }) => [
    clock,
    clear,
    ...(set === undefined ? [] : [set]),
    ...(typeof data === 'number' ? [data] : [data.j, data.k]),
  ]),
  divides: 2 ** cells.length,
  registers: (read, kept) =>
    cells.map(({ clock, clear, set, data }, index) => {
      const acts = (pin: number): Bit => (actsLow ? not(read(pin)) : read(pin));
      return {
        clock: atFall ? not(read(clock)) : read(clock),
        clear: acts(clear),
        ...(set === undefined ? {} : { set: acts(set) }),
        data:
          typeof data === 'number'
            ? read(data)
            : either(
                both(read(data.j), not(isOne(kept(index)))),
                both(data.isInverted ? read(data.k) : not(read(data.k)), isOne(kept(index))),
              ),
      };
    }),
  outs: (_, kept) =>
    cells.flatMap(({ out, outInverted }, index) => [
      [out, isOne(kept(index))] as const,
      [outInverted, not(isOne(kept(index)))] as const,
    ]),
});

const chips: readonly ClockedChip[] = [
  flipFlops(/^4013$/, { plus: 14, minus: 7 }, [
    { out: 1, outInverted: 2, clock: 3, clear: 4, data: 5, set: 6 },
    { out: 13, outInverted: 12, clock: 11, clear: 10, data: 9, set: 8 },
  ]),
  flipFlops(/^74[A-Z]*74$/, { plus: 14, minus: 7, actsLow: true }, [
    { out: 5, outInverted: 6, clock: 3, clear: 1, data: 2, set: 4 },
    { out: 9, outInverted: 8, clock: 11, clear: 13, data: 12, set: 10 },
  ]),
  flipFlops(/^4027$/, { plus: 16, minus: 8 }, [
    { out: 15, outInverted: 14, clock: 13, clear: 12, set: 9, data: { j: 10, k: 11 } },
    { out: 1, outInverted: 2, clock: 3, clear: 4, set: 7, data: { j: 6, k: 5 } },
  ]),
  flipFlops(/^74[A-Z]*73$/, { plus: 4, minus: 11, actsLow: true, atFall: true }, [
    { out: 12, outInverted: 13, clock: 1, clear: 2, data: { j: 14, k: 3 } },
    { out: 9, outInverted: 8, clock: 5, clear: 6, data: { j: 7, k: 10 } },
  ]),
  flipFlops(/^74[A-Z]*76$/, { plus: 5, minus: 13, actsLow: true, atFall: true }, [
    { out: 15, outInverted: 14, clock: 1, clear: 3, set: 2, data: { j: 4, k: 16 } },
    { out: 11, outInverted: 10, clock: 6, clear: 8, set: 7, data: { j: 9, k: 12 } },
  ]),
  flipFlops(/^74[A-Z]*107$/, { plus: 14, minus: 7, actsLow: true, atFall: true }, [
    { out: 3, outInverted: 2, clock: 12, clear: 13, data: { j: 1, k: 4 } },
    { out: 5, outInverted: 6, clock: 9, clear: 10, data: { j: 8, k: 11 } },
  ]),
  flipFlops(/^74[A-Z]*109$/, { plus: 16, minus: 8, actsLow: true }, [
    { out: 6, outInverted: 7, clock: 4, clear: 1, set: 5, data: { j: 2, k: 3, isInverted: true } },
    {
      out: 10,
      outInverted: 9,
      clock: 12,
      clear: 15,
      set: 11,
      data: { j: 14, k: 13, isInverted: true },
    },
  ]),
  flipFlops(/^74[A-Z]*112$/, { plus: 16, minus: 8, actsLow: true, atFall: true }, [
    { out: 5, outInverted: 6, clock: 1, clear: 15, set: 4, data: { j: 3, k: 2 } },
    { out: 9, outInverted: 7, clock: 13, clear: 14, set: 10, data: { j: 11, k: 12 } },
  ]),
];

export const flipFlop = clockedModel('flip-flop', chips);
