import type { FiguresWork } from '#contract/figures';
import { basisOf, type KitFigures } from '#core/circuit/kitFigures';
import { type KitToRead, readKit } from '#core/circuit/readKit';
import type { SpiceEngine } from '#core/circuit/spice';

interface Work {
  /** What it works from. */
  readonly basis: string;
  done: number;
  stopped: boolean;
}

class Stopped extends Error {}

/** The working out of figures, kit by kit in the background; pages ask how far it is. */
export class FiguresAtWork {
  readonly #engine: SpiceEngine;
  readonly #keep: (revisionId: string, figures: KitFigures) => Promise<void>;
  readonly #working = new Map<string, Work>();
  /** Why the last try of a kit came to nothing. */
  readonly #failed = new Map<string, string>();

  constructor(
    engine: SpiceEngine,
    keep: (revisionId: string, figures: KitFigures) => Promise<void>,
  ) {
    this.#engine = engine;
    this.#keep = keep;
  }

  stateOf(kitId: string): FiguresWork {
    const work = this.#working.get(kitId);
    if (work) return { kind: 'working', done: work.done };
    const says = this.#failed.get(kitId);
    return says === undefined ? { kind: 'idle' } : { kind: 'failed', says };
  }

  /** Begins, or goes on with what is under way, unless the kit has changed since that began. */
  start(kitId: string, revisionId: string, kit: KitToRead): void {
    const basis = basisOf(kit.board, kit.parts, kit.supplyVolt);
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

  async #workOut(kitId: string, revisionId: string, kit: KitToRead, work: Work): Promise<void> {
    try {
      const figures = await readKit(this.#engine, kit, (done) => {
        if (work.stopped) throw new Stopped();
        work.done = done;
      });
      await this.#keep(revisionId, figures);
    } catch (error) {
      if (error instanceof Stopped) return;
      this.#failed.set(kitId, error instanceof Error ? error.message : String(error));
    } finally {
      if (this.#working.get(kitId) === work) this.#working.delete(kitId);
    }
  }
}
