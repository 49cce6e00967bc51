import type { SeatState } from '../build/foldSeat.ts';
import { measuringOf } from '../order/checks/measuring.ts';
import type { Step } from '../order/step.ts';
import type { Answer } from './benchTests.ts';
import type { FaultDictionary } from './dictionary.ts';

/** One board in the room: the plan that it is built by, and what its seat has logged. */
export interface BoardAtSeat {
  readonly steps: readonly Step[];
  readonly state: Pick<SeatState, 'doneAt' | 'mistakes' | 'readings' | 'replaced'>;
}

const placesIn = (steps: readonly Step[]): string[] =>
  steps.flatMap((step) =>
    step.kind === 'check' ? [] : step.parts.flatMap(({ designators }) => designators),
  );

/** Places whose parts are not on the board yet; only those that a step of the plan brings. */
export function notFitted({ steps, state: { doneAt } }: BoardAtSeat): string[] {
  const done = new Set(placesIn(steps.filter(({ id }) => doneAt[id] !== undefined)));
  return [...new Set(placesIn(steps))].filter((place) => !done.has(place));
}

/**
 * What the seat has read at its checks, as answers of the bench: current and resistance of the whole board. What was
 * read while something was still missing, or at a place that only the instructor’s own words name, tells nothing here.
 */
export function answersOfReadings(
  { good, entries }: FaultDictionary,
  { steps, state }: BoardAtSeat,
): Answer[] {
  const whole = entries.flatMap(({ fault: { kind, at } }) => (kind === 'missing' ? at : []));
  const found = new Map<string, Answer>();
  for (const { stepId, amount } of state.readings) {
    const at = steps.findIndex(({ id }) => id === stepId);
    const step = steps[at];
    const measuring = step && measuringOf(step);
    if (!measuring || measuring.own) continue;
    const before = new Set(placesIn(steps.slice(0, at)));
    if (!whole.every((place) => before.has(place))) continue;
    if (measuring.unit === 'milliampere') {
      found.set('current', { test: { kind: 'current' }, outcome: amount });
    }
    if (measuring.unit === 'ohm' && good.ohm) {
      found.set('ohm', { test: { kind: 'ohm' }, outcome: amount });
    }
  }
  return [...found.values()];
}
