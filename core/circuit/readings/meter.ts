import { between, type Random } from '../../random.ts';

/** Hand meters on volts: half a per cent and two digits of a hundredth (common practice). */
export const readVolt = (volt: number, random: Random) =>
  volt * (1 + between(random, -0.005, 0.005)) + between(random, -0.02, 0.02);
/** On milliamperes: one and a half per cent (common practice). */
export const readMilliampere = (ampere: number, random: Random) =>
  Math.abs(ampere) * 1000 * (1 + between(random, -0.015, 0.015));

/** Inputs of meters on volts, in ohms: simple ones have one megohm, most ten (common practice). */
export const inputOhms = [1e6, 1e7] as const;
