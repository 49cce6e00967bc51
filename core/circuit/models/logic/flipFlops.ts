import { type Bit, both, type ClockedChip, clockedModel, either, isOne, not } from './clocked.ts';

interface Cell {
  readonly out: number;
  readonly outInverted: number;
  readonly clock: number;
  readonly clear: number;
  readonly set: number;
  /** What it takes over: one pin, or two that set and clear it. */
  readonly data: number | { readonly j: number; readonly k: number };
}

const flipFlops = (
  numbers: RegExp,
  { plus, minus, actsLow = false }: { plus: number; minus: number; actsLow?: boolean },
  cells: readonly Cell[],
): ClockedChip => ({
  numbers,
  plus,
  minus,
  ins: cells.flatMap(({ clock, clear, set, data }) => [
    clock,
    clear,
    set,
    ...(typeof data === 'number' ? [data] : [data.j, data.k]),
  ]),
  divides: 2 ** cells.length,
  registers: (read, kept) =>
    cells.map(({ clock, clear, set, data }, index) => {
      const acts = (pin: number): Bit => (actsLow ? not(read(pin)) : read(pin));
      return {
        clock: read(clock),
        clear: acts(clear),
        set: acts(set),
        data:
          typeof data === 'number'
            ? read(data)
            : either(
                both(read(data.j), not(isOne(kept(index)))),
                both(not(read(data.k)), isOne(kept(index))),
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
];

export const flipFlop = clockedModel('flip-flop', chips);
