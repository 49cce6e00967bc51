import type { SeatState } from '../../build/foldSeat.ts';
import type { Pace } from '../learnt/priors.ts';
import { apart, breaksOf, type StepTime, waitedBetween } from '../learnt/stepTimes.ts';
import { elapsedMinutes } from '../phase.ts';
import type { PlannedStep } from '../stepMinutes.ts';
import type { Beliefs } from './beliefs.ts';
import type { Conditions } from './conditions.ts';

/** An evening as it stands: before it with nothing done, during it with the seats where they are. */
export interface Evening {
  readonly steps: readonly PlannedStep[];
  readonly lengthMinutes: number;
  /** Since the start; 0 before it. */
  readonly nowMinutes: number;
  readonly conditions: Conditions;
  readonly beliefs: Beliefs;
  readonly seats: readonly SeatTonight[];
}

export interface SeatTonight {
  readonly id: string;
  /** What was believed of the learner before the evening. */
  readonly before: Pace;
  /** Of the steps that were done tonight. */
  readonly times: readonly StepTime[];
  /** Numbers of the steps that are left, from 0, in order. */
  readonly left: readonly number[];
  /** Minutes at the first of them, with waiting for somebody and breaks taken off. */
  readonly elapsed: number;
  /** Somebody was seen at the seat. */
  readonly isHere: boolean;
  /** Nothing goes on before somebody has come. */
  readonly waitsForSomebody: boolean;
  /** Minutes that a break still lasts. */
  readonly breakLeft: number;
}

/** A seat before anybody has come. */
export const seatAhead = (
  id: string,
  before: Pace,
  steps: readonly PlannedStep[],
): SeatTonight => ({
  id,
  before,
  times: [],
  left: steps.map((_, index) => index),
  elapsed: 0,
  isHere: false,
  waitsForSomebody: false,
  breakLeft: 0,
});

/**
 * A seat where its log says that it is.
 *
 * @param times of the steps that were done
 * @param welcomeMinutes before which nobody begins
 */
export function seatNow(
  id: string,
  before: Pace,
  steps: readonly PlannedStep[],
  state: SeatState,
  times: readonly StepTime[],
  startsAt: string,
  welcomeMinutes: number,
  now: Date,
): SeatTonight {
  const left = steps.flatMap((step, index) => (step.id in state.doneAt ? [] : [index]));
  const isHere = state.lastSignAt !== null || left.length < steps.length;
  const begunMs = Math.max(
    Date.parse(startsAt) + welcomeMinutes * 60_000,
    Date.parse(state.greetedAt ?? startsAt),
    ...Object.values(state.doneAt).map((at) => Date.parse(at)),
  );
  const breaks = apart(breaksOf(state));
  const asked = state.help ? [{ fromMs: Date.parse(state.help.askedAt), toMs: now.getTime() }] : [];
  const spent =
    now.getTime() - begunMs - waitedBetween(apart([...breaks, ...asked]), begunMs, now.getTime());
  const last = breaks.at(-1)?.toMs ?? 0;
  return {
    id,
    before,
    times,
    left: state.currentStepId === null ? [] : left,
    elapsed: isHere ? Math.max(0, spent / 60_000) : 0,
    isHere,
    waitsForSomebody:
      state.help !== null || state.holds.some(({ stepId }) => stepId === state.currentStepId),
    breakLeft: Math.max(0, (last - now.getTime()) / 60_000),
  };
}

/** Minutes since the start, 0 before it. */
export const nowMinutes = (startsAt: string, now: Date): number =>
  Math.max(0, elapsedMinutes(startsAt, now));
