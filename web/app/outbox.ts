import type { SentEvent } from '#contract/events';
import { keptSentEvent } from '#contract/keptKinds';
import { storedText } from '#contract/stored';
import { decoded } from './kept.ts';

/**
 * What this device has recorded and the server has not acknowledged, kept across a reload. Each event has a key of
 * its own, so that two pages of one device never write over each other.
 */
export class Outbox {
  readonly #storage: Storage;
  readonly #prefix: string;

  /** @param name tells this outbox from others of the device, for instance the seat's id */
  constructor(name: string, storage: Storage = localStorage) {
    this.#storage = storage;
    this.#prefix = `ozzet.outbox.${name}.`;
  }

  /**
   * What waits, oldest first: the ids sort by time. What this version cannot read stays where it is, for one that can.
   */
  waiting(): SentEvent[] {
    return Object.keys(this.#storage)
      .filter((key) => key.startsWith(this.#prefix))
      .sort()
      .flatMap((key) => decoded(keptSentEvent, this.#storage.getItem(key) ?? '') ?? []);
  }

  add(event: SentEvent): void {
    this.#storage.setItem(this.#prefix + event.id, storedText(keptSentEvent, event));
  }

  remove(ids: readonly string[]): void {
    for (const id of ids) this.#storage.removeItem(this.#prefix + id);
  }
}
