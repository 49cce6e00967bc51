import type { WorkshopConditions } from '#contract/conditions';
import { storedConditions } from '#contract/storedKinds';
import type { Conditions } from '#core/pace/evening/conditions';
import type { Queryable } from '../../db/database.ts';
import { json, readOrNull } from '../../db/stored.ts';

interface Row {
  readonly id: string;
  readonly conditions: unknown;
  readonly conditions_version: number;
}

const read = ({ conditions, conditions_version }: Row): WorkshopConditions => ({
  conditions: readOrNull(storedConditions, conditions),
  conditionsVersion: conditions_version,
});

/** What was said of a workshop, with the version that a change is made from. */
export async function selectConditions(
  db: Queryable,
  workshopId: string,
): Promise<WorkshopConditions | undefined> {
  const [row] = await db.query<Row>(
    'select id, conditions, conditions_version from workshop where id = $1 and removed_at is null',
    [workshopId],
  );
  return row && read(row);
}

/** Of all workshops that something was said of, by their ids. */
export async function selectAllConditions(
  db: Queryable,
): Promise<ReadonlyMap<string, WorkshopConditions>> {
  const rows = await db.query<Row>(
    'select id, conditions, conditions_version from workshop where conditions is not null and removed_at is null',
  );
  return new Map(rows.map((row) => [row.id, read(row)]));
}

/** @returns false where somebody else was faster */
export async function updateConditions(
  db: Queryable,
  workshopId: string,
  conditions: Conditions,
  basedOn: number,
): Promise<boolean> {
  const rows = await db.query(
    `update workshop set conditions = $3::jsonb, conditions_version = conditions_version + 1
      where id = $1 and conditions_version = $2 returning id`,
    [workshopId, basedOn, json(storedConditions, conditions)],
  );
  return rows.length === 1;
}
