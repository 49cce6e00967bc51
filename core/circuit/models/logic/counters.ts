import { type Bit, both, not, numberOf, type ReadsPin } from './bits.ts';
import { type ClockedChip, clockedModel, type Kept, type Register } from './clocked.ts';
import { bitOf, digitOf, inTurn } from './counts.ts';
import { lights, type Segment, segments, withTails } from './segments.ts';

/** One more at every rise of the clock. It is never wrapped: no run has more than some hundred rounds. */
const counting = (clock: Bit, clear: Bit, kept: Kept, index = 0): Register => ({
  data: `floor(${kept(index)}+0.5)+1`,
  clock,
  clear,
  isCount: true,
});

/** Counts on while its clock rises and nothing inhibits it, or while the other falls. */
const gated = (read: (pin: number) => Bit, clock: number, inhibit: number) =>
  both(read(clock), not(read(inhibit)));

const decoded = (numbers: RegExp, pins: readonly number[], carry: number): ClockedChip => ({
  numbers,
  plus: 16,
  minus: 8,
  ins: [13, 14, 15],
  divides: pins.length,
  registers: (read, kept) => [counting(gated(read, 14, 13), read(15), kept)],
  outs: (_, kept, share) => {
    const at = inTurn(share, kept(0), pins.length);
    return [
      ...pins.map((pin, digit) => [pin, at((value) => value === digit)] as const),
      [carry, at((value) => value < pins.length / 2)],
    ];
  },
});

const ripple = (
  numbers: RegExp,
  at: {
    readonly clock: number;
    readonly clear: number;
    readonly plus: number;
    readonly minus: number;
  },
  /** The pin of each stage, by its number from 1. */
  pins: Readonly<Record<number, number>>,
): ClockedChip => {
  const stages = Math.max(...Object.keys(pins).map(Number));
  return {
    numbers,
    plus: at.plus,
    minus: at.minus,
    ins: [at.clock, at.clear],
    divides: 2 ** stages,
    registers: (read, kept) => [counting(not(read(at.clock)), read(at.clear), kept)],
    outs: (_, kept) =>
      Object.entries(pins).map(([stage, pin]) => [pin, bitOf(kept(0), Number(stage) - 1)] as const),
  };
};

/** Counts to ten and shows it: segments by their letters. */
const showing = (
  numbers: RegExp,
  pins: Readonly<Record<Segment, number>>,
  shown: (read: ReadsPin) => Bit,
  ins: readonly number[],
): ClockedChip => ({
  numbers,
  plus: 16,
  minus: 8,
  ins: [1, 2, 15, ...ins],
  divides: 10,
  registers: (read, kept) => [counting(gated(read, 1, 2), read(15), kept)],
  outs: (read, kept, share) => {
    const at = inTurn(share, kept(0), 10);
    return [
      ...segments.map(
        (segment) => [pins[segment], both(shown(read), at(lights(segment, withTails)))] as const,
      ),
      [5, at((value) => value < 5)],
    ];
  },
});

/** A counter among others in one body: what it counts, to where, and the pin of each binary digit. */
interface Counter {
  readonly turn: number;
  readonly clock: (read: ReadsPin) => Bit;
  readonly clear: (read: ReadsPin) => Bit;
  readonly set?: { readonly when: (read: ReadsPin) => Bit; readonly to: number };
  readonly outs: readonly number[];
}

const several = (
  numbers: RegExp,
  at: { readonly plus: number; readonly minus: number; readonly ins: readonly number[] },
  counters: readonly Counter[],
  divides = Math.max(...counters.map(({ turn }) => turn)),
): ClockedChip => ({
  numbers,
  ...at,
  divides,
  registers: (read, kept) =>
    counters.map(({ clock, clear, set }, index) => ({
      ...counting(clock(read), clear(read), kept, index),
      ...(set ? { set: set.when(read), setTo: set.to } : {}),
    })),
  outs: (_, kept, share) =>
    counters.flatMap(({ turn, outs }, index) => {
      const at = inTurn(share, kept(index), turn, index);
      return outs.map((pin, digit) => [pin, at(digitOf(digit))] as const);
    }),
});

/** Two alike: a rise of one input while the other is high, or a fall of that while the first is low. */
const twice = (numbers: RegExp, turn: number): ClockedChip =>
  several(
    numbers,
    { plus: 16, minus: 8, ins: [1, 2, 7, 9, 10, 15] },
    [
      { clock: 1, enable: 2, clear: 7, outs: [3, 4, 5, 6] },
      { clock: 9, enable: 10, clear: 15, outs: [11, 12, 13, 14] },
    ].map(({ clock, enable, clear, outs }) => ({
      turn,
      clock: (read) => not(both(not(read(clock)), read(enable))),
      clear: (read) => read(clear),
      outs,
    })),
  );

/** One that halves and one of five or eight, cleared by two inputs, and set to nine by two others where it has them. */
const halfAndRest = (numbers: RegExp, rest: 5 | 8): ClockedChip => {
  const setsNine = (read: ReadsPin) => (rest === 5 ? both(read(6), read(7)) : '0');
  const clear = (read: ReadsPin) => both(read(2), read(3), not(setsNine(read)));
  const nine = (to: number) => (rest === 5 ? { set: { when: setsNine, to } } : {});
  return several(
    numbers,
    { plus: 5, minus: 10, ins: rest === 5 ? [14, 1, 2, 3, 6, 7] : [14, 1, 2, 3] },
    [
      { turn: 2, clock: (read) => not(read(14)), clear, ...nine(1), outs: [12] },
      { turn: rest, clock: (read) => not(read(1)), clear, ...nine(4), outs: [9, 8, 11] },
    ],
    // One drives the other, as a rule.
    2 * rest,
  );
};

