import type { EventsAccepted, SentEvent } from '#contract/events';
import type { FieldError } from '#contract/problem';
import type { Author, BuildEvent, Deed, DeedKind } from '#core/build/event';
import { learnerDeeds } from '#core/build/event';
import { seatsOf, toldTogether } from '#core/build/together';
import { type Said, said } from '#core/learning/said';
import type { PlannedStep } from '#core/pace/stepMinutes';
import type { Database, Queryable } from '../db/database.ts';
import { forbidden, invalid } from '../http/refusal.ts';
import { EventStore } from './eventStore.ts';
import type { LiveChannels } from './liveChannels.ts';
import { type PlaceOfSeat, selectDeeds } from './queries.ts';

/** The seat that events are for, and the plan they must keep to. */
export interface SeatOfPlan extends PlaceOfSeat {
  readonly steps: readonly PlannedStep[];
  /** The seats that may be told something together with this one; none where it is not said. */
  readonly together?: readonly string[];
}

/** Who adds to the log. */
export interface Writer {
  readonly by: Author;
  /** The name of whoever it is; undefined for an instructor who is the only one. */
  readonly helper?: string | undefined;
}

/** Told of what an append adds, inside its transaction: what follows from it is booked with it or not at all. */
export type Consequence = (
  tx: Queryable,
  seat: SeatOfPlan,
  replaced: readonly Replaced[],
) => Promise<void>;

/** A piece that was handed out, or that an undo of that puts back. */
export type Replaced =
  | {
      readonly direction: 'out';
      readonly eventId: string;
      readonly stepId: string;
      readonly designator: string;
    }
  | { readonly direction: 'back'; readonly eventId: string; readonly undoes: string };

/** The append-only log of build events: checks what comes in, stores it once, and tells everyone who listens. */
export class EventLog {
  readonly #db: Database;
  readonly #store: EventStore;
  readonly #onReplaced: Consequence;

  constructor(db: Database, channels: LiveChannels, onReplaced: Consequence) {
    this.#db = db;
    this.#store = new EventStore(db, channels);
    this.#onReplaced = onReplaced;
  }

  /**
   * Appends events to a seat's log: all or none. Events that are there already count as accepted.
   *
   * @throws Refusal 403 for another seat's events or deeds that are not the author's, 422 for what the plan does not know
   */
  async append(
    seat: SeatOfPlan,
    { by, helper }: Writer,
    sent: readonly SentEvent[],
  ): Promise<EventsAccepted> {
    const now = new Date();
    this.#refuseForeign(seat, by, sent);
    const known = await this.#spokenOf(seat, by, sent);
    this.#refuseUnknown(seat, by, sent, known);
    // A clock that runs ahead would make others wait for a time that has not come; behind, it only looks late.
    const events = sent.map((event) => ({
      ...notAhead(event, now),
      by,
      helper,
      at: earlier(event.at, now),
    }));
    const replaced = events.flatMap((event) => replacedBy(event, known));
    const alongside = (tx: Queryable, added: ReadonlySet<string>) =>
      this.#onReplaced(
        tx,
        seat,
        replaced.filter(({ eventId }) => added.has(eventId)),
      );
    await this.#store.add({
      seat,
      events,
      alongside: replaced.length > 0 ? alongside : undefined,
    });
    return { accepted: sent.map(({ id }) => id), now: now.toISOString() };
  }

  #refuseForeign(
    { seatId, together = [seatId] }: SeatOfPlan,
    by: Author,
    sent: readonly SentEvent[],
  ): void {
    for (const [index, event] of sent.entries()) {
      const may = toldTogether.includes(event.kind) ? together : [seatId];
      if (event.seatId !== seatId || !seatsOf(event).every((id) => may.includes(id))) {
        const message = said('refusals.events.thisEventBelongsToAnotherSeatOpen');
        throw forbidden(message, [{ field: `events[${index}].seatId`, says: message }]);
      }
      const isOfStaff =
        !learnerDeeds.includes(event.kind) || (event.kind === 'photo' && event.of !== 'board');
      if (by === 'learner' && isOfStaff) {
        const message = said('refusals.events.onlyTheInstructorCanLogThis');
        throw forbidden(message, [{ field: `events[${index}].kind`, says: message }]);
      }
    }
  }

  #refuseUnknown(
    { steps }: SeatOfPlan,
    by: Author,
    sent: readonly SentEvent[],
    known: ReadonlyMap<string, Known>,
  ): void {
    const errors = sent.flatMap((event, index) => [
      ...planErrors(steps, event, `events[${index}]`),
      ...referenceErrors(event, by, known, `events[${index}]`),
    ]);
    if (errors.length > 0) throw invalid(errors);
  }

  /** The events that these ones speak of, by id. */
  async #spokenOf(
    { seatId }: SeatOfPlan,
    by: Author,
    sent: readonly SentEvent[],
  ): Promise<ReadonlyMap<string, Known>> {
    const wanted = sent.flatMap((event) => referencesOf(event).ids);
    const stored = wanted.length === 0 ? [] : await selectDeeds(this.#db, seatId, wanted);
    return new Map<string, Known>([
      ...stored.map((one) => [one.id, one] as const),
      ...sent.map((event) => [event.id, { deed: event, by }] as const),
    ]);
  }
}

