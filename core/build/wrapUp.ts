import type { Author, BuildEvent } from './event.ts';
import { eventsThatCount } from './eventsThatCount.ts';
import { foldSeat } from './foldSeat.ts';

/** One thing that happened at a seat and was not taken back. */
export interface WrapUpRow {
  readonly what: 'step done' | 'mistake' | 'reading' | 'help asked' | 'visit';
  readonly at: string;
  /** Minutes since the start of the workshop, to one decimal. */
  readonly minute: number;
  readonly by: Author;
  readonly stepId?: string;
  /** Place of the step in the plan, from 1. */
  readonly stepNumber?: number;
  readonly mistake?: string;
  readonly designator?: string;
  /** For a reading, in the unit of its check. */
  readonly amount?: number;
  /** For a mistake: the number of the step the seat was on when it was found; absent once all were done. */
  readonly foundAtStep?: number;
}

/**
 * What happened at one seat, in the order of time.
 *
 * @param stepIds the steps of the plan, in order
 * @param startsAt ISO 8601, the start of the workshop
 * @param events the seat's log
 */
export function wrapUpRows(
  stepIds: readonly string[],
  startsAt: string,
  events: readonly BuildEvent[],
): WrapUpRow[] {
  const state = foldSeat(stepIds, events);
  const number = (stepId: string) => stepIds.indexOf(stepId) + 1;
  const common = (at: string, by: Author) => ({
    at,
    by,
    minute: Math.round((Date.parse(at) - Date.parse(startsAt)) / 6000) / 10,
  });
  const rows: WrapUpRow[] = [
    ...Object.entries(state.doneAt).map(([stepId, at]) => ({
      what: 'step done' as const,
      ...common(at, 'learner'),
      stepId,
      stepNumber: number(stepId),
    })),
    ...state.mistakes.map((mistake) => ({
      what: 'mistake' as const,
      ...common(mistake.foundAt, mistake.by),
      stepId: mistake.madeAtStepId,
      stepNumber: number(mistake.madeAtStepId),
      mistake: mistake.mistake,
      ...(mistake.designator === undefined ? {} : { designator: mistake.designator }),
      ...(mistake.foundAtStepId === null ? {} : { foundAtStep: number(mistake.foundAtStepId) }),
    })),
    ...state.readings.map(({ at, by, stepId, amount }) => ({
      what: 'reading' as const,
      ...common(at, by),
      stepId,
      stepNumber: number(stepId),
      amount,
    })),
    ...state.visits.map(({ at }) => ({ what: 'visit' as const, ...common(at, 'instructor') })),
  ];
  for (const event of eventsThatCount(events)) {
    if (event.kind !== 'help-asked' || number(event.stepId) === 0) continue;
    rows.push({
      what: 'help asked',
      ...common(event.at, event.by),
      stepId: event.stepId,
      stepNumber: number(event.stepId),
    });
  }
  return rows.sort((a, b) => (a.at < b.at ? -1 : a.at > b.at ? 1 : 0));
}
