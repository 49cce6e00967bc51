import type { StreamedEvent } from '#contract/events';

export interface ChannelListener {
  readonly logged: (events: readonly StreamedEvent[]) => void;
  /** Something of the workshop itself is another now: its seats, its times, its kit. */
  readonly changed?: (() => void) | undefined;
}

/** Who listens to which workshop, within this process. */
export class LiveChannels {
  readonly #listeners = new Map<string, Set<ChannelListener>>();

  /** @returns a function that stops listening */
  listen(workshopId: string, listener: ChannelListener): () => void {
    const listeners = this.#listeners.get(workshopId) ?? new Set();
    this.#listeners.set(workshopId, listeners.add(listener));
    return () => {
      listeners.delete(listener);
      if (listeners.size === 0) this.#listeners.delete(workshopId);
    };
  }

  publish(workshopId: string, events: readonly StreamedEvent[]): void {
    if (events.length === 0) return;
    for (const { logged } of this.#listeners.get(workshopId) ?? []) logged(events);
  }

  tellChanged(workshopId: string): void {
    for (const { changed } of this.#listeners.get(workshopId) ?? []) changed?.();
  }
}
