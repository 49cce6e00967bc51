import type { StreamedEvent } from '#contract/events';
import type { BuildEvent } from '#core/build/event';
import type { LoggedEvent } from '#core/build/together';
import { said } from '#core/learning/said';
import type { Database, Queryable } from '../db/database.ts';
import { Refusal } from '../http/refusal.ts';
import type { LiveChannels } from './liveChannels.ts';
import { insertEvents, type PlaceOfSeat, selectKinds } from './queries.ts';

/** Events of one seat that came together: all of them are stored, or none. */
export interface Append {
  readonly seat: PlaceOfSeat;
  readonly events: readonly LoggedEvent[];
  /** What is booked with those of them that are new, or not at all. */
  readonly alongside?: ((tx: Queryable, added: ReadonlySet<string>) => Promise<void>) | undefined;
}

interface Waiting extends Append {
  readonly stored: () => void;
  readonly failed: (error: unknown) => void;
}

/** One statement of them stays small beside the limit of a request. */
const mostTogether = 50;

/**
 * Stores what is appended and tells everyone who listens, in the order of their seq: a workshop's appends take turns.
 * Those that come while one is being stored wait, and go into the log together, by one statement and one sync.
 */
export class EventStore {
  readonly #db: Database;
  readonly #channels: LiveChannels;
  /** By workshop; one that is not in it stores nothing at the moment. */
  readonly #waiting = new Map<string, Waiting[]>();

  constructor(db: Database, channels: LiveChannels) {
    this.#db = db;
    this.#channels = channels;
  }

  /**
   * Resolves when the events are on the disk and told. Events that are there already are not stored again.
   *
   * @throws Refusal 409 where an id is in the log for something else
   */
  add(append: Append): Promise<void> {
    return new Promise((stored, failed) => {
      const { workshopId } = append.seat;
      const waiting = this.#waiting.get(workshopId);
      const mine = { ...append, stored, failed };
      if (waiting) {
        waiting.push(mine);
        return;
      }
      this.#waiting.set(workshopId, [mine]);
      void this.#storeAll(workshopId);
    });
  }

  async #storeAll(workshopId: string): Promise<void> {
    for (;;) {
      const waiting = this.#waiting.get(workshopId) ?? [];
      const next = waiting.splice(0, sizeOfNext(waiting));
      if (next.length === 0) break;
      const there = await this.#storeTogether(workshopId, next);
      for (const append of next) {
        if (append.events.every(({ id }) => there.has(id))) append.stored();
        else await this.#storeAlone(append).then(append.stored, append.failed);
      }
    }
    this.#waiting.delete(workshopId);
  }

  /** Stores what can be stored by one statement; who is not among it is heard alone. @returns the ids that it stored */
  async #storeTogether(
    workshopId: string,
    appends: readonly Append[],
  ): Promise<ReadonlySet<string>> {
    const events = appends.filter(({ alongside }) => !alongside).flatMap(({ events }) => events);
    const ids = new Set(events.map(({ id }) => id));
    if (appends.length === 1 || ids.size < events.length) return new Set();
    try {
      const stored = await insertEvents(this.#db, workshopId, events);
      this.#channels.publish(workshopId, stored);
      return new Set(stored.map(({ event }) => event.id));
    } catch {
      // One of them cannot be stored, and it is not known which: each is told for itself.
      return new Set();
    }
  }

  async #storeAlone(append: Append): Promise<void> {
    const { workshopId } = append.seat;
    this.#channels.publish(workshopId, await this.#stored(append));
  }

  async #stored({ seat, events, alongside }: Append): Promise<StreamedEvent[]> {
    const insert = async (db: Queryable) => {
      const stored = await insertEvents(db, seat.workshopId, events);
      if (stored.length < events.length) await refuseTaken(db, seat, events);
      return stored;
    };
    if (!alongside) return insert(this.#db);
    return this.#db.transaction(async (tx) => {
      const stored = await insert(tx);
      await alongside(tx, new Set(stored.map(({ event }) => event.id)));
      return stored;
    });
  }
}

/** How many go into the log next: one that something is booked with goes alone, and nobody overtakes it. */
function sizeOfNext(waiting: readonly Append[]): number {
  const first = waiting.findIndex(({ alongside }) => alongside);
  return first < 0 ? mostTogether : Math.min(Math.max(first, 1), mostTogether);
}

/** An id that is in the log for something else: taken for it, the new event would be lost without a word. */
async function refuseTaken(
  db: Queryable,
  { seatId }: PlaceOfSeat,
  events: readonly BuildEvent[],
): Promise<void> {
  const stored = await selectKinds(
    db,
    events.map(({ id }) => id),
  );
  const taken = events.findIndex(({ id, kind }) => {
    const one = stored.get(id);
    return one !== undefined && (one.seatId !== seatId || one.kind !== kind);
  });
  if (taken < 0) return;
  const message = said('refusals.events.theIdOfThisEntryIsIn');
  throw new Refusal(409, said('refusals.events.taken'), message, [
    { field: `events[${taken}].id`, says: message },
  ]);
}
