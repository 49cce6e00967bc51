import type { PlannedStep } from './stepMinutes.ts';

/** Where the plan is at a moment: the step that should be under way, or null before the start and after the end. */
export function plannedStepAt(
  steps: readonly PlannedStep[],
  elapsedMinutes: number,
): PlannedStep | null {
  if (elapsedMinutes < 0) return null;
  let end = 0;
  for (const step of steps) {
    end += step.minutes;
    if (elapsedMinutes < end) return step;
  }
  return null;
}

/** Further behind than this, a seat rarely catches up by itself (common practice); in minutes. */
const farBehindMinutes = 10;

export const isFarBehind = (minutesAhead: number): boolean => minutesAhead <= -farBehindMinutes;

/**
 * How far a seat is from the plan.
 *
 * @param currentStepId the step being worked on; null when all are done
 * @param elapsedMinutes since the start of the workshop, or until the seat finished
 * @returns minutes, above 0 for ahead, below for behind; 0 as long as the plan allows this step now
 */
export function minutesAhead(
  steps: readonly PlannedStep[],
  currentStepId: string | null,
  elapsedMinutes: number,
): number {
  let from = 0;
  for (const step of steps) {
    const to = from + step.minutes;
    if (step.id === currentStepId) {
      if (elapsedMinutes > to) return to - elapsedMinutes;
      return Math.max(0, from - elapsedMinutes);
    }
    from = to;
  }
  return from - elapsedMinutes;
}
