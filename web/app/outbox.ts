import type { SentEvent } from '#contract/events';
import { storedText, unwrapped } from '#contract/storedForm';

/** An entry that the server did not take, with what it said. */
export interface SetAside {
  readonly event: SentEvent;
  readonly reason: string;
}

/** The first form of an entry, and the only one so far. */
const form = { upgrades: [] };

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
    return this.#read(this.#waiting, isEntry);
  }

  add(event: SentEvent): void {
    this.#storage.setItem(this.#waiting + event.id, storedText(form, event));
  }

  remove(ids: readonly string[]): void {
    for (const id of ids) this.#storage.removeItem(this.#waiting + id);
  }

  /** What the server did not take, oldest first. */
  setAside(): SetAside[] {
    return this.#read(this.#aside, isSetAside);
  }

  /** Puts an entry out of the way of the others, with what the server said. */
  putAside(event: SentEvent, reason: string): void {
    this.#storage.setItem(this.#aside + event.id, storedText(form, { event, reason }));
    this.remove([event.id]);
  }

  /** Lets one that was set aside go for good. */
  discard(id: string): void {
    this.#storage.removeItem(this.#aside + id);
  }

  #read<Data>(prefix: string, isOne: (value: unknown) => value is Data): Data[] {
    return Object.keys(this.#storage)
      .filter((key) => key.startsWith(prefix))
      .sort()
      .map((key) => parsed(this.#storage.getItem(key) ?? ''))
      .filter(isOne);
  }
}

/** What stands in a text of the form that this version writes; undefined for any other. */
function parsed(text: string): unknown {
  try {
    const { version, data } = unwrapped(JSON.parse(text));
    return version === 1 ? data : undefined;
  } catch (error) {
    if (error instanceof SyntaxError) return undefined;
    throw error;
  }
}

// Only whether it is an entry at all: what an entry must be the server knows, and what it refuses is set aside.

const isEntry = (value: unknown): value is SentEvent =>
  hasTexts(value, ['id', 'kind', 'at', 'seatId']);

const isSetAside = (value: unknown): value is SetAside =>
  hasTexts(value, ['reason']) && isEntry((value as { readonly event?: unknown }).event);

const hasTexts = (value: unknown, names: readonly string[]): boolean =>
  typeof value === 'object' &&
  value !== null &&
  names.every((name) => typeof (value as Readonly<Record<string, unknown>>)[name] === 'string');
