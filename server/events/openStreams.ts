import type { Response } from 'express';

/** A seat is open in a phone, perhaps in a tablet, and once more after a reload that nobody noticed yet. */
export const streamsOfSeat = 4;
/** The floor is open in a few tabs of every device that is signed in. */
export const streamsOfSession = 12;

export const seatOwner = (seatId: string) => `seat:${seatId}`;

/** The streams that are open, by whose they are, so that they end when that one may listen no longer. */
export class OpenStreams {
  readonly #byOwner = new Map<string, Set<Response>>();

  /**
   * @param owners such as `seat:…`, `session:…`, `helper:…`; the first one's streams are counted
   * @param most beyond which the oldest ends: the one that opens it is the one that is looked at
   */
  add(owners: readonly string[], most: number, response: Response): void {
    for (const owner of owners) {
      const open = this.#byOwner.get(owner) ?? new Set();
      this.#byOwner.set(owner, open.add(response));
    }
    const [first = ''] = owners;
    const counted = [...(this.#byOwner.get(first) ?? [])];
    for (const old of counted.slice(0, Math.max(0, counted.length - most))) old.destroy();
    response.once('close', () => {
      for (const owner of owners) {
        const open = this.#byOwner.get(owner);
        open?.delete(response);
        if (open?.size === 0) this.#byOwner.delete(owner);
      }
    });
  }

  /** Ends all streams of one who may listen no longer. */
  end(owner: string): void {
    for (const response of this.#byOwner.get(owner) ?? []) response.destroy();
  }

  count(owner: string): number {
    return this.#byOwner.get(owner)?.size ?? 0;
  }
}
