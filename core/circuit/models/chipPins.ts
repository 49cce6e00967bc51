import type { Part } from '../../parts/part.ts';
import { typeOf } from './amounts.ts';

/** Pins of a chip with several of the same in it. */
export interface PinsOf<Cell> {
  readonly plus: number;
  readonly minus: number;
  readonly cells: readonly Cell[];
}

export interface Amplifier {
  readonly inPlus: number;
  readonly inMinus: number;
  readonly out: number;
}

const amplifier = (inPlus: number, inMinus: number, out: number): Amplifier => ({
  inPlus,
  inMinus,
  out,
});

/** The usual arrangements of one, two and four amplifiers or comparators in a body (from memory of data sheets). */
export const amplifierPins: Readonly<Record<string, PinsOf<Amplifier>>> = {
  'single op-amp': { plus: 7, minus: 4, cells: [amplifier(3, 2, 6)] },
  'dual op-amp': { plus: 8, minus: 4, cells: [amplifier(3, 2, 1), amplifier(5, 6, 7)] },
  'dual comparator': { plus: 8, minus: 4, cells: [amplifier(3, 2, 1), amplifier(5, 6, 7)] },
  'quad op-amp': {
    plus: 4,
    minus: 11,
    cells: [amplifier(3, 2, 1), amplifier(5, 6, 7), amplifier(10, 9, 8), amplifier(12, 13, 14)],
  },
  'quad comparator': {
    plus: 3,
    minus: 12,
    cells: [amplifier(5, 4, 2), amplifier(7, 6, 1), amplifier(9, 8, 14), amplifier(11, 10, 13)],
  },
};

export const amplifierPinsOf = (part: Part): PinsOf<Amplifier> | undefined =>
  amplifierPins[typeOf(part)?.pinsLike ?? ''];

export interface Timer {
  readonly minus: number;
  readonly plus: number;
  readonly trigger: number;
  readonly output: number;
  readonly reset: number;
  readonly control: number;
  readonly threshold: number;
  readonly discharge: number;
}

const one: Timer = {
  minus: 1,
  trigger: 2,
  output: 3,
  reset: 4,
  control: 5,
  threshold: 6,
  discharge: 7,
  plus: 8,
};

/** From memory of data sheets. */
const timers: Readonly<Record<string, readonly Timer[]>> = {
  timer: [one],
  'two timers': [
    { discharge: 1, threshold: 2, control: 3, reset: 4, output: 5, trigger: 6, minus: 7, plus: 14 },
    {
      discharge: 13,
      threshold: 12,
      control: 11,
      reset: 10,
      output: 9,
      trigger: 8,
      minus: 7,
      plus: 14,
    },
  ],
};

export const timersOf = (part: Part): readonly Timer[] | undefined =>
  timers[typeOf(part)?.pinsLike ?? ''];

export interface Gate {
  readonly ins: readonly number[];
  readonly out: number;
  /** As an expression of inputs that are 0 or 1. */
  readonly does: 'not' | 'nand' | 'and' | 'nor' | 'or' | 'xor';
  readonly schmitt: boolean;
}

const gates = (
  does: Gate['does'],
  schmitt: boolean,
  rows: readonly (readonly [readonly number[], number])[],
): PinsOf<Gate> => ({
  plus: 14,
  minus: 7,
  cells: rows.map(([ins, out]) => ({ ins, out, does, schmitt })),
});

const six = [1, 3, 5, 9, 11, 13].map((pin) => [[pin], pin < 7 ? pin + 1 : pin - 1] as const);
/** Four of two inputs, as the 4000 series and as the 74 series have them. */
const fourOf4000 = [
  [[1, 2], 3],
  [[5, 6], 4],
  [[8, 9], 10],
  [[12, 13], 11],
] as const;
const fourOf74 = [
  [[1, 2], 3],
  [[4, 5], 6],
  [[9, 10], 8],
  [[12, 13], 11],
] as const;
const fourNorOf74 = [
  [[2, 3], 1],
  [[5, 6], 4],
  [[8, 9], 10],
  [[11, 12], 13],
] as const;

/** By the end of the number: what follows 74, HC and the like (from memory of data sheets). */
const logic: readonly (readonly [RegExp, PinsOf<Gate>])[] = [
  [/^(40106|4584|74[A-Z]*14)$/, gates('not', true, six)],
  [/^(4069|74[A-Z]*04)$/, gates('not', false, six)],
  [/^4093$/, gates('nand', true, fourOf4000)],
  [/^4011$/, gates('nand', false, fourOf4000)],
  [/^4001$/, gates('nor', false, fourOf4000)],
  [/^4081$/, gates('and', false, fourOf4000)],
  [/^4071$/, gates('or', false, fourOf4000)],
  [/^4070$/, gates('xor', false, fourOf4000)],
  [/^74[A-Z]*132$/, gates('nand', true, fourOf74)],
  [/^74[A-Z]*00$/, gates('nand', false, fourOf74)],
  [/^74[A-Z]*08$/, gates('and', false, fourOf74)],
  [/^74[A-Z]*32$/, gates('or', false, fourOf74)],
  [/^74[A-Z]*86$/, gates('xor', false, fourOf74)],
  [/^74[A-Z]*02$/, gates('nor', false, fourNorOf74)],
];

export const gatesOf = (part: Part): PinsOf<Gate> | undefined => {
  const number = typeOf(part)?.number ?? '';
  return logic.find(([numbers]) => numbers.test(number))?.[1];
};
