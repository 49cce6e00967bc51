import { getFaults, getFaultsWork, stopFaults, workOutFaults } from '#contract/faults';
import type { Kit } from '#contract/kits';
import { whyNotReadable } from '#core/circuit/readKit';
import type { SpiceEngine } from '#core/circuit/spice';
import type { FaultDictionary } from '#core/faults/dictionary';
import {
  dictionaryBasis,
  type KitToFault,
  makeDictionary,
  subjectOf,
} from '#core/faults/makeDictionary';
import { KitWork } from '../circuit/kitWork.ts';
import type { Database } from '../db/database.ts';
import type { Api } from '../http/api.ts';
import { notFound } from '../http/refusal.ts';
import { isUuid } from '../http/uuid.ts';
import { selectKit } from '../kits/queries.ts';
import { faultsOfKit, kitToFault } from './faultsOfKit.ts';
import { replaceFaults } from './queries.ts';

export function faultRoutes(api: Api, db: Database, engine: SpiceEngine): void {
  const atWork = new KitWork<KitToFault, FaultDictionary>({
    basisOf: dictionaryBasis,
    workOut: async (kit, onProgress) => {
      const subject = subjectOf(kit);
      const made =
        subject && (await makeDictionary(engine, subject, dictionaryBasis(kit), onProgress));
      if (!made) throw new Error('no solution for the board without a fault');
      return made;
    },
    keep: (revisionId, faults) => replaceFaults(db, revisionId, faults),
  });
  const kitOf = async (kitId: string): Promise<Kit> => {
    const kit = isUuid(kitId) ? await selectKit(db, kitId) : undefined;
    if (!kit) throw notFound('kit');
    return kit;
  };

  api.serve(getFaults, async ({ params: { kitId } }) => faultsOfKit(db, await kitOf(kitId)));

  api.serve(getFaultsWork, async ({ params: { kitId } }) => atWork.stateOf(kitId));

  api.serve(workOutFaults, async ({ params: { kitId } }) => {
    const kit = await kitOf(kitId);
    const { board, lines, supplyVolt } = kit;
    const parts = lines.map(({ part }) => part);
    const why = board ? whyNotReadable({ board, parts, supplyVolt }) : 'no-nets';
    if (why) return { kind: 'not-readable', why };
    const now = kitToFault(kit);
    if (now) atWork.start(kitId, kit.revisionId, now);
    return atWork.stateOf(kitId);
  });

  api.serve(stopFaults, async ({ params: { kitId } }) => {
    atWork.stop(kitId);
    return atWork.stateOf(kitId);
  });
}
