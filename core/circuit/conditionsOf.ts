import type { Circuit } from './circuit.ts';
import type { Conditions } from './netlist.ts';
import type { CircuitNotes } from './notes.ts';

/** How a board stands while it is measured, as the instructor says it; pins that are on no net join nothing. */
export function conditionsOf(
  { nets }: Circuit,
  { states = [], joined = [] }: CircuitNotes,
): Conditions {
  const netOf = (pin: string) => nets.find(({ pins }) => pins.includes(pin))?.id;
  return {
    states: Object.fromEntries(states.map(({ place, state }) => [place, state])),
    joined: joined.flatMap(({ one, other }) => {
      const [a, b] = [netOf(one), netOf(other)];
      return a === undefined || b === undefined || a === b ? [] : [[a, b] as const];
    }),
  };
}
