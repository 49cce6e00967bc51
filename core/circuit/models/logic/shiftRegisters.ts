import { type Bit, both, either, isOne, not, oneOf, type ReadsPin } from './bits.ts';
import { type ClockedChip, clockedModel } from './clocked.ts';

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

/** Eight stages, and eight more that take them over by a clock of their own and can let go. */
const latched = (
  numbers: RegExp,
  pins: {
    readonly data: number;
    readonly clock: number;
    readonly clear?: number;
    readonly latch: number;
    readonly outs: readonly number[];
    readonly last: number;
    readonly others: readonly number[];
  },
  is: { readonly isTransparent?: true; readonly letsGo: (read: ReadsPin) => Bit },
): ClockedChip => ({
  numbers,
  plus: 16,
  minus: 8,
  ins: [pins.data, pins.clock, pins.latch, ...pins.others],
  divides: 16,
  letsGo: (read, out) => (pins.outs.includes(out) ? is.letsGo(read) : '0'),
  registers: (read, kept) => {
    const { clear } = pins;
    const stages = pins.outs.map((_, index) => ({
      data: index === 0 ? read(pins.data) : isOne(kept(index - 1)),
      clock: read(pins.clock),
      ...(clear === undefined ? {} : { clear: not(read(clear)) }),
    }));
    const kepts = pins.outs.map((_, index) => ({
      data: isOne(kept(index)),
      clock: read(pins.latch),
      ...(is.isTransparent ? { isTransparent: is.isTransparent } : {}),
    }));
    return [...stages, ...kepts];
  },
  outs: (_, kept) => [
    ...pins.outs.map((pin, index) => [pin, isOne(kept(8 + index))] as const),
    [pins.last, isOne(kept(7))],
  ],
});

/** Eight inputs taken over together while pin `load` says so, and handed out one after the other. */
const fromEight = (
  numbers: RegExp,
  pins: {
    readonly given: readonly number[];
    readonly others: readonly number[];
    readonly data: number;
    readonly clock: (read: ReadsPin) => Bit;
    readonly load: (read: ReadsPin) => Bit;
    /** With the clock, and not at once. */
    readonly isWithClock?: boolean;
    readonly outs: readonly (readonly [pin: number, stage: number, isInverted?: true])[];
  },
): ClockedChip => ({
  numbers,
  plus: 16,
  minus: 8,
  ins: [...pins.given, pins.data, ...pins.others],
  divides: 16,
  registers: (read, kept) =>
    pins.given.map((given, index) => {
      const before = index === 0 ? read(pins.data) : isOne(kept(index - 1));
      const loads = pins.load(read);
      return pins.isWithClock
        ? {
            data: oneOf(both(loads, read(given)), both(not(loads), before)),
            clock: pins.clock(read),
          }
        : { data: before, clock: pins.clock(read), set: loads, setTo: read(given) };
    }),
  outs: (_, kept) =>
    pins.outs.map(([pin, stage, isInverted]) => {
      const is = isOne(kept(stage));
      return [pin, isInverted ? not(is) : is] as const;
    }),
});

const at4021 = {
  given: [7, 6, 5, 4, 13, 14, 15, 1],
  others: [9, 10],
  data: 11,
  clock: (read: ReadsPin) => read(10),
  load: (read: ReadsPin) => read(9),
  outs: [
    [2, 5],
    [12, 6],
    [3, 7],
  ],
} as const;

/** Pins from memory of data sheets. */
export const shiftRegister = clockedModel('shift-register', [
  plain,
  twice,
  latched(
    /^74[A-Z]*595$/,
    {
      data: 14,
      clock: 11,
      clear: 10,
      latch: 12,
      outs: [15, 1, 2, 3, 4, 5, 6, 7],
      last: 9,
      others: [10, 13],
    },
    { letsGo: (read) => read(13) },
  ),
  latched(
    /^(74[A-Z]*)?4094$/,
    {
      data: 2,
      clock: 3,
      latch: 1,
      outs: [4, 5, 6, 7, 14, 13, 12, 11],
      last: 9,
      others: [15],
    },
    { isTransparent: true, letsGo: (read) => not(read(15)) },
  ),
  fromEight(/^74[A-Z]*165$/, {
    given: [11, 12, 13, 14, 3, 4, 5, 6],
    others: [1, 2, 15],
    data: 10,
    clock: (read) => either(read(2), read(15)),
    load: (read) => not(read(1)),
    outs: [
      [9, 7],
      [7, 7, true],
    ],
  }),
  fromEight(/^4021$/, at4021),
  fromEight(/^4014$/, { ...at4021, isWithClock: true }),
]);
