import type { FiguresWork } from '#contract/figures';

interface Work {
  /** What it works from. */
  readonly basis: string;
  done: number;
  stopped: boolean;
}

class Stopped extends Error {}

/** What is worked out of a kit for seconds or minutes. */
export interface Job<Kit, Result> {
  /** Differs as soon as anything differs that the result depends on. */
  readonly basisOf: (kit: Kit) => string;
  /** `onProgress` takes the part that is done, from 0 to 1; what it throws ends the work. */
  readonly workOut: (kit: Kit, onProgress: (done: number) => void) => Promise<Result>;
  readonly keep: (revisionId: string, result: Result) => Promise<void>;
}

/** The working out of one thing, kit by kit in the background; pages ask how far it is. */
export class KitWork<Kit, Result> {
  readonly #job: Job<Kit, Result>;
  readonly #working = new Map<string, Work>();
  /** Why the last try of a kit came to nothing. */
  readonly #failed = new Map<string, string>();

  constructor(job: Job<Kit, Result>) {
    this.#job = job;
  }

  stateOf(kitId: string): FiguresWork {
    const work = this.#working.get(kitId);
    if (work) return { kind: 'working', done: work.done };
    const says = this.#failed.get(kitId);
    return says === undefined ? { kind: 'idle' } : { kind: 'failed', says };
  }

  /** Begins, or goes on with what is under way, unless the kit has changed since that began. */
  start(kitId: string, revisionId: string, kit: Kit): void {
    const basis = this.#job.basisOf(kit);
    if (this.#working.get(kitId)?.basis === basis) return;
    this.stop(kitId);
    const work: Work = { basis, done: 0, stopped: false };
    this.#working.set(kitId, work);
    this.#failed.delete(kitId);
    void this.#workOut(kitId, revisionId, kit, work);
  }

  stop(kitId: string): void {
    const work = this.#working.get(kitId);
    if (work) work.stopped = true;
    this.#working.delete(kitId);
  }

  async #workOut(kitId: string, revisionId: string, kit: Kit, work: Work): Promise<void> {
    try {
      const result = await this.#job.workOut(kit, (done) => {
        if (work.stopped) throw new Stopped();
        work.done = done;
      });
      await this.#job.keep(revisionId, result);
    } catch (error) {
      if (error instanceof Stopped) return;
      this.#failed.set(kitId, error instanceof Error ? error.message : String(error));
    } finally {
      if (this.#working.get(kitId) === work) this.#working.delete(kitId);
    }
  }
}
