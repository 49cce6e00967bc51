import type { EventsAccepted, SentEvent } from '#contract/events';
import type { FieldError } from '#contract/problem';
import type { Author } from '#core/build/event';
import { learnerDeeds } from '#core/build/event';
import type { PlannedStep } from '#core/pace/stepMinutes';
import type { Database } from '../db/database.ts';
import { forbidden, invalid } from '../http/refusal.ts';
import type { LiveChannels } from './liveChannels.ts';
import { insertEvents, selectDeeds } from './queries.ts';

/** The seat that events are for, and the plan they must keep to. */
export interface SeatOfPlan {
  readonly seatId: string;
  readonly workshopId: string;
  readonly steps: readonly PlannedStep[];
}

/** The append-only log of build events: checks what comes in, stores it once, and tells everyone who listens. */
export class EventLog {
  readonly #db: Database;
  readonly #channels: LiveChannels;
  /** The last append of each workshop: the next one waits for it, so that events are told in the order of their seq. */
  readonly #lastAppend = new Map<string, Promise<unknown>>();

  constructor(db: Database, channels: LiveChannels) {
    this.#db = db;
    this.#channels = channels;
  }

  /**
   * Appends events to a seat's log: all or none. Events that are there already count as accepted.
   *
   * @throws Refusal 403 for another seat's events or deeds that are not the author's, 422 for what the plan does not know
   */
  async append(seat: SeatOfPlan, by: Author, sent: readonly SentEvent[]): Promise<EventsAccepted> {
    const now = new Date();
    this.#refuseForeign(seat, by, sent);
    await this.#refuseUnknown(seat, by, sent);
    // A clock that runs ahead would make others wait for a time that has not come; behind, it only looks late.
    const events = sent.map((event) => ({ ...event, by, at: earlier(event.at, now) }));
    await this.#inTurn(seat.workshopId, async () => {
      this.#channels.publish(seat.workshopId, await insertEvents(this.#db, seat, events));
    });
    return { accepted: sent.map(({ id }) => id), now: now.toISOString() };
  }

  #refuseForeign({ seatId }: SeatOfPlan, by: Author, sent: readonly SentEvent[]): void {
    for (const [index, event] of sent.entries()) {
      if (event.seatId !== seatId) {
        const message =
          'This event belongs to another seat. Open that seat’s own link to report it.';
        throw forbidden(message, [{ field: `events[${index}].seatId`, message }]);
      }
      if (by === 'learner' && !learnerDeeds.includes(event.kind)) {
        const message = 'Only the instructor can log this.';
        throw forbidden(message, [{ field: `events[${index}].kind`, message }]);
      }
    }
  }

  async #refuseUnknown(seat: SeatOfPlan, by: Author, sent: readonly SentEvent[]): Promise<void> {
    const errors = sent.flatMap((event, index) =>
      planErrors(seat.steps, event, `events[${index}]`),
    );
    errors.push(...(await this.#referenceErrors(seat, by, sent)));
    if (errors.length > 0) throw invalid(errors);
  }

  /** What is wrong with the ids of other events that these ones speak of. */
  async #referenceErrors(
    { seatId }: SeatOfPlan,
    by: Author,
    sent: readonly SentEvent[],
  ): Promise<FieldError[]> {
    const wanted = sent.flatMap(referencesOf);
    if (wanted.length === 0) return [];
    const known = new Map(
      (await selectDeeds(this.#db, seatId, wanted)).map((deed) => [deed.id, deed] as const),
    );
    for (const event of sent) known.set(event.id, { id: event.id, kind: event.kind, by });
    return sent.flatMap((event, index) =>
      referencesOf(event).flatMap((id) => {
        const target = known.get(id);
        const field = `events[${index}]`;
        if (!target)
          return [
            {
              field,
              message: 'It speaks of an event that is not in this seat’s log. Reload the page.',
            },
          ];
        if (event.kind !== 'undo') {
          return target.kind === 'help-asked'
            ? []
            : [{ field, message: 'Only a call for help can be answered or withdrawn.' }];
        }
        if (target.kind === 'undo')
          return [{ field, message: 'An undo cannot be undone; log it again instead.' }];
        if (by === 'learner' && target.by !== 'learner') {
          return [
            { field, message: 'What the instructor logged can only be undone by the instructor.' },
          ];
        }
        return [];
      }),
    );
  }

  async #inTurn(workshopId: string, work: () => Promise<void>): Promise<void> {
    const before = this.#lastAppend.get(workshopId) ?? Promise.resolve();
    const mine = before.then(work, work);
    this.#lastAppend.set(
      workshopId,
      mine.catch(() => undefined),
    );
    await mine;
  }
}

function referencesOf(event: SentEvent): readonly string[] {
  if (event.kind === 'undo') return [event.undoes];
  if (event.kind === 'visit') return event.answers;
  if (event.kind === 'help-withdrawn') return [event.asked];
  return [];
}

function planErrors(steps: readonly PlannedStep[], event: SentEvent, field: string): FieldError[] {
  if (!('stepId' in event)) return [];
  const step = steps.find(({ id }) => id === event.stepId);
  if (!step) {
    return [
      {
        field: `${field}.stepId`,
        message: `There is no step “${event.stepId}” in this workshop’s plan. Reload the page.`,
      },
    ];
  }
  if (event.kind !== 'mistake' || event.designator === undefined) return [];
  const places = step.kind === 'check' ? [] : step.parts.flatMap((part) => part.designators);
  return places.includes(event.designator)
    ? []
    : [
        {
          field: `${field}.designator`,
          message: `${event.designator} is not a part of this step.`,
        },
      ];
}

const earlier = (at: string, now: Date) =>
  (Date.parse(at) > now.getTime() ? now : new Date(at)).toISOString();
