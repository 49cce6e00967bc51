import type { BuildEvent } from '../../build/event.ts';
import type { SeatState } from '../../build/foldSeat.ts';
import { chanceToFinish, minutesAtMost } from '../learnt/finishing.ts';
import { afterTimes, type Learnt } from '../learnt/learnPace.ts';
import { type Pace, shareOf } from '../learnt/priors.ts';
import { kindOfStep, type StepKind, stepTimes } from '../learnt/stepTimes.ts';
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
  /** What is believed of the learner's pace after the steps of tonight, and how many those are. */
  readonly pace: Pace;
  readonly count: number;
  /** Minutes that the present step has been under way. */
  readonly elapsed: number;
  /** The present step takes longer than this in one of twenty cases; at the learner's own pace. */
  readonly long: number;
  readonly minutesLeft: number;
  /** Minutes that are still needed, on the average. */
  readonly needed: number;
  /** To be done by the end of the evening. */
  readonly chance: number;
  /** The chance to have each check that is left done by the end, and the last step, by id. */
  readonly reaches: ReadonlyMap<string, number>;
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
): Tonight {
  const { steps, startsAt, lengthMinutes, kinds } = plan;
  const times = stepTimes(steps, events, state);
  const pace = afterTimes(before, times, kinds);
  const left = steps
    .slice(steps.findIndex(({ id }) => id === state.currentStepId))
    .filter(({ id }) => state.currentStepId !== null && !(id in state.doneAt));
  const minutes = left.map((step) => minutesOf(step, kinds));
  const begun = Object.values(state.doneAt).sort().at(-1) ?? startsAt;
  const elapsed = Math.max(0, elapsedMinutes(begun, now));
  const minutesLeft = lengthMinutes - Math.max(0, elapsedMinutes(startsAt, now));
  const current = { minutes: minutes[0] ?? 0, elapsed };
  const reaches = new Map(
    left.flatMap(({ id, kind }, index) =>
      kind === 'check' || index === left.length - 1
        ? [[id, chanceToFinish({ pace, current, ahead: minutes.slice(1, index + 1) }, minutesLeft)]]
        : [],
    ),
  );
  return {
    pace,
    count: times.length,
    elapsed,
    long: minutesAtMost(current.minutes, pace, longDeviations),
    minutesLeft,
    needed: shareOf(pace) * minutes.reduce((sum, one) => sum + one, 0),
    chance: reaches.get(left.at(-1)?.id ?? '') ?? 1,
    reaches,
  };
}

/** A step's minutes as rooms have shown them, for somebody at the plan's pace. */
export const minutesOf = (step: PlannedStep, kinds: ReadonlyMap<StepKind, Learnt>): number => {
  const learnt = kinds.get(kindOfStep(step));
  return step.minutes * (learnt ? shareOf(learnt.pace) : 1);
};
