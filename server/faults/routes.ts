import { getFaults, getFaultsWork, stopFaults, workOutFaults } from '#contract/faults';
import { type Kit, wiredKitOf } from '#contract/kits';
import { whyNotReadable } from '#core/circuit/readKit';
import type { Database } from '../db/database.ts';
import type { Api } from '../http/api.ts';
import { notFound } from '../http/refusal.ts';
import { isUuid } from '../http/uuid.ts';
import { selectKit } from '../kits/queries.ts';
import { faultsOfRevision, kitToFault } from './faultsOfKit.ts';
import type { FaultWork } from './faultWork.ts';

export function faultRoutes(api: Api, db: Database, work: FaultWork): void {
  const kitOf = async (kitId: string): Promise<Kit> => {
    const kit = isUuid(kitId) ? await selectKit(db, kitId) : undefined;
    if (!kit) throw notFound('kit');
    return kit;
  };

  api.serve(getFaults, async ({ params: { kitId } }) => faultsOfRevision(db, await kitOf(kitId)));

  api.serve(getFaultsWork, async ({ params: { kitId } }) => work.stateOf(kitId));

  api.serve(workOutFaults, async ({ params: { kitId } }) => {
    const kit = await kitOf(kitId);
    const why = whyNotReadable(wiredKitOf(kit));
    if (why) return { kind: 'not-readable', why };
    const now = kitToFault(kit);
    if (now) work.start(kitId, kit.revisionId, now);
    return work.stateOf(kitId);
  });

  api.serve(stopFaults, async ({ params: { kitId } }) => {
    work.stop(kitId);
    return work.stateOf(kitId);
  });
}