/** Two of four binary stages. */
const twiceBinary = several(
  /^74[A-Z]*393$/,
  { plus: 14, minus: 7, ins: [1, 2, 12, 13] },
  [
    { clock: 1, clear: 2, outs: [3, 4, 5, 6] },
    { clock: 13, clear: 12, outs: [11, 10, 9, 8] },
  ].map(({ clock, clear, outs }) => ({
    turn: 16,
    clock: (read) => not(read(clock)),
    clear: (read) => read(clear),
    outs,
  })),
);

/** Two decades, each in a half and a five of their own. */
const twiceDecade = several(
  /^74[A-Z]*390$/,
  { plus: 16, minus: 8, ins: [1, 2, 4, 12, 14, 15] },
  [
    { turn: 2, clock: 1, clear: 2, outs: [3] },
    { turn: 5, clock: 4, clear: 2, outs: [5, 6, 7] },
    { turn: 2, clock: 15, clear: 14, outs: [13] },
    { turn: 5, clock: 12, clear: 14, outs: [11, 10, 9] },
  ].map(({ turn, clock, clear, outs }) => ({
    turn,
    clock: (read) => not(read(clock)),
    clear: (read) => read(clear),
    outs,
  })),
  10,
);

/** Takes over what lies at its inputs at the next rise while pin 9 is low. */
const loadable = (numbers: RegExp, turn: 10 | 16): ClockedChip => ({
  numbers,
  plus: 16,
  minus: 8,
  ins: [1, 2, 3, 4, 5, 6, 7, 9, 10],
  divides: turn,
  registers: (read, kept) => {
    const more = `floor(${kept(0)}+0.5)+${both(read(7), read(10))}`;
    const given = numberOf([3, 4, 5, 6].map(read));
    return [
      {
        ...counting(read(2), not(read(1)), kept),
        data: `${read(9)}*(${more})+(1-${read(9)})*${given}`,
      },
    ];
  },
  outs: (read, kept, share) => {
    const at = inTurn(share, kept(0), turn);
    return [
      ...[14, 13, 12, 11].map((pin, digit) => [pin, at(digitOf(digit))] as const),
      [
        15,
        both(
          read(10),
          at((value) => value === turn - 1),
        ),
      ],
    ];
  },
});

const chips: readonly ClockedChip[] = [
  decoded(/^(74[A-Z]*)?4017$/, [3, 2, 4, 7, 10, 1, 5, 6, 9, 11], 12),
  decoded(/^4022$/, [2, 1, 3, 7, 11, 4, 5, 10], 12),
  ripple(
    /^4024$/,
    { clock: 1, clear: 2, plus: 14, minus: 7 },
    { 1: 12, 2: 11, 3: 9, 4: 6, 5: 5, 6: 4, 7: 3 },
  ),
  ripple(
    /^(74[A-Z]*)?4040$/,
    { clock: 10, clear: 11, plus: 16, minus: 8 },
    { 1: 9, 2: 7, 3: 6, 4: 5, 5: 3, 6: 2, 7: 4, 8: 13, 9: 12, 10: 14, 11: 15, 12: 1 },
  ),
  ripple(
    /^(74[A-Z]*)?4020$/,
    { clock: 10, clear: 11, plus: 16, minus: 8 },
    { 1: 9, 4: 7, 5: 5, 6: 4, 7: 6, 8: 13, 9: 12, 10: 14, 11: 15, 12: 1, 13: 2, 14: 3 },
  ),
  withOscillator(),
  showing(/^4026$/, { a: 10, b: 12, c: 13, d: 9, e: 11, f: 6, g: 7 }, (read) => read(3), [3]),
  twice(/^(74[A-Z]*)?4518$/, 10),
  twice(/^(74[A-Z]*)?4520$/, 16),
  halfAndRest(/^74[A-Z]*90$/, 5),
  halfAndRest(/^74[A-Z]*93$/, 8),
  twiceBinary,
  twiceDecade,
  loadable(/^74[A-Z]*160$/, 10),
  loadable(/^74[A-Z]*161$/, 16),
  showing(/^4033$/, { a: 10, b: 12, c: 13, d: 9, e: 11, f: 6, g: 7 }, () => '1', []),
];

/** Fourteen stages behind two inverters, from which a resistor and a capacitor, or a crystal, make an oscillator. */
function withOscillator(): ClockedChip {
  const pins = { 4: 7, 5: 5, 6: 4, 7: 6, 8: 14, 9: 13, 10: 15, 12: 1, 13: 2, 14: 3 };
  const counter = ripple(/^(74[A-Z]*)?4060$/, { clock: 11, clear: 12, plus: 16, minus: 8 }, pins);
  return {
    ...counter,
    outs: (read, kept, share) => [
      ...counter.outs(read, kept, share),
      [10, not(read(11))],
      [9, read(11)],
    ],
  };
}

export const counter = clockedModel('counter', chips);
