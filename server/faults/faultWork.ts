import type { FiguresWork } from '#contract/figures';

import type { FaultDictionary } from '#core/faults/dictionary';
import {
  dictionaryBasis,
  type KitToFault,
  makeDictionary,
  subjectOf,
} from '#core/faults/makeDictionary';
import { KitWork } from '../circuit/kitWork.ts';
import type { SharedEngine } from '../circuit/warmEngine.ts';
import type { Database } from '../db/database.ts';
import { selectKit } from '../kits/queries.ts';
import { faultsOfRevision, kitToFault } from './faultsOfKit.ts';
import { replaceFaults } from './queries.ts';

/** Whoever plans goes on changing things for a while, in ms. */
const afterPlanning = 120_000;

/** What every fault of a kit shows, worked out in the background. */
export class FaultWork {
  readonly #db: Database;
  readonly #work: KitWork<KitToFault, FaultDictionary>;
  readonly #afterPlanning: number;

  constructor(db: Database, engine: SharedEngine, wait = afterPlanning) {
    this.#db = db;
    this.#afterPlanning = wait;
    this.#work = new KitWork({
      basisOf: dictionaryBasis,
      workOut: async (kit, onProgress) => {
        const subject = subjectOf(kit);
        const made =
          subject &&
          (await makeDictionary(engine.share(), subject, dictionaryBasis(kit), onProgress));
        if (!made) throw new Error('no solution for the board without a fault');
        return made;
      },
      keep: (revisionId, faults) => replaceFaults(db, revisionId, faults),
    });
  }

  stateOf(kitId: string): FiguresWork {
    return this.#work.stateOf(kitId);
  }

  stop(kitId: string): void {
    this.#work.stop(kitId);
  }

  start(kitId: string, revisionId: string, kit: KitToFault): void {
    this.#work.start(kitId, revisionId, kit);
  }

  /** A workshop is planned with a kit: what its faults show will be there when it begins. */
  planned(kitId: string): void {
    const begin = async () => {
      const kit = await selectKit(this.#db, kitId);
      const now = kit && kitToFault(kit);
      if (!kit || !now || (await faultsOfRevision(this.#db, kit))) return;
      this.start(kitId, kit.revisionId, now);
    };
    // What cannot be read now is worked out when somebody asks for it.
    setTimeout(() => void begin().catch(() => {}), this.#afterPlanning).unref();
  }
}
