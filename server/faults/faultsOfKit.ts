import { type WiredRevision, wiredKitOf } from '#contract/kits';
import { whyNotReadable } from '#core/circuit/readKit';
import type { FaultDictionary } from '#core/faults/dictionary';
import { dictionaryBasis, type KitToFault } from '#core/faults/makeDictionary';
import type { Queryable } from '../db/database.ts';
import { type StoredRevision, selectRevision } from '../kits/queries.ts';
import { selectFaults, selectRevisionOfWorkshop } from './queries.ts';

type Faulted = WiredRevision & Pick<StoredRevision, 'revisionId'>;

/** Null where the circuit of a kit is not known well enough to say what a fault does. */
export function kitToFault(revision: Faulted): KitToFault | null {
  const kit = wiredKitOf(revision);
  const { supplyVolt } = kit;
  return supplyVolt === null || whyNotReadable(kit) ? null : { ...kit, supplyVolt };
}

/** What faults of a revision show as it is now; null where that was not worked out yet. */
export async function faultsOfRevision(
  db: Queryable,
  revision: Faulted,
): Promise<FaultDictionary | null> {
  const now = kitToFault(revision);
  const faults = now && (await selectFaults(db, revision.revisionId));
  return faults && now && faults.basis === dictionaryBasis(now) ? faults : null;
}

/** The revision that a workshop builds. */
export async function revisionOfWorkshop(
  db: Queryable,
  workshopId: string,
): Promise<StoredRevision | undefined> {
  const of = await selectRevisionOfWorkshop(db, workshopId);
  return of && selectRevision(db, of.kitId, of.number);
}

/** What faults of the boards of a workshop show; null where that was not worked out yet. */
export async function faultsOfWorkshop(
  db: Queryable,
  workshopId: string,
): Promise<FaultDictionary | null> {
  const revision = await revisionOfWorkshop(db, workshopId);
  return revision ? faultsOfRevision(db, revision) : null;
}
