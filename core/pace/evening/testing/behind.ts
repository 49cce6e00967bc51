import { foldSeat } from '../../../build/foldSeat.ts';
import { stepTimes } from '../../learnt/stepTimes.ts';
import type { PlannedStep } from '../../stepMinutes.ts';
import type { Conditions } from '../conditions.ts';
import type { EveningBehind } from '../lookBack.ts';
import type { OtherEvening } from './otherEvenings.ts';

/** An evening that was made up, as those who look back see it, with when everybody really was done. */
export function behind(
  id: string,
  { startsAt, logs, finished }: OtherEvening,
  steps: readonly PlannedStep[],
  conditions: Conditions,
  lengthMinutes: number,
): { readonly asSeen: EveningBehind; readonly finished: readonly number[] } {
  const stepIds = steps.map((step) => step.id);
  const asSeen: EveningBehind = {
    id,
    startsAt,
    lengthMinutes,
    conditions,
    steps,
    seats: logs.map((events, index) => {
      const state = foldSeat(stepIds, events);
      return {
        id: `seat ${index}`,
        // Other people each evening.
        learner: `${id} ${index}`,
        experience: 'new',
        events,
        state,
        times: stepTimes(steps, events, state),
      };
    }),
  };
  return { asSeen, finished };
}
