interface Asker {
  /** The time that it has had, in milliseconds. */
  had: number;
}

/** Does something when its turn comes. */
export type InTurn = <Result>(work: () => Promise<Result>) => Promise<Result>;

/**
 * One at a time: of those who wait, whoever has had least of the time. Turn about, who needs a few milliseconds each
 * time would wait for somebody's seconds between any two of them.
 */
export class FairTurns {
  readonly #clock: () => number;
  readonly #waiting: { readonly asker: Asker; readonly begin: () => void }[] = [];
  #isBusy = false;
  /** What whoever had the last turn had had before: who comes anew, or again, counts from there. */
  #level = 0;

  /** @param clock milliseconds, from whenever */
  constructor(clock: () => number = () => performance.now()) {
    this.#clock = clock;
  }

  /** A share of its own for what belongs together. */
  readonly share = (): InTurn => {
    const asker: Asker = { had: 0 };
    return (work) => this.#inTurn(asker, work);
  };

  async #inTurn<Result>(asker: Asker, work: () => Promise<Result>): Promise<Result> {
    asker.had = Math.max(asker.had, this.#level);
    if (this.#isBusy) await new Promise<void>((begin) => this.#waiting.push({ asker, begin }));
    this.#isBusy = true;
    this.#level = asker.had;
    const began = this.#clock();
    try {
      return await work();
    } finally {
      asker.had += this.#clock() - began;
      // Whoever has just had a turn may ask again at once, and is not to be passed over for that.
      setImmediate(() => this.#next());
    }
  }

  #next(): void {
    const least = this.#waiting.reduce(
      (best, { asker }, index) =>
        asker.had < (this.#waiting[best]?.asker.had ?? Number.POSITIVE_INFINITY) ? index : best,
      0,
    );
    const [next] = this.#waiting.splice(least, 1);
    if (next) next.begin();
    else this.#isBusy = false;
  }
}
