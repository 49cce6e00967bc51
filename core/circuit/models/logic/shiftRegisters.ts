import { both, type ClockedChip, clockedModel, isOne, not } from './clocked.ts';

/** Eight stages, two inputs that must both be high; cleared while pin 9 is low. */
const plain: ClockedChip = {
  numbers: /^74[A-Z]*164$/,
  plus: 14,
  minus: 7,
  ins: [1, 2, 8, 9],
  divides: 16,
  registers: (read, kept) =>
    Array.from({ length: 8 }, (_, index) => ({
      data: index === 0 ? both(read(1), read(2)) : isOne(kept(index - 1)),
      clock: read(8),
      clear: not(read(9)),
    })),
  outs: (_, kept) =>
    [3, 4, 5, 6, 10, 11, 12, 13].map((pin, index) => [pin, isOne(kept(index))] as const),
};

/** Two of four stages each. */
const twice: ClockedChip = {
  numbers: /^4015$/,
  plus: 16,
  minus: 8,
  ins: [7, 9, 6, 15, 1, 14],
  divides: 16,
  registers: (read, kept) =>
    [
      { data: 7, clock: 9, clear: 6 },
      { data: 15, clock: 1, clear: 14 },
    ].flatMap(({ data, clock, clear }, half) =>
      Array.from({ length: 4 }, (_, index) => ({
        data: index === 0 ? read(data) : isOne(kept(half * 4 + index - 1)),
        clock: read(clock),
        clear: read(clear),
      })),
    ),
  outs: (_, kept) =>
    [5, 4, 3, 10, 13, 12, 11, 2].map((pin, index) => [pin, isOne(kept(index))] as const),
};

export const shiftRegister = clockedModel('shift-register', [plain, twice]);
