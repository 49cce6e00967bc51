import type { PlannedStep } from '../stepMinutes.ts';
import type { Tonight } from './tonight.ts';

/** What to do about a seat that may not finish; the first that fits is proposed. */
export type Proposal =
  | { readonly kind: 'go-on' }
  /** Beside somebody who is done, or will be with time to spare. */
  | { readonly kind: 'pair-up'; readonly withSeat: number }
  /** As far as a check that is safe to reach, and the rest another time. */
  | { readonly kind: 'to-the-check'; readonly stepId: string; readonly chance: number }
  | { readonly kind: 'take-home' };

export interface Neighbour {
  readonly seat: number;
  readonly tonight: Tonight;
  readonly isDone: boolean;
}

/** Below this the instructor is told; above it most evenings turn out well (prior). */
const fairChance = 0.5;
/** A check is proposed only if it is as good as certain (prior). */
const sureEnough = 0.8;
/** A second pair of hands takes about a third off (prior, common practice). */
const togetherShare = 0.65;

/**
 * What to propose for a seat.
 *
 * @param neighbours the other seats of the room
 */
export function proposalFor(
  steps: readonly PlannedStep[],
  tonight: Tonight,
  neighbours: readonly Neighbour[],
): Proposal {
  const { forecast, minutesLeft } = tonight;
  if (!forecast || forecast.chance >= fairChance) return { kind: 'go-on' };
  const free = neighbours.find(({ isDone }) => isDone);
  if (free && forecast.needed <= minutesLeft / togetherShare) {
    return { kind: 'pair-up', withSeat: free.seat };
  }
  const check = steps.findLast(
    ({ id, kind }) => kind === 'check' && (forecast.reaches.get(id) ?? 0) >= sureEnough,
  );
  if (check) {
    const chance = forecast.reaches.get(check.id) ?? 0;
    return { kind: 'to-the-check', stepId: check.id, chance };
  }
  return { kind: 'take-home' };
}
