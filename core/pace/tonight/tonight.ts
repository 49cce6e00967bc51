import type { BuildEvent } from '../../build/event.ts';
import type { SeatState } from '../../build/foldSeat.ts';
import type { SeatForecast } from '../evening/forecast.ts';
import { afterTimes, type Learnt } from '../learnt/learnPace.ts';
import { minutesAtMost } from '../learnt/longest.ts';
import { type Pace, shareOf } from '../learnt/priors.ts';
import { kindOfStep, type StepKind, type StepTime, stepTimes } from '../learnt/stepTimes.ts';
import { elapsedMinutes } from '../phase.ts';
import type { PlannedStep } from '../stepMinutes.ts';

/** The evening as it was planned, and what earlier ones have taught about kinds of steps. */
export interface PlanTonight {
  readonly steps: readonly PlannedStep[];
  /** ISO 8601. */
  readonly startsAt: string;
  readonly lengthMinutes: number;
  readonly kinds: ReadonlyMap<StepKind, Learnt>;
}

/** How a seat is getting on tonight. */
export interface Tonight {
  /** What is believed of the learner's pace after the steps of tonight, and these. */
  readonly pace: Pace;
  readonly times: readonly StepTime[];
  /** Minutes that the present step has been under way. */
  readonly elapsed: number;
  /** The present step takes longer than this in one of twenty cases; at the learner's own pace. */
  readonly long: number;
  readonly minutesLeft: number;
  /** What the room's forecast says of the seat; null as long as there is none. */
  readonly forecast: SeatForecast | null;
}

/** 95 of 100 step times lie below (normal distribution). */
const longDeviations = 1.645;

/**
 * How a seat is getting on.
 *
 * @param before what was believed of the learner's pace before the evening
 */
export function tonightOf(
  plan: PlanTonight,
  state: SeatState,
  events: readonly BuildEvent[],
  before: Pace,
  now: Date,
  forecast: SeatForecast | null,
): Tonight {
  const { steps, startsAt, lengthMinutes, kinds } = plan;
  const times = stepTimes(steps, events, state);
  const pace = afterTimes(before, times, kinds);
  const current = steps.find(({ id }) => id === state.currentStepId);
  const begun = Object.values(state.doneAt).sort().at(-1) ?? startsAt;
  return {
    pace,
    times,
    elapsed: Math.max(0, elapsedMinutes(begun, now)),
    long: minutesAtMost(current ? minutesOf(current, kinds) : 0, pace, longDeviations),
    minutesLeft: lengthMinutes - Math.max(0, elapsedMinutes(startsAt, now)),
    forecast,
  };
}

/** A step's minutes as rooms have shown them, for somebody at the plan's pace. */
export const minutesOf = (step: PlannedStep, kinds: ReadonlyMap<StepKind, Learnt>): number => {
  const learnt = kinds.get(kindOfStep(step));
  return step.minutes * (learnt ? shareOf(learnt.pace) : 1);
};
