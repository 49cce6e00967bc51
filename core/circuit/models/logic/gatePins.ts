import type { Part } from '../../../parts/part.ts';
import { typeOf } from '../amounts.ts';
import type { PinsOf } from '../chipPins.ts';

export interface Gate {
  readonly ins: readonly number[];
  readonly out: number;
  readonly does: 'not' | 'same' | 'nand' | 'and' | 'nor' | 'or' | 'xor' | 'xnor';
  readonly schmitt: boolean;
  /** Only pulls down. */
  readonly isOpen: boolean;
}

interface How {
  readonly schmitt?: boolean;
  readonly isOpen?: boolean;
  readonly plus?: number;
  readonly minus?: number;
}
type Rows = readonly (readonly [readonly number[], number])[];

const gates = (
  does: Gate['does'],
  rows: Rows,
  { schmitt = false, isOpen = false, plus = 14, minus = 7 }: How = {},
): PinsOf<Gate> => ({
  plus,
  minus,
  cells: rows.map(([ins, out]) => ({ ins, out, does, schmitt, isOpen })),
});

const six: Rows = [1, 3, 5, 9, 11, 13].map((pin) => [[pin], pin < 7 ? pin + 1 : pin - 1]);
/** The six of a 4049 and a 4050, which have plus at pin 1. */
const sixOf4049: Rows = [
  [[3], 2],
  [[5], 4],
  [[7], 6],
  [[9], 10],
  [[11], 12],
  [[14], 15],
];
const at4049: How = { plus: 1, minus: 8 };
/** Four of two inputs, as the 4000 series and as the 74 series have them. */
const fourOf4000: Rows = [
  [[1, 2], 3],
  [[5, 6], 4],
  [[8, 9], 10],
  [[12, 13], 11],
];
const fourOf74: Rows = [
  [[1, 2], 3],
  [[4, 5], 6],
  [[9, 10], 8],
  [[12, 13], 11],
];
const fourNorOf74: Rows = [
  [[2, 3], 1],
  [[5, 6], 4],
  [[8, 9], 10],
  [[11, 12], 13],
];
const threeOf4000: Rows = [
  [[1, 2, 8], 9],
  [[3, 4, 5], 6],
  [[11, 12, 13], 10],
];
const threeOf74: Rows = [
  [[1, 2, 13], 12],
  [[3, 4, 5], 6],
  [[9, 10, 11], 8],
];
const twoOf4000: Rows = [
  [[2, 3, 4, 5], 1],
  [[9, 10, 11, 12], 13],
];
const twoOf74: Rows = [
  [[1, 2, 4, 5], 6],
  [[9, 10, 12, 13], 8],
];
const eightOf4000: Rows = [[[2, 3, 4, 5, 9, 10, 11, 12], 13]];
const eightOf74: Rows = [[[1, 2, 3, 4, 5, 6, 11, 12], 8]];

const schmitt: How = { schmitt: true };
const isOpen: How = { isOpen: true };

/** By the number, without what stands between 74 and the function (from memory of data sheets). */
const logic: readonly (readonly [RegExp, PinsOf<Gate>])[] = [
  [/^(40106|4584|74[A-Z]*14)$/, gates('not', six, schmitt)],
  [/^(4069|74[A-Z]*04)$/, gates('not', six)],
  [/^74[A-Z]*0[56]$/, gates('not', six, isOpen)],
  [/^74[A-Z]*07$/, gates('same', six, isOpen)],
  [/^(4049|4009)$/, gates('not', sixOf4049, at4049)],
  [/^(4050|4010)$/, gates('same', sixOf4049, at4049)],
  [/^4093$/, gates('nand', fourOf4000, schmitt)],
  [/^4011$/, gates('nand', fourOf4000)],
  [/^4001$/, gates('nor', fourOf4000)],
  [/^4081$/, gates('and', fourOf4000)],
  [/^4071$/, gates('or', fourOf4000)],
  [/^(4070|4030)$/, gates('xor', fourOf4000)],
  [/^4077$/, gates('xnor', fourOf4000)],
  [/^4023$/, gates('nand', threeOf4000)],
  [/^4025$/, gates('nor', threeOf4000)],
  [/^4073$/, gates('and', threeOf4000)],
  [/^4075$/, gates('or', threeOf4000)],
  [/^4012$/, gates('nand', twoOf4000)],
  [/^4002$/, gates('nor', twoOf4000)],
  [/^4082$/, gates('and', twoOf4000)],
  [/^4072$/, gates('or', twoOf4000)],
  [/^4068$/, gates('nand', eightOf4000)],
  [/^4078$/, gates('nor', eightOf4000)],
  [/^74[A-Z]*132$/, gates('nand', fourOf74, schmitt)],
  [/^74[A-Z]*00$/, gates('nand', fourOf74)],
  [/^74[A-Z]*03$/, gates('nand', fourOf74, isOpen)],
  [/^74[A-Z]*08$/, gates('and', fourOf74)],
  [/^74[A-Z]*32$/, gates('or', fourOf74)],
  [/^74[A-Z]*86$/, gates('xor', fourOf74)],
  [/^74[A-Z]*02$/, gates('nor', fourNorOf74)],
  [/^74[A-Z]*10$/, gates('nand', threeOf74)],
  [/^74[A-Z]*11$/, gates('and', threeOf74)],
  [/^74[A-Z]*27$/, gates('nor', threeOf74)],
  [/^74[A-Z]*20$/, gates('nand', twoOf74)],
  [/^74[A-Z]*21$/, gates('and', twoOf74)],
  [/^74[A-Z]*13$/, gates('nand', twoOf74, schmitt)],
  [/^74[A-Z]*30$/, gates('nand', eightOf74)],
];

export const gatesOf = (part: Part): PinsOf<Gate> | undefined => {
  const number = typeOf(part)?.number ?? '';
  return logic.find(([numbers]) => numbers.test(number))?.[1];
};
