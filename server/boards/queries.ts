import { storedPlacementMapping } from '#contract/storedKinds';
import type { PlacementMapping } from '#core/board/placementList';
import type { Queryable } from '../db/database.ts';
import { json, read } from '../db/stored.ts';

/** Beside the headings of parts lists, which the same table holds. */
const keyOf = (headings: string) => `positions: ${headings}`;

export async function selectPlacementColumns(
  db: Queryable,
  headings: string,
): Promise<PlacementMapping | undefined> {
  const [row] = await db.query<{ mapping: unknown }>(
    'select mapping from remembered_mapping where headings = $1',
    [keyOf(headings)],
  );
  return row && read(storedPlacementMapping, row.mapping);
}

export async function upsertPlacementColumns(
  db: Queryable,
  headings: string,
  mapping: PlacementMapping,
): Promise<void> {
  await db.query(
    `insert into remembered_mapping (headings, mapping) values ($1, $2::jsonb)
     on conflict (headings) do update set mapping = excluded.mapping`,
    [keyOf(headings), json(storedPlacementMapping, mapping)],
  );
}
