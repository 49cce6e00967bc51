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

export const amplifier = (inPlus: number, inMinus: number, out: number): Amplifier => ({
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
