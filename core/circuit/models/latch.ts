import { type At, figure, following, inside, named } from './model.ts';

/** 1 where one voltage is above another, 0 where it is below, within some ten millivolts between. */
export const above = (one: string, other: string): string =>
  `0.5*(1+tanh(150*((${one})-(${other}))))`;

/** The state of a latch, from 0 to 1. */
export const stateOf = (at: At, of: string): string => `V(${inside(at, `latch${of}`)})`;

/**
 * What keeps its state until it is turned: a node that feeds itself back, by as much as the band between both
 * thresholds. Smooth, so that a simulator follows it through a flip.
 *
 * @param turns an expression: above `upper` it sets, below `lower` it clears, between it holds
 */
export function latch(at: At, of: string, turns: string, upper: number, lower: number): string[] {
  const node = inside(at, `latch${of}`);
  const goal = inside(at, `goal${of}`);
  const control = inside(at, `turns${of}`);
  const half = (upper - lower) / 2;
  const steep = 20 / half;
  return [
    `${named('B', at, `turns${of}`)} ${control} 0 V = ${turns}`,
    `${named('B', at, `goal${of}`)} ${goal} 0 V = 0.5*(1+tanh(${figure(steep)}*(V(${control})-${figure((upper + lower) / 2)}+${figure(half)}*(2*V(${node})-1))))`,
    ...following(at, `latch${of}`, { from: goal, to: node, seconds: at.flipSeconds / 3 }),
  ];
}
