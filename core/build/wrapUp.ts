import type { MistakeId } from '../learning/mistakes/ids.ts';
import type { Author, BuildEvent } from './event.ts';
import { eventsThatCount } from './eventsThatCount.ts';
import { foldSeat, type Logged, type SeatState } from './foldSeat.ts';

/** One thing that happened at a seat and was not taken back. */
export interface WrapUpRow {
  readonly what:
    | 'step done'
    | 'mistake'
    | 'reading'
    | 'released'
    | 'help asked'
    | 'visit'
    | 'praise'
    | 'part replaced'
    | 'notice'
    | 'checked good'
    | 'put at step'
    | 'message'
    | 'part missing'
    | 'feedback'
    | 'note';
  readonly at: string;
  /** Minutes since the start of the workshop, to one decimal. */
  readonly minute: number;
  readonly by: Author;
  /** The helper's name, where it was not the instructor herself. */
  readonly helper?: string;
  /** For a mistake: who saw it. */
  readonly noticedBy?: Author;
  /** For a visit that has ended: how long it took, in minutes to one decimal. */
  readonly minutes?: number;
  /** What was told or written; of feedback the face as well, from 1 to 3. */
  readonly text?: string;
  readonly stepId?: string;
  /** Place of the step in the plan, from 1. */
  readonly stepNumber?: number;
  readonly mistake?: MistakeId;
  readonly designator?: string;
  /** Of a wrong value: a place of the part that was fitted instead. */
  readonly instead?: string;
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
  const common = (at: string, by: Author, helper?: string) => ({
    at,
    by,
    minute: minutesBetween(startsAt, at),
    ...(helper === undefined ? {} : { helper }),
  });
  const atStep = ({ at, by, helper, stepId }: Logged) => ({
    ...common(at, by, helper),
    stepId,
    stepNumber: number(stepId),
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
      ...common(mistake.foundAt, mistake.by, mistake.helper),
      noticedBy: mistake.noticedBy,
      stepId: mistake.madeAtStepId,
      stepNumber: number(mistake.madeAtStepId),
      mistake: mistake.mistake,
      ...(mistake.designator === undefined ? {} : { designator: mistake.designator }),
      ...(mistake.instead === undefined ? {} : { instead: mistake.instead }),
      ...(mistake.foundAtStepId === null ? {} : { foundAtStep: number(mistake.foundAtStepId) }),
    })),
    ...state.readings.map((reading) => ({
      what: 'reading' as const,
      ...atStep(reading),
      amount: reading.amount,
    })),
    ...state.releases.map((release) => ({ what: 'released' as const, ...atStep(release) })),
    ...state.visits.map(({ at, endedAt, helper }) => ({
      what: 'visit' as const,
      ...common(at, 'instructor', helper),
      ...(endedAt === null ? {} : { minutes: minutesBetween(at, endedAt) }),
    })),
    ...state.praises.map((praise) => ({ what: 'praise' as const, ...atStep(praise) })),
    ...state.replaced.map((one) => ({
      what: 'part replaced' as const,
      ...atStep(one),
      designator: one.designator,
    })),
    ...state.notices.map((notice) => ({
      what: 'notice' as const,
      ...atStep(notice),
      text: notice.text,
    })),
    ...state.checkedGood.map((one) => ({ what: 'checked good' as const, ...atStep(one) })),
    ...state.puts.map((one) => ({ what: 'put at step' as const, ...atStep(one) })),
    ...state.missing.map((one) => ({
      what: 'part missing' as const,
      ...atStep(one),
      designator: one.designators.join(', '),
    })),
    ...state.messages.map(({ at, helper, text }) => ({
      what: 'message' as const,
      ...common(at, 'instructor', helper),
      text,
    })),
    ...state.notes.map(({ at, helper, text }) => ({
      what: 'note' as const,
      ...common(at, 'instructor', helper),
      text,
    })),
    ...(state.feedback
      ? [
          {
            what: 'feedback' as const,
            ...common(state.feedback.at, 'learner'),
            text: [state.feedback.face, state.feedback.text].filter(Boolean).join(': '),
          },
        ]
      : []),
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

const minutesBetween = (from: string, to: string): number =>
  Math.round((Date.parse(to) - Date.parse(from)) / 6000) / 10;

/** Pieces that were handed out beside the bags, by their place on the board. */
export function handedOut(
  seats: readonly Pick<SeatState, 'replaced'>[],
): { readonly designator: string; readonly pieces: number }[] {
  const pieces = new Map<string, number>();
  for (const { designator } of seats.flatMap(({ replaced }) => replaced)) {
    pieces.set(designator, (pieces.get(designator) ?? 0) + 1);
  }
  return [...pieces]
    .map(([designator, count]) => ({ designator, pieces: count }))
    .sort(
      (a, b) =>
        b.pieces - a.pieces || a.designator.localeCompare(b.designator, 'en', { numeric: true }),
    );
}
