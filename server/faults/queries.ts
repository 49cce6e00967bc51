import { storedFaults } from '#contract/storedKinds';
import type { FaultDictionary } from '#core/faults/dictionary';
import type { Queryable } from '../db/database.ts';
import { json, readOnceOrNull } from '../db/stored.ts';

/** Keeps what faults of a revision show; it is worked out anew when the revision changes. */
export async function replaceFaults(
  db: Queryable,
  revisionId: string,
  faults: FaultDictionary,
): Promise<void> {
  await db.query('update kit_revision set faults = $2::jsonb where id = $1', [
    revisionId,
    json(storedFaults, faults),
  ]);
}

/** Which revision of which kit a workshop builds. */
export async function selectRevisionOfWorkshop(
  db: Queryable,
  workshopId: string,
): Promise<{ readonly kitId: string; readonly number: number } | undefined> {
  const [row] = await db.query<{ kit_id: string; number: number }>(
    `select kit_id, kit_revision.number from kit_revision
       join workshop on workshop.revision_id = kit_revision.id where workshop.id = $1`,
    [workshopId],
  );
  return row && { kitId: row.kit_id, number: row.number };
}

/** What was worked out last, of whatever the revision was then. */
export async function selectFaults(
  db: Queryable,
  revisionId: string,
): Promise<FaultDictionary | null> {
  const [row] = await db.query<{ faults: unknown }>(
    'select faults from kit_revision where id = $1',
    [revisionId],
  );
  return readOnceOrNull(storedFaults, row?.faults);
}
