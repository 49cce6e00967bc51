import { type At, figure, inside, named } from './model.ts';

/** 1 where one voltage is above another, 0 where it is below, within some ten millivolts between. */
export const above = (one: string, other: string): string =>
  `0.5*(1+tanh(150*((${one})-(${other}))))`;

/** The state of a latch, from 0 to 1. */
export const stateOf = (at: At, of: string): string => `V(${inside(at, `latch${of}`)})`;

/**
 * What keeps its state until it is turned: the simulator’s own switch with hysteresis, which feeds a node from a volt.
 *
 * @param turns an expression: above `upper` it sets, below `lower` it clears, between it holds
 */
export function latch(at: At, of: string, turns: string, upper: number, lower: number): string[] {
  const [node, control, one] = ['latch', 'turns', 'one'].map((what) => inside(at, `${what}${of}`));
  const model = named('S', at, `${of}m`);
  // On, a volt is left of it over both resistances; either way it takes some of the time in which it may flip.
  return [
    `${named('B', at, `turns${of}`)} ${control} 0 V = ${turns}`,
    `${named('V', at, `one${of}`)} ${one} 0 2`,
    `${named('S', at, of)} ${one} ${node} ${control} 0 ${model}`,
    `.model ${model} SW(VT=${figure((upper + lower) / 2)} VH=${figure((upper - lower) / 2)} RON=10k ROFF=1e12)`,
    `${named('R', at, `latch${of}`)} ${node} 0 10k`,
    `${named('C', at, `latch${of}`)} ${node} 0 ${figure(at.flipSeconds / 3e4)}`,
  ];
}
