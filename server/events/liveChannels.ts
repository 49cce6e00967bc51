import type { StreamedEvent } from '#contract/events';

type Listener = (events: readonly StreamedEvent[]) => void;

/** Who listens to which workshop, within this process. */
export class LiveChannels {
  readonly #listeners = new Map<string, Set<Listener>>();

  /** @returns a function that stops listening */
  listen(workshopId: string, listener: Listener): () => void {
    const listeners = this.#listeners.get(workshopId) ?? new Set();
    this.#listeners.set(workshopId, listeners.add(listener));
    return () => {
      listeners.delete(listener);
      if (listeners.size === 0) this.#listeners.delete(workshopId);
    };
  }

  publish(workshopId: string, events: readonly StreamedEvent[]): void {
    if (events.length === 0) return;
    for (const listener of this.#listeners.get(workshopId) ?? []) listener(events);
  }
}
