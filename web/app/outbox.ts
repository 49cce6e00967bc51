import type { SentEvent } from '#contract/events';
import { keptSentEvent, keptSetAside, type SetAside } from '#contract/keptKinds';
import { type StoredKind, storedText } from '#contract/stored';
import { decoded } from './kept.ts';

const waitingPrefix = 'ozzet.outbox.';
const asidePrefix = 'ozzet.set-aside.';

/** Whose outbox it is, by which it is told from others of the device. */
export interface OutboxOwner {
  /** The seat, or the workshop of a floor. */
  readonly of: string;
  /** Who is signed in: what one has not sent yet never leaves under the name of the next. */
  readonly accountId?: string | null | undefined;
}

/** How many entries of somebody wait on this device, whichever evening they are of. */
export const waitingOf = (accountId: string, storage: Storage = localStorage): number =>
  Object.keys(storage).filter((key) => key.startsWith(`${waitingPrefix}${accountId}.`)).length;

/**
 * What this device has recorded and the server has not acknowledged, kept across a reload. Each event has a key of
 * its own, so that two pages of one device never write over each other.
 */
export class Outbox {
  readonly #storage: Storage;
  readonly #waiting: string;
  readonly #aside: string;

  constructor({ of, accountId }: OutboxOwner, storage: Storage = localStorage) {
    this.#storage = storage;
    const name = accountId ? `${accountId}.${of}.` : `${of}.`;
    this.#waiting = waitingPrefix + name;
    this.#aside = asidePrefix + name;
    // Of the time before outboxes belonged to somebody: whoever opens the floor first takes them over.
    if (accountId) this.#adopt(`${waitingPrefix}${of}.`);
  }

  #adopt(old: string): void {
    for (const key of Object.keys(this.#storage).filter((one) => one.startsWith(old))) {
      this.#storage.setItem(
        this.#waiting + key.slice(old.length),
        this.#storage.getItem(key) ?? '',
      );
      this.#storage.removeItem(key);
    }
  }

  /**
   * What waits, oldest first: the ids sort by time. What this version cannot read stays where it is, for one that can.
   */
  waiting(): SentEvent[] {
    return this.#read(this.#waiting, keptSentEvent);
  }

  add(event: SentEvent): void {
    this.#storage.setItem(this.#waiting + event.id, storedText(keptSentEvent, event));
  }

  remove(ids: readonly string[]): void {
    for (const id of ids) this.#storage.removeItem(this.#waiting + id);
  }

  /** What the server did not take, oldest first. */
  setAside(): SetAside[] {
    return this.#read(this.#aside, keptSetAside);
  }

  /** Puts an entry out of the way of the others, with what the server said. */
  putAside(event: SentEvent, reason: string): void {
    this.#storage.setItem(this.#aside + event.id, storedText(keptSetAside, { event, reason }));
    this.remove([event.id]);
  }

  /** Lets one that was set aside go for good. */
  discard(id: string): void {
    this.#storage.removeItem(this.#aside + id);
  }

  #read<Data>(prefix: string, kind: StoredKind<Data>): Data[] {
    return Object.keys(this.#storage)
      .filter((key) => key.startsWith(prefix))
      .sort()
      .flatMap((key) => decoded(kind, this.#storage.getItem(key) ?? '') ?? []);
  }
}
