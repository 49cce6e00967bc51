import type { BuildEvent } from '../build/event.ts';
import { foldSeat, type LoggedMistake, type SeatState } from '../build/foldSeat.ts';
import { memoOfObject } from '../memo.ts';
import { measuringOf } from '../order/checks/measuring.ts';
import { hastySteps } from '../pace/learnt/hasty.ts';
import { type StepTime, stepTimes } from '../pace/learnt/stepTimes.ts';
import type { PlannedStep } from '../pace/stepMinutes.ts';
import { mistakes, mistakesOf } from './mistakes/index.ts';
import type { SkillId } from './skills.ts';

/** What one learner did at one workshop. */
export interface Build {
  readonly workshopId: string;
  readonly workshopTitle: string;
  readonly kitName: string;
  /** ISO 8601. */
  readonly startsAt: string;
  readonly seatNumber: number;
  readonly steps: readonly PlannedStep[];
  readonly events: readonly BuildEvent[];
}

/**
 * How it is known how an opportunity went: the learner says so, a meter showed it, staff have looked, or an exercise was
 * judged.
 */
export type Grade = 'claimed' | 'measured' | 'seen' | 'practised';

/** One chance to show a skill: a step that was done, where a lack of the skill can show, or an exercise. */
export interface Opportunity {
  readonly skill: SkillId;
  readonly wasRight: boolean;
  readonly grade: Grade;
  readonly in:
    | { readonly kind: 'step'; readonly workshopId: string; readonly stepId: string }
    | { readonly kind: 'exercise'; readonly item: string };
  /** ISO 8601: when the step was done or the exercise answered. */
  readonly at: string;
}

const skillOf = new Map(mistakes.map(({ id, skill }) => [id, skill]));

/** The skill that a mistake is a lack of; none for one that is not known any more. */
export const skillOfMistake = ({ mistake }: Pick<LoggedMistake, 'mistake'>): SkillId | undefined =>
  skillOf.get(mistake);

/** Whether anything was done at a step: who was only met, or told something, has built nothing. */
export const hasBegun = ({ events }: Pick<Build, 'events'>): boolean =>
  events.some((event) => 'stepId' in event && event.kind !== 'notice');

/** What a report needs of a log again and again, worked out once. */
const states = memoOfObject<readonly BuildEvent[], SeatState>('states of builds');
const times = memoOfObject<readonly BuildEvent[], readonly StepTime[]>('step times of builds');

export function stateOfBuild({ steps, events }: Pick<Build, 'steps' | 'events'>): SeatState {
  return states.of(events, () =>
    foldSeat(
      steps.map(({ id }) => id),
      events,
    ),
  );
}

export function timesOfBuild(build: Pick<Build, 'steps' | 'events'>): readonly StepTime[] {
  return times.of(build.events, () => stepTimes(build.steps, build.events, stateOfBuild(build)));
}

/**
 * The opportunities of some builds, in the order of time: each step that was done is one for every skill that a mistake
 * can show the lack of there; it went right where no such mistake was logged. What was passed over by staff, or tapped
 * faster than any hand works, shows nothing, unless somebody measured or looked.
 */
export function opportunitiesOf(builds: readonly Build[]): Opportunity[] {
  return builds
    .flatMap((build) => {
      const state = stateOfBuild(build);
      const wrong = new Set(
        state.mistakes.map((mistake) => `${mistake.madeAtStepId} ${skillOfMistake(mistake)}`),
      );
      const empty = new Set([...hastySteps(build.steps, state), ...state.assumed]);
      return build.steps.flatMap((step): Opportunity[] => {
        const at = state.doneAt[step.id];
        if (at === undefined) return [];
        const grade = gradeOf(step, state);
        return skillsOf(step).flatMap((skill) => {
          const wasRight = !wrong.has(`${step.id} ${skill}`);
          if (wasRight && grade === 'claimed' && empty.has(step.id)) return [];
          const where = { kind: 'step' as const, workshopId: build.workshopId, stepId: step.id };
          return [{ skill, wasRight, grade, in: where, at }];
        });
      });
    })
    .sort(byTime);
}

function gradeOf(step: PlannedStep, { checkedGood, readings }: SeatState): Grade {
  if (checkedGood.some(({ stepId }) => stepId === step.id)) return 'seen';
  const last = readings.findLast(({ stepId }) => stepId === step.id);
  return last && measuringOf(step)?.judge(last.amount) === 'right' ? 'measured' : 'claimed';
}

export const byTime = (a: { readonly at: string }, b: { readonly at: string }): number =>
  a.at < b.at ? -1 : a.at > b.at ? 1 : 0;

/** The skills that a step asks for. */
export function skillsOf(step: PlannedStep): readonly SkillId[] {
  return skillsByStep.of(step, () => [...new Set(mistakesOf(step).map(({ skill }) => skill))]);
}

const skillsByStep = memoOfObject<PlannedStep, readonly SkillId[]>('skills of steps');

/** The share of the plan’s minutes that the steps took, and how many step times that is from. */
export function paceOfBuild(build: Pick<Build, 'steps' | 'events'>) {
  const found = timesOfBuild(build);
  const planned = found.reduce((sum, time) => sum + time.planned, 0);
  const minutes = found.reduce((sum, time) => sum + time.minutes, 0);
  return { share: planned === 0 ? null : minutes / planned, count: found.length };
}
