import type { KitLine, Revision, RevisionSummary } from '#contract/kits';
import type { Board } from '#core/board/board';
import { type OrderSettings, settingsOf } from '#core/order/settings';
import type { Erratum } from '#core/parts/erratum';
import type { FamilyId } from '#core/parts/families/ids';
import type { Part } from '#core/parts/part';
import type { Mapping } from '#core/partslist/columns';
import type { RememberedFamilies } from '#core/partslist/wording';
import type { Queryable } from '../db/database.ts';

/** A revision as it is stored; steps are computed from it. */
export type StoredRevision = Revision;

export async function insertKit(db: Queryable, id: string, name: string): Promise<boolean> {
  const rows = await db.query(
    'insert into kit (id, name) values ($1, $2) on conflict do nothing returning id',
    [id, name],
  );
  return rows.length === 1;
}

export interface RevisionContent {
  readonly supplyVolt: number | null;
  readonly lines: readonly KitLine[];
  readonly errata: readonly Erratum[];
  readonly board: Board | null;
  readonly order: OrderSettings;
}

/** @returns the number of the new revision */
export async function insertRevision(
  db: Queryable,
  { id, kitId, content }: { id: string; kitId: string; content: RevisionContent },
): Promise<number> {
  const [row] = await db.query<{ number: number }>(
    `insert into kit_revision (id, kit_id, number, supply_volt, board, soldering_order)
     select $1::uuid, $2::uuid, coalesce(max(number), 0) + 1, $3::double precision, $4::jsonb, $5::jsonb
       from kit_revision where kit_id = $2::uuid
     returning number`,
    [id, kitId, content.supplyVolt, boardJson(content), JSON.stringify(content.order)],
  );
  await insertContent(db, id, content);
  return row?.number ?? 1;
}

/** Puts other content in the place of a revision's; only for one that no workshop is planned on. */
export async function replaceContent(
  db: Queryable,
  revisionId: string,
  content: RevisionContent,
): Promise<void> {
  await db.query('delete from part_line where revision_id = $1', [revisionId]);
  await db.query('delete from erratum where revision_id = $1', [revisionId]);
  await db.query(
    `update kit_revision set supply_volt = $2, board = $3::jsonb, soldering_order = $4::jsonb where id = $1`,
    [revisionId, content.supplyVolt, boardJson(content), JSON.stringify(content.order)],
  );
  await insertContent(db, revisionId, content);
}

const boardJson = ({ board }: RevisionContent) => (board ? JSON.stringify(board) : null);

async function insertContent(
  db: Queryable,
  revisionId: string,
  { lines, errata }: RevisionContent,
): Promise<void> {
  const rows = lines.map(({ part, confidence }, position) => ({
    ...part,
    position,
    confidence,
    pins: part.pins ?? null,
    lotNote: part.lotNote ?? null,
  }));
  // One statement whatever the number of lines.
  await db.query(
    `insert into part_line (revision_id, position, designators, quantity, family, value, pins, description, supply, lot_note, confidence)
     select $1::uuid, position, designators, quantity, family, value, pins, description, supply,
            nullif("lotNote", 'null'::jsonb), confidence
       from jsonb_to_recordset($2::jsonb) as line (position integer, designators jsonb, quantity integer, family text,
            value jsonb, pins integer, description text, supply text, "lotNote" jsonb, confidence text)`,
    [revisionId, JSON.stringify(rows)],
  );
  for (const [position, { designators, text }] of errata.entries()) {
    await db.query(
      'insert into erratum (revision_id, position, designators, text) values ($1, $2, $3::jsonb, $4)',
      [revisionId, position, JSON.stringify(designators), text],
    );
  }
}

interface RevisionRow {
  id: string;
  name: string;
  revision: number;
  revision_id: string;
  supply_volt: number | null;
  board: Board | null;
  soldering_order: OrderSettings | null;
  imported_at: Date;
  workshops: number;
}

const revisionColumns = `kit.id, kit.name, kit_revision.number as revision, kit_revision.id as revision_id,
         kit_revision.supply_volt, kit_revision.board, kit_revision.soldering_order, kit_revision.created_at as imported_at,
         (select count(*)::int from workshop where workshop.revision_id = kit_revision.id) as workshops`;
const ofKits = 'from kit join kit_revision on kit_revision.kit_id = kit.id';
const newestRevisions = `select distinct on (kit.id) ${revisionColumns} ${ofKits}`;

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

/** One revision of a kit by its number. */
export async function selectRevision(
  db: Queryable,
  kitId: string,
  number: number,
): Promise<StoredRevision | undefined> {
  const [row] = await db.query<RevisionRow>(
    `select ${revisionColumns} ${ofKits} where kit.id = $1 and kit_revision.number = $2`,
    [kitId, number],
  );
  return row && withLines(db, row);
}

/** Newest first. */
export async function selectRevisions(db: Queryable, kitId: string): Promise<RevisionSummary[]> {
  const rows = await db.query<RevisionSummary & { imported_at: Date }>(
    `select number, created_at as imported_at,
            (select coalesce(sum(quantity), 0)::int from part_line
              where revision_id = kit_revision.id and supply <> 'not-in-kit') as pieces,
            (select count(*)::int from workshop where revision_id = kit_revision.id) as workshops
       from kit_revision where kit_id = $1 order by number desc`,
    [kitId],
  );
  return rows.map(({ imported_at, number, pieces, workshops }) => ({
    number,
    importedAt: imported_at.toISOString(),
    pieces,
    workshops,
  }));
}

interface LineRow {
  designators: string[];
  quantity: number;
  family: FamilyId;
  value: Part['value'];
  pins: number | null;
  description: string;
  supply: Part['supply'];
  lot_note: Part['lotNote'] | null;
  confidence: KitLine['confidence'];
}

async function withLines(db: Queryable, row: RevisionRow): Promise<StoredRevision> {
  const lines = await db.query<LineRow>(
    'select * from part_line where revision_id = $1 order by position',
    [row.revision_id],
  );
  const errata = await db.query<Erratum>(
    'select designators, text from erratum where revision_id = $1 order by position',
    [row.revision_id],
  );
  return {
    id: row.id,
    name: row.name,
    revision: row.revision,
    revisionId: row.revision_id,
    supplyVolt: row.supply_volt,
    importedAt: row.imported_at.toISOString(),
    workshops: row.workshops,
    board: row.board,
    order: settingsOf(row.soldering_order),
    errata,
    lines: lines.map((line) => ({
      confidence: line.confidence,
      part: {
        designators: line.designators,
        quantity: line.quantity,
        family: line.family,
        value: line.value,
        description: line.description,
        supply: line.supply,
        ...(line.pins === null ? {} : { pins: line.pins }),
        ...(line.lot_note ? { lotNote: line.lot_note } : {}),
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

export async function rememberFamily(
  db: Queryable,
  wording: string,
  family: string,
): Promise<void> {
  await db.query(
    `insert into remembered_family (wording, family) values ($1, $2)
     on conflict (wording) do update set family = excluded.family`,
    [wording, family],
  );
}

export async function rememberedFamilies(db: Queryable): Promise<RememberedFamilies> {
  const rows = await db.query<{ wording: string; family: string }>(
    'select wording, family from remembered_family',
  );
  return Object.fromEntries(rows.map(({ wording, family }) => [wording, family]));
}
