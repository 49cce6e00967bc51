import type { Seeing } from './seeing.ts';

export const patternIds = [
  'reverse-diode',
  'decoupling',
  'two-transistor-astable',
  'timer-astable',
  'timer-monostable',
  'schmitt-oscillator',
  'counter',
  'decoder',
  'line-decoder',
  'selector',
  'shift-register',
  'register',
  'buffer',
  'light-row',
  'audio-amplifier',
  'driver-array',
  'half-bridges',
  'analog-switches',
  'comparator',
  'divider',
  'led',
  'switching',
  'emitter-follower',
  'charging',
  'regulator',
  'temperature',
] as const;
export type PatternId = (typeof patternIds)[number];

/** A block of parts that do something together. */
export interface Block {
  readonly pattern: PatternId;
  /** In the order in which the sentence names them. */
  readonly places: readonly string[];
  /** What its usual formula gives, in the unit that the sentence names. */
  readonly hertz?: number;
  readonly seconds?: number;
  readonly volt?: number;
}

/** A way in which parts are often joined, and how it is known. */
export interface Pattern {
  readonly id: PatternId;
  readonly find: (seeing: Seeing) => readonly Omit<Block, 'pattern'>[];
}
