import type { Author, BuildEvent } from './event.ts';
import { eventsThatCount } from './eventsThatCount.ts';

export interface SeatState {
  /** When each step was finished, ISO 8601; a step that is not there is still to do. */
  readonly doneAt: Readonly<Record<string, string>>;
  /** The first step still to do; null when all are done. */
  readonly currentStepId: string | null;
  /** The last moment a step was marked as done, once all are. */
  readonly finishedAt: string | null;
  /** The oldest call for help that nobody has settled. */
  readonly help: {
    readonly eventId: string;
    readonly askedAt: string;
    readonly stepId: string;
  } | null;
  /** Every call for help that is not settled; a visit answers them all. */
  readonly openCalls: readonly string[];
  readonly mistakes: readonly LoggedMistake[];
  /** In the order of time. */
  readonly readings: readonly LoggedReading[];
  readonly visits: readonly { readonly eventId: string; readonly at: string }[];
  /** When the seat's own page last reported something. */
  readonly lastSignAt: string | null;
}

export interface LoggedReading {
  readonly eventId: string;
  readonly stepId: string;
  readonly amount: number;
  readonly at: string;
  readonly by: Author;
}

export interface LoggedMistake {
  readonly eventId: string;
  readonly mistake: string;
  readonly madeAtStepId: string;
  /** The step the seat was on when the mistake was logged; null when all were done. */
  readonly foundAtStepId: string | null;
  readonly foundAt: string;
  readonly by: Author;
  readonly designator?: string | undefined;
}

/**
 * The state of a seat, from its log.
 *
 * The result depends on the set of events only: not on the order in which they arrived, nor on how often one did.
 *
 * @param stepIds the steps of the workshop's plan, in order; events that name another step are left out
 */
export function foldSeat(stepIds: readonly string[], events: Iterable<BuildEvent>): SeatState {
  const log = eventsThatCount(events);
  const known = new Set(stepIds);
  const doneAt: Record<string, string> = {};
  const calls = new Map<string, { askedAt: string; stepId: string }>();
  // Answers are gathered first: with two devices a visit may carry an earlier time than the call it settles.
  const settled = new Set(
    log.flatMap((e) =>
      e.kind === 'visit' ? e.answers : e.kind === 'help-withdrawn' ? [e.asked] : [],
    ),
  );
  const mistakes: LoggedMistake[] = [];
  const readings: LoggedReading[] = [];
  const visits: { eventId: string; at: string }[] = [];
  let lastSignAt: string | null = null;

  const current = () => stepIds.find((id) => !(id in doneAt)) ?? null;
  for (const event of log) {
    if (event.by === 'learner') lastSignAt = event.at;
    if ('stepId' in event && !known.has(event.stepId)) continue;
    switch (event.kind) {
      case 'step-done':
        doneAt[event.stepId] ??= event.at;
        break;
      case 'step-reopened':
        delete doneAt[event.stepId];
        break;
      case 'help-asked':
        if (!settled.has(event.id))
          calls.set(event.id, { askedAt: event.at, stepId: event.stepId });
        break;
      case 'mistake':
        mistakes.push({
          eventId: event.id,
          mistake: event.mistake,
          madeAtStepId: event.stepId,
          foundAtStepId: current(),
          foundAt: event.at,
          by: event.by,
          designator: event.designator,
        });
        break;
      case 'reading':
        readings.push({
          eventId: event.id,
          stepId: event.stepId,
          amount: event.amount,
          at: event.at,
          by: event.by,
        });
        break;
      case 'visit':
        visits.push({ eventId: event.id, at: event.at });
        break;
    }
  }

  const currentStepId = current();
  const [oldest] = calls;
  return {
    doneAt,
    currentStepId,
    finishedAt:
      currentStepId === null && stepIds.length > 0
        ? (Object.values(doneAt).sort().at(-1) ?? null)
        : null,
    help: oldest ? { eventId: oldest[0], ...oldest[1] } : null,
    openCalls: [...calls.keys()],
    mistakes,
    readings,
    visits,
    lastSignAt,
  };
}