interface Known {
  readonly deed: Deed;
  readonly by: Author;
}

interface References {
  readonly ids: readonly string[];
  /** What they must be; undefined where anything but an undo will do. */
  readonly kind?: DeedKind;
  readonly otherwise: Said;
}

/** The events that an event speaks of. */
function referencesOf(event: SentEvent): References {
  switch (event.kind) {
    case 'undo':
      return {
        ids: [event.undoes],
        otherwise: said('refusals.events.anUndoCannotBeUndoneLogIt'),
      };
    case 'visit':
    case 'help-withdrawn':
      return {
        ids: event.kind === 'visit' ? event.answers : [event.asked],
        kind: 'help-asked',
        otherwise: said('refusals.events.onlyACallForHelpCanBe'),
      };
    case 'coming':
      return {
        ids: event.calls,
        kind: 'help-asked',
        otherwise: said('refusals.events.onlyACallForHelpCanBe'),
      };
    case 'photo':
      return {
        ids: event.mistake === undefined ? [] : [event.mistake],
        kind: 'mistake',
        otherwise: said('refusals.photos.onlyAMistakeHasBeforeAndAfter'),
      };
    case 'corrected':
      return {
        ids: [event.corrects],
        kind: 'mistake',
        otherwise: said('refusals.events.onlyAMistakeCanBeCorrected'),
      };
    case 'amended':
      return {
        ids: [event.amends],
        kind: event.deed.kind,
        otherwise: said('refusals.events.itIsPutRightAsWhatItIs'),
      };
    case 'message-read':
      return {
        ids: [event.told],
        kind: 'message',
        otherwise: said('refusals.events.onlyAMessageCanBeRead'),
      };
    case 'visit-ended':
      return {
        ids: [event.visit],
        kind: 'visit',
        otherwise: said('refusals.events.onlyAVisitCanEnd'),
      };
    case 'notice-checked':
      return {
        ids: [event.told],
        kind: 'notice',
        otherwise: said('refusals.events.onlyWhatEverybodyWasToldCanBe'),
      };
    default:
      return { ids: [], otherwise: said('refusals.any.cannotBeTaken') };
  }
}

/** What is wrong with the ids of other events that an event speaks of. */
function referenceErrors(
  event: SentEvent,
  by: Author,
  known: ReadonlyMap<string, Known>,
  field: string,
): FieldError[] {
  const { ids, kind, otherwise } = referencesOf(event);
  return ids.flatMap((id): FieldError[] => {
    const target = known.get(id);
    if (!target) {
      return [{ field, says: said('refusals.events.itSpeaksOfAnEventThatIs') }];
    }
    const fits = kind === undefined ? target.deed.kind !== 'undo' : target.deed.kind === kind;
    if (!fits) return [{ field, says: otherwise }];
    if (event.kind === 'undo' && by === 'learner' && target.by !== 'learner') {
      return [{ field, says: said('refusals.events.whatTheInstructorLoggedCanOnlyBe') }];
    }
    return [];
  });
}

/** The piece that leaves the stores with an event, or comes back with it. */
function replacedBy(event: BuildEvent, known: ReadonlyMap<string, Known>): Replaced[] {
  if (event.kind === 'part-replaced') {
    const { id, stepId, designator } = event;
    return [{ direction: 'out', eventId: id, stepId, designator }];
  }
  if (event.kind !== 'undo') return [];
  const { id, undoes } = event;
  return known.get(undoes)?.deed.kind === 'part-replaced'
    ? [{ direction: 'back', eventId: id, undoes }]
    : [];
}

function planErrors(steps: readonly PlannedStep[], event: Deed, field: string): FieldError[] {
  if (event.kind === 'amended') return planErrors(steps, event.deed, `${field}.deed`);
  if (!('stepId' in event)) return [];
  const step = steps.find(({ id }) => id === event.stepId);
  if (!step) {
    return [
      {
        field: `${field}.stepId`,
        says: said('refusals.events.thereIsNoStepInThisWorkshops', { stepId: event.stepId }),
      },
    ];
  }
  const places = step.kind === 'check' ? [] : step.parts.flatMap((part) => part.designators);
  return placesNamed(event)
    .filter((place) => !places.includes(place))
    .map((place) => ({
      field: `${field}.designator`,
      says: said('refusals.events.isNotAPartOfThisStep', { place }),
    }));
}

function placesNamed(event: Deed): readonly string[] {
  if (event.kind === 'notice') return event.designators;
  if (event.kind !== 'mistake' && event.kind !== 'corrected' && event.kind !== 'part-replaced') {
    return [];
  }
  return event.designator === undefined ? [] : [event.designator];
}

const notAhead = (event: SentEvent, now: Date): SentEvent =>
  event.kind === 'amended' ? { ...event, happenedAt: earlier(event.happenedAt, now) } : event;

const earlier = (at: string, now: Date) =>
  (Date.parse(at) > now.getTime() ? now : new Date(at)).toISOString();
