import { type Bit, both, isOne, not, type ReadsPin } from './bits.ts';
import { type ClockedChip, clockedModel } from './clocked.ts';

/** A row of places that keep a bit each, all by one clock: input, output, and the inverse where there is one. */
type Row = readonly (readonly [data: number, out: number, outInverted?: number])[];

interface Bank {
  readonly plus: number;
  readonly minus: number;
  readonly others: readonly number[];
  readonly clock: (read: ReadsPin) => Bit;
  /** Follows its inputs as long as its clock is high. */
  readonly isTransparent?: true;
  readonly clear?: (read: ReadsPin) => Bit;
  readonly letsGo?: (read: ReadsPin) => Bit;
}

const bank = (numbers: RegExp, is: Bank, row: Row): ClockedChip => ({
  numbers,
  plus: is.plus,
  minus: is.minus,
  ins: [...row.map(([data]) => data), ...is.others],
  divides: 1,
  ...(is.letsGo ? { letsGo: is.letsGo } : {}),
  registers: (read) =>
    row.map(([data]) => ({
      data: read(data),
      clock: is.clock(read),
      ...(is.clear ? { clear: is.clear(read) } : {}),
      ...(is.isTransparent ? { isTransparent: is.isTransparent } : {}),
    })),
  outs: (_, kept) =>
    row.flatMap(([, out, outInverted], index) => [
      [out, isOne(kept(index))] as const,
      ...(outInverted === undefined ? [] : [[outInverted, not(isOne(kept(index)))] as const]),
    ]),
});

/** Set by one pin and cleared by another, four of them, which pin 5 lets out. */
const setAndCleared = (
  numbers: RegExp,
  actsLow: boolean,
  cells: readonly (readonly [set: number, clear: number, out: number])[],
): ClockedChip => {
  const acts = (read: ReadsPin, pin: number) => (actsLow ? not(read(pin)) : read(pin));
  return {
    numbers,
    plus: 16,
    minus: 8,
    ins: [5, ...cells.map(([set]) => set), ...cells.map(([, clear]) => clear)],
    divides: 1,
    letsGo: (read) => not(read(5)),
    registers: (read) =>
      cells.map(([set, clear]) => ({
        data: '0',
        clock: '0',
        isTransparent: true,
        set: acts(read, set),
        clear: both(acts(read, clear), not(acts(read, set))),
      })),
    outs: (_, kept) => cells.map(([, , out], index) => [out, isOne(kept(index))] as const),
  };
};

const at16 = { plus: 16, minus: 8 };
const at20 = { plus: 20, minus: 10 };
const clearedBy1 = {
  others: [1, 9],
  clock: (read: ReadsPin) => read(9),
  clear: (read: ReadsPin) => not(read(1)),
};
const letGoBy1 = {
  others: [1, 11],
  clock: (read: ReadsPin) => read(11),
  letsGo: (read: ReadsPin) => read(1),
};
const eight: Row = [
  [3, 2],
  [4, 5],
  [7, 6],
  [8, 9],
  [13, 12],
  [14, 15],
  [17, 16],
  [18, 19],
];
const eightAcross: Row = [2, 3, 4, 5, 6, 7, 8, 9].map((data) => [data, 21 - data]);

/** Pins from memory of data sheets. */
export const register = clockedModel('register', [
  bank(/^(74[A-Z]*174|40174)$/, { ...at16, ...clearedBy1 }, [
    [3, 2],
    [4, 5],
    [6, 7],
    [11, 10],
    [13, 12],
    [14, 15],
  ]),
  bank(/^(74[A-Z]*175|40175)$/, { ...at16, ...clearedBy1 }, [
    [4, 2, 3],
    [5, 7, 6],
    [12, 10, 11],
    [13, 15, 14],
  ]),
  bank(
    /^4042$/,
    {
      ...at16,
      others: [5, 6],
      // It follows while its clock is what its other pin says.
      clock: (read) => `(${both(read(5), read(6))}+${both(not(read(5)), not(read(6)))})`,
      isTransparent: true,
    },
    [
      [4, 2, 3],
      [7, 10, 9],
      [13, 11, 12],
      [14, 1, 15],
    ],
  ),
  bank(
    /^74[A-Z]*273$/,
    {
      ...at20,
      others: [1, 11],
      clock: (read) => read(11),
      clear: (read) => not(read(1)),
    },
    eight,
  ),
  bank(/^74[A-Z]*373$/, { ...at20, ...letGoBy1, isTransparent: true }, eight),
  bank(/^74[A-Z]*374$/, { ...at20, ...letGoBy1 }, eight),
  bank(/^74[A-Z]*573$/, { ...at20, ...letGoBy1, isTransparent: true }, eightAcross),
  bank(/^74[A-Z]*574$/, { ...at20, ...letGoBy1 }, eightAcross),
  setAndCleared(/^4043$/, false, [
    [4, 3, 2],
    [6, 7, 9],
    [12, 11, 10],
    [14, 15, 1],
  ]),
  setAndCleared(/^4044$/, true, [
    [3, 4, 13],
    [7, 6, 9],
    [11, 12, 10],
    [15, 14, 1],
  ]),
]);
