import type { Kit } from '#contract/kits';
import { whyNotReadable } from '#core/circuit/readKit';
import type { FaultDictionary } from '#core/faults/dictionary';
import { dictionaryBasis, type KitToFault } from '#core/faults/makeDictionary';
import type { Queryable } from '../db/database.ts';
import { selectFaults } from './queries.ts';

/** Null where the circuit of a kit is not known well enough to say what a fault does. */
export function kitToFault({ board, lines, supplyVolt }: Kit): KitToFault | null {
  const parts = lines.map(({ part }) => part);
  if (!board || supplyVolt === null || whyNotReadable({ board, parts, supplyVolt })) return null;
  return { board, parts, supplyVolt };
}

/** What faults of a kit show as it is now; null where that was not worked out yet. */
export async function faultsOfKit(db: Queryable, kit: Kit): Promise<FaultDictionary | null> {
  const now = kitToFault(kit);
  const faults = now && (await selectFaults(db, kit.revisionId));
  return faults && now && faults.basis === dictionaryBasis(now) ? faults : null;
}
