import { type Bit, both, not, numberOf, type ReadsPin } from './bits.ts';
import { type ClockedChip, clockedModel } from './clocked.ts';
import { digitOf, inTurn } from './counts.ts';

/** Pins of a counter that goes both ways and takes over what lies at its inputs, at once. */
interface UpDown {
  readonly given: readonly number[];
  readonly outs: readonly number[];
  readonly load: (read: ReadsPin) => string;
  readonly clear?: (read: ReadsPin) => string;
  readonly clock: (read: ReadsPin) => string;
  /** What is added at a rise of the clock: an expression, which may be negative or nothing. */
  readonly step: (read: ReadsPin) => string;
  /** Numbers to a turn; two of them where a pin chooses. */
  readonly turn: 10 | 16 | { readonly isBinary: (read: ReadsPin) => string };
  readonly others: readonly number[];
  /** What tells a next counter, by the count being at its lowest or at its highest. */
  readonly carries: (
    read: ReadsPin,
    at: { readonly lowest: string; readonly highest: string },
  ) => readonly (readonly [number, string])[];
}

/** It is never wrapped, nor kept from going below nothing: no run has more than some hundred rounds. */
const upDown = (numbers: RegExp, is: UpDown): ClockedChip => ({
  numbers,
  plus: 16,
  minus: 8,
  ins: [...is.given, ...is.others],
  divides: is.turn === 10 ? 10 : 16,
  registers: (read, kept) => [
    {
      data: `floor(${kept(0)}+0.5)+${is.step(read)}`,
      clock: is.clock(read),
      ...(is.clear ? { clear: is.clear(read) } : {}),
      set: is.load(read),
      setTo: numberOf(is.given.map(read)),
      isCount: true,
    },
  ],
  outs: (read, kept, share) => {
    const { turn } = is;
    const at = {
      10: inTurn(share, kept(0), 10, 10),
      16: inTurn(share, kept(0), 16, 16),
    };
    const either = (isHigh: (value: number, turn: number) => boolean): Bit => {
      const of = (one: 10 | 16) => at[one]((value) => isHigh(value, one));
      return typeof turn === 'number'
        ? of(turn)
        : `(${turn.isBinary(read)}*${of(16)}+${not(turn.isBinary(read))}*${of(10)})`;
    };
    return [
      ...is.outs.map((pin, digit) => [pin, either(digitOf(digit))] as const),
      ...is.carries(read, {
        lowest: either((value) => value === 0),
        highest: either((value, end) => value === end - 1),
      }),
    ];
  },
});

/** Up or down as pin 10 says, while the carry from before, at pin 5, is low. */
const byPin10 = (numbers: RegExp, is: Pick<UpDown, 'given' | 'outs' | 'turn' | 'clear'>) =>
  upDown(numbers, {
    ...is,
    others: [1, 5, 9, 10, 15],
    load: (read) => read(1),
    clock: (read) => read(15),
    step: (read) => `(2*${read(10)}-1)*${not(read(5))}`,
    carries: (read, { lowest, highest }) => [
      [7, not(both(not(read(5)), `(${read(10)}*${highest}+${not(read(10))}*${lowest})`))],
    ],
  });

/** A clock for each way; the other one rests high. */
const byTwoClocks = (numbers: RegExp, turn: 10 | 16) =>
  upDown(numbers, {
    turn,
    given: [15, 1, 10, 9],
    outs: [3, 2, 6, 7],
    others: [4, 5, 11, 14],
    load: (read) => both(not(read(11)), not(read(14))),
    clear: (read) => read(14),
    clock: (read) => both(read(4), read(5)),
    step: (read) => `(${not(read(5))}-${not(read(4))})`,
    carries: (read, { lowest, highest }) => [
      [12, not(both(not(read(5)), highest))],
      [13, not(both(not(read(4)), lowest))],
    ],
  });

/** Down while pin 5 is high, counting while pin 4 is low. */
const byPin5 = (numbers: RegExp, turn: 10 | 16) =>
  upDown(numbers, {
    turn,
    given: [15, 1, 10, 9],
    outs: [3, 2, 6, 7],
    others: [4, 5, 11, 14],
    load: (read) => not(read(11)),
    clock: (read) => read(14),
    step: (read) => `(1-2*${read(5)})*${not(read(4))}`,
    carries: (read, { lowest, highest }) => {
      const isEnd = `(${read(5)}*${lowest}+${not(read(5))}*${highest})`;
      return [
        [12, isEnd],
        [13, not(both(isEnd, not(read(14)), not(read(4))))],
      ];
    },
  });

const at4510 = { given: [4, 12, 13, 3], outs: [6, 11, 14, 2] };

/** Pins from memory of data sheets. */
export const upDownCounter = clockedModel('up-down-counter', [
  byPin10(/^4029$/, { ...at4510, turn: { isBinary: (read) => read(9) } }),
  byPin10(/^(74[A-Z]*)?4510$/, { ...at4510, turn: 10, clear: (read) => read(9) }),
  byPin10(/^(74[A-Z]*)?4516$/, { ...at4510, turn: 16, clear: (read) => read(9) }),
  byTwoClocks(/^(74[A-Z]*192|40192)$/, 10),
  byTwoClocks(/^(74[A-Z]*193|40193)$/, 16),
  byPin5(/^74[A-Z]*190$/, 10),
  byPin5(/^74[A-Z]*191$/, 16),
]);
