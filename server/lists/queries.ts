import type { StoredKind } from '#contract/storedForm';
import type { Queryable } from '../db/database.ts';
import { json, read } from '../db/stored.ts';

/** Lists of one kind are beside those of another, whose columns may have the same headings. */
const prefixes = { parts: '', positions: 'positions: ', drawers: 'drawers: ' } as const;
export type ListKind = keyof typeof prefixes;

/** How columns with these headings were read last. */
export async function selectColumns<Mapping>(
  db: Queryable,
  list: ListKind,
  headings: string,
  stored: StoredKind<Mapping>,
): Promise<Mapping | undefined> {
  const [row] = await db.query<{ mapping: unknown }>(
    'select mapping from remembered_mapping where headings = $1',
    [prefixes[list] + headings],
  );
  return row && read(stored, row.mapping);
}

export async function upsertColumns<Mapping>(
  db: Queryable,
  list: ListKind,
  headings: string,
  stored: StoredKind<Mapping>,
  mapping: Mapping,
): Promise<void> {
  await db.query(
    `insert into remembered_mapping (headings, mapping) values ($1, $2::jsonb)
     on conflict (headings) do update set mapping = excluded.mapping`,
    [prefixes[list] + headings, json(stored, mapping)],
  );
}
