import type { Kit, KitLine } from '#contract/kits';
import type { Part } from '#core/parts/part';
import type { Mapping } from '#core/partslist/columns';
import type { Queryable } from '../db/database.ts';

/** A revision as it is stored; steps are computed from it. */
export type StoredRevision = Omit<Kit, 'steps'>;

export async function insertKit(db: Queryable, id: string, name: string): Promise<boolean> {
  const rows = await db.query(
    'insert into kit (id, name) values ($1, $2) on conflict do nothing returning id',
    [id, name],
  );
  return rows.length === 1;
}

export async function kitExists(db: Queryable, id: string): Promise<boolean> {
  return (await db.query('select 1 from kit where id = $1', [id])).length === 1;
}

export async function insertRevision(
  db: Queryable,
  revision: { id: string; kitId: string; supplyVolt: number | null; lines: readonly KitLine[] },
): Promise<void> {
  const { id, kitId, supplyVolt, lines } = revision;
  await db.query(
    `insert into kit_revision (id, kit_id, number, supply_volt)
     select $1::uuid, $2::uuid, coalesce(max(number), 0) + 1, $3::double precision
       from kit_revision where kit_id = $2::uuid`,
    [id, kitId, supplyVolt],
  );
  for (const [position, { part, confidence }] of lines.entries()) {
    await db.query(
      `insert into part_line (revision_id, position, designators, quantity, family, value, pins, description, in_kit, confidence)
       values ($1, $2, $3::jsonb, $4, $5, $6::jsonb, $7, $8, $9, $10)`,
      [
        id,
        position,
        JSON.stringify(part.designators),
        part.quantity,
        part.family,
        JSON.stringify(part.value),
        part.pins ?? null,
        part.description,
        part.inKit,
        confidence,
      ],
    );
  }
}

interface RevisionRow {
  id: string;
  name: string;
  revision: number;
  revision_id: string;
  supply_volt: number | null;
  imported_at: Date;
}

const newestRevisions = `
  select distinct on (kit.id) kit.id, kit.name, kit_revision.number as revision, kit_revision.id as revision_id,
         kit_revision.supply_volt, kit_revision.created_at as imported_at
    from kit join kit_revision on kit_revision.kit_id = kit.id`;

/** The newest revision of every kit, by name. */
export async function selectKits(db: Queryable): Promise<StoredRevision[]> {
  const rows = await db.query<RevisionRow>(
    `${newestRevisions} order by kit.id, kit_revision.number desc`,
  );
  const kits = await Promise.all(rows.map((row) => withLines(db, row)));
  return kits.sort((a, b) => a.name.localeCompare(b.name));
}

export async function selectKit(db: Queryable, id: string): Promise<StoredRevision | undefined> {
  const [row] = await db.query<RevisionRow>(
    `${newestRevisions} where kit.id = $1 order by kit.id, kit_revision.number desc`,
    [id],
  );
  return row && withLines(db, row);
}

interface LineRow {
  designators: string[];
  quantity: number;
  family: string;
  value: Part['value'];
  pins: number | null;
  description: string;
  in_kit: boolean;
  confidence: KitLine['confidence'];
}

async function withLines(db: Queryable, row: RevisionRow): Promise<StoredRevision> {
  const lines = await db.query<LineRow>(
    'select * from part_line where revision_id = $1 order by position',
    [row.revision_id],
  );
  return {
    id: row.id,
    name: row.name,
    revision: row.revision,
    revisionId: row.revision_id,
    supplyVolt: row.supply_volt,
    importedAt: row.imported_at.toISOString(),
    lines: lines.map((line) => ({
      confidence: line.confidence,
      part: {
        designators: line.designators,
        quantity: line.quantity,
        family: line.family,
        value: line.value,
        description: line.description,
        inKit: line.in_kit,
        ...(line.pins === null ? {} : { pins: line.pins }),
      },
    })),
  };
}

export async function rememberMapping(
  db: Queryable,
  headings: string,
  mapping: Mapping,
): Promise<void> {
  await db.query(
    `insert into remembered_mapping (headings, mapping) values ($1, $2::jsonb)
     on conflict (headings) do update set mapping = excluded.mapping`,
    [headings, JSON.stringify(mapping)],
  );
}

export async function rememberedMapping(
  db: Queryable,
  headings: string,
): Promise<Mapping | undefined> {
  const [row] = await db.query<{ mapping: Mapping }>(
    'select mapping from remembered_mapping where headings = $1',
    [headings],
  );
  return row?.mapping;
}
