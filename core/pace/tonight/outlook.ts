import { minutesAhead } from '../againstPlan.ts';
import type { SeatForecast } from '../evening/forecast.ts';
import type { PlannedStep } from '../stepMinutes.ts';

/** Whether a seat will be done by the end, in three words. */
export type Outlook = 'likely' | 'open' | 'unlikely';

/** From so much on somebody is said to be done in time, and from so much down hardly (priors). */
const likelyFrom = 0.7;
const openFrom = 0.3;

export const outlookOf = ({ chance }: Pick<SeatForecast, 'chance'>): Outlook =>
  chance >= likelyFrom ? 'likely' : chance >= openFrom ? 'open' : 'unlikely';

/** Why somebody who is on plan may all the same not be done: the plan is tight, or steps take longer here. */
export type DespitePlan = 'tight' | 'slower';

/** More of the time than this is needed even if everything goes as planned (prior). */
const tightFrom = 0.85;

/** How a seat stands to the plan, and why the forecast says something else. */
export interface Standing {
  /** Whole minutes, above 0 for ahead. */
  readonly ahead: number;
  /** Null as long as there is no forecast. */
  readonly outlook: Outlook | null;
  readonly despite: DespitePlan | null;
}

/**
 * @param elapsed minutes since the start
 * @param minutesLeft until the end
 */
export function standingOf(
  steps: readonly PlannedStep[],
  currentStepId: string | null,
  elapsed: number,
  minutesLeft: number,
  forecast: SeatForecast | null,
): Standing {
  const ahead = Math.round(minutesAhead(steps, currentStepId, elapsed));
  const outlook = forecast && outlookOf(forecast);
  const planned = steps
    .slice(steps.findIndex(({ id }) => id === currentStepId))
    .reduce((sum, { minutes }) => sum + minutes, 0);
  const isContradiction = ahead > -1 && outlook !== null && outlook !== 'likely';
  const despite = planned > tightFrom * minutesLeft ? 'tight' : 'slower';
  return { ahead, outlook, despite: isContradiction ? despite : null };
}
