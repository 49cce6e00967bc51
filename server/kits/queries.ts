import { checkStrictly } from '#contract/check';
import type { NewerParts } from '#contract/kitDocument';
import {
  type Kit,
  type KitPart,
  type Revision,
  type RevisionSummary,
  wiredKitOf,
} from '#contract/kits';
import { erratumSchema, type KitLine, kitLineSchema } from '#contract/parts';
import type { KitPictures } from '#contract/pictures';
import type { Schema } from '#contract/schema';
import { StoredProblem } from '#contract/stored';
import {
  storedBoard,
  storedCircuitNotes,
  storedFigures,
  storedLotNote,
  storedOrder,
  storedOwnType,
  storedValue,
} from '#contract/storedKinds';
import type { Board } from '#core/board/board';
import { basisOf } from '#core/circuit/kitFigures';
import type { CircuitNotes } from '#core/circuit/notes';
import { type OrderSettings, settingsOf } from '#core/order/settings';
import type { Erratum } from '#core/parts/erratum';
import type { FamilyId } from '#core/parts/families/ids';
import { isFamilyId } from '#core/parts/families/index';
import type { OwnType, OwnTypes } from '#core/parts/types/ownType';
import type { RememberedFamilies } from '#core/partslist/wording';
import type { Queryable } from '../db/database.ts';
import { json, jsonOrNull, read, readOnceOrNull, readOrNull } from '../db/stored.ts';

/** A revision as it is stored; steps are computed from it. */
export type StoredRevision = Revision;

export interface NewKit {
  readonly id: string;
  readonly name: string;
  readonly description?: string;
  readonly tags?: readonly string[];
  /** Of a kit file that a newer version wrote. */
  readonly newer?: NewerParts;
}

/** @returns false where the name is taken */
export async function insertKit(
  db: Queryable,
  { id, name, description = '', tags = [], newer }: NewKit,
): Promise<boolean> {
  const rows = await db.query(
    `insert into kit (id, name, description, tags, newer)
     values ($1, $2, $3, array(select jsonb_array_elements_text($4::jsonb)), $5::jsonb)
     on conflict do nothing returning id`,
    [id, name, description, JSON.stringify(tags), newer ? JSON.stringify(newer) : null],
  );
  return rows.length === 1;
}

/** What its kit file said that this version does not know; undefined where there was nothing. */
export async function selectNewer(db: Queryable, kitId: string): Promise<NewerParts | undefined> {
  const [row] = await db.query<{ newer: NewerParts | null }>(
    'select newer from kit where id = $1',
    [kitId],
  );
  return row?.newer ?? undefined;
}

export interface RevisionContent {
  readonly supplyVolt: number | null;
  readonly lines: readonly KitLine[];
  readonly errata: readonly Erratum[];
  readonly board: Board | null;
  readonly circuitNotes: CircuitNotes;
  readonly order: OrderSettings;
}

/** @returns the number of the new revision */
export async function insertRevision(
  db: Queryable,
  { id, kitId, content }: { id: string; kitId: string; content: RevisionContent },
): Promise<number> {
  const [row] = await db.query<{ number: number }>(
    `insert into kit_revision (id, kit_id, number, supply_volt, board, circuit_notes, soldering_order)
     select $1::uuid, $2::uuid, coalesce(max(number), 0) + 1, $3::double precision, $4::jsonb, $5::jsonb, $6::jsonb
       from kit_revision where kit_id = $2::uuid
     returning number`,
    [
      id,
      kitId,
      content.supplyVolt,
      jsonOrNull(storedBoard, content.board),
      json(storedCircuitNotes, content.circuitNotes),
      json(storedOrder, content.order),
    ],
  );
  await insertLines(db, id, content.lines);
  await insertErrata(db, id, content.errata);
  return row?.number ?? 1;
}

/** Puts other lines in the place of a revision's; only for one that no workshop is planned on, like all that follow. */
export async function replaceLines(
  tx: Queryable,
  revisionId: string,
  lines: readonly KitLine[],
): Promise<void> {
  await tx.query('delete from part_line where revision_id = $1', [revisionId]);
  await insertLines(tx, revisionId, lines);
}

export async function replaceErrata(
  tx: Queryable,
  revisionId: string,
  errata: readonly Erratum[],
): Promise<void> {
  await tx.query('delete from erratum where revision_id = $1', [revisionId]);
  await insertErrata(tx, revisionId, errata);
}

export async function replaceSupply(
  tx: Queryable,
  revisionId: string,
  supplyVolt: number | null,
): Promise<void> {
  await tx.query('update kit_revision set supply_volt = $2 where id = $1', [
    revisionId,
    supplyVolt,
  ]);
}

export async function replaceOrder(
  tx: Queryable,
  revisionId: string,
  order: OrderSettings,
): Promise<void> {
  await tx.query('update kit_revision set soldering_order = $2::jsonb where id = $1', [
    revisionId,
    json(storedOrder, order),
  ]);
}

export async function replaceBoard(
  tx: Queryable,
  revisionId: string,
  board: Board | null,
): Promise<void> {
  await tx.query('update kit_revision set board = $2::jsonb where id = $1', [
    revisionId,
    jsonOrNull(storedBoard, board),
  ]);
}

export async function replaceCircuitNotes(
  tx: Queryable,
  revisionId: string,
  notes: CircuitNotes,
): Promise<void> {
  await tx.query('update kit_revision set circuit_notes = $2::jsonb where id = $1', [
    revisionId,
    json(storedCircuitNotes, notes),
  ]);
}

const versionColumns: Readonly<Record<KitPart, string>> = {
  lines: 'lines_version',
  errata: 'errata_version',
  supply: 'supply_version',
  order: 'order_version',
  board: 'board_version',
  circuit: 'circuit_version',
};

/**
 * Raises the version of a part of a kit, if it is still the one that was read: both in one statement, so that of two
 * changes made from one reading one wins.
 *
 * @returns the version from now on; undefined where somebody else was first, or there is no such kit
 */
export async function raiseVersion(
  tx: Queryable,
  kitId: string,
  part: KitPart,
  basedOn: number,
): Promise<number | undefined> {
  const column = versionColumns[part];
  const [row] = await tx.query<{ version: number }>(
    `update kit set ${column} = ${column} + 1 where id = $1 and ${column} = $2 returning ${column} as version`,
    [kitId, basedOn],
  );
  return row?.version;
}

/** After an import: whoever has an older reading open must read again. */
export async function raiseImported(tx: Queryable, kitId: string): Promise<void> {
  await tx.query(
    'update kit set lines_version = lines_version + 1, supply_version = supply_version + 1 where id = $1',
    [kitId],
  );
}

async function insertLines(
  db: Queryable,
  revisionId: string,
  lines: readonly KitLine[],
): Promise<void> {
  const rows = lines.map(({ part, confidence, doubts = [] }, position) => ({
    ...part,
    position,
    confidence,
    value: json(storedValue, part.value),
    pins: part.pins ?? null,
    lotNote: jsonOrNull(storedLotNote, part.lotNote),
    package: part.package ?? null,
    remarks: part.remarks ?? null,
    showRemarks: part.showRemarks ?? false,
    mounting: part.mounting ?? null,
    doubts,
  }));
  // One statement whatever the number of lines.
  await db.query(
    `insert into part_line (revision_id, position, designators, quantity, family, value, pins, description, supply, lot_note, confidence, package, remarks, show_remarks, mounting, doubts)
     select $1::uuid, position, designators, quantity, family, value::jsonb, pins, description, supply, "lotNote"::jsonb, confidence,
            package, remarks, "showRemarks", mounting, doubts
       from jsonb_to_recordset($2::jsonb) as line (position integer, designators jsonb, quantity integer, family text,
            value text, pins integer, description text, supply text, "lotNote" text, confidence text, package text, remarks text, "showRemarks" boolean, mounting jsonb, doubts jsonb)`,
    [revisionId, JSON.stringify(rows)],
  );
}

async function insertErrata(
  db: Queryable,
  revisionId: string,
  errata: readonly Erratum[],
): Promise<void> {
  const rows = errata.map((erratum, position) => ({ ...erratum, position }));
  await db.query(
    `insert into erratum (revision_id, position, designators, text)
     select $1::uuid, position, designators, text
       from jsonb_to_recordset($2::jsonb) as listed (position integer, designators jsonb, text text)`,
    [revisionId, JSON.stringify(rows)],
  );
}

interface RevisionRow {
  id: string;
  name: string;
  revision: number;
  revision_id: string;
  supply_volt: number | null;
  board: unknown;
  circuit_notes: unknown;
  figures: unknown;
  soldering_order: unknown;
  imported_at: Date;
  workshops: number;
  lines: LineRow[] | null;
  errata: unknown[] | null;
}

type VersionRow = RevisionRow & { readonly [Part in KitPart as `${Part}_version`]: number } & {
  readonly description: string;
  readonly pictures: KitPictures | null;
  readonly tags: string[];
  readonly archived_at: Date | null;
  readonly about_version: number;
};

const revisionColumns = `kit.id, kit.name, kit_revision.number as revision, kit_revision.id as revision_id,
         kit_revision.supply_volt, kit_revision.soldering_order, kit_revision.created_at as imported_at,
         (select count(*)::int from workshop where workshop.revision_id = kit_revision.id and workshop.removed_at is null) as workshops,
         (select json_agg(json_build_object('designators', designators, 'quantity', quantity, 'family', family,
                   'value', value, 'pins', pins, 'description', description, 'supply', supply,
                   'lotNote', lot_note, 'confidence', confidence, 'package', package, 'remarks', remarks,
                   'showRemarks', show_remarks, 'mounting', mounting, 'doubts', doubts) order by position)
            from part_line where part_line.revision_id = kit_revision.id) as lines,
         (select json_agg(json_build_object('designators', designators, 'text', text) order by position)
            from erratum where erratum.revision_id = kit_revision.id) as errata, kit_revision.board, kit_revision.circuit_notes, kit_revision.figures`;
const versions = Object.values(versionColumns)
  .map((column) => `kit.${column}`)
  .join(', ');
const ofKits =
  'from kit join kit_revision on kit_revision.kit_id = kit.id and kit.removed_at is null';

/** The newest revision of every kit, by name. */
export async function selectKits(db: Queryable): Promise<StoredRevision[]> {
  const rows = await db.query<RevisionRow>(
    `select distinct on (kit.id) ${revisionColumns} ${ofKits}
      order by kit.id, kit_revision.number desc`,
  );
  return rows.map(revisionOf).sort((a, b) => a.name.localeCompare(b.name));
}

/** The newest revision of a kit, with the versions of its parts. */
export async function selectKit(db: Queryable, id: string): Promise<Kit | undefined> {
  const [row] = await db.query<VersionRow>(
    `select ${revisionColumns}, ${versions}, kit.description, kit.tags, kit.archived_at, kit.about_version,
            (select jsonb_object_agg(purpose, jsonb_build_object('hash', hash, 'alt', alt))
               from kit_picture where kit_picture.kit_id = kit.id) as pictures
            ${ofKits} where kit.id = $1
      order by kit_revision.number desc limit 1`,
    [id],
  );
  return (
    row && {
      ...revisionOf(row),
      about: {
        description: row.description,
        tags: row.tags,
        archivedAt: row.archived_at?.toISOString() ?? null,
        version: row.about_version,
        pictures: row.pictures ?? {},
      },
      versions: {
        lines: row.lines_version,
        errata: row.errata_version,
        supply: row.supply_version,
        order: row.order_version,
        board: row.board_version,
        circuit: row.circuit_version,
      },
    }
  );
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
  return row && revisionOf(row);
}

/** Newest first. */
export async function selectRevisions(db: Queryable, kitId: string): Promise<RevisionSummary[]> {
  const rows = await db.query<RevisionSummary & { imported_at: Date }>(
    `select number, created_at as imported_at,
            (select coalesce(sum(quantity), 0)::int from part_line
              where revision_id = kit_revision.id and supply <> 'not-in-kit') as pieces,
            (select count(*)::int from workshop where revision_id = kit_revision.id and workshop.removed_at is null) as workshops
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
  readonly value: unknown;
  readonly pins: number | null;
  readonly lotNote: unknown;
  readonly confidence: unknown;
  readonly package: string | null;
  readonly remarks: string | null;
  readonly showRemarks: boolean;
  readonly mounting: unknown;
  readonly doubts: unknown;
}

function revisionOf(row: RevisionRow): StoredRevision {
  const revision: StoredRevision = {
    id: row.id,
    name: row.name,
    revision: row.revision,
    revisionId: row.revision_id,
    supplyVolt: row.supply_volt,
    importedAt: row.imported_at.toISOString(),
    workshops: row.workshops,
    board: readOnceOrNull(storedBoard, row.board),
    circuitNotes: readOnceOrNull(storedCircuitNotes, row.circuit_notes) ?? {},
    order: settingsOf(readOrNull(storedOrder, row.soldering_order)),
    errata: (row.errata ?? []).map((erratum) => whole('A known problem', erratumSchema, erratum)),
    lines: (row.lines ?? []).map(lineOf),
  };
  const figures = figuresOf(row.figures, revision);
  return figures ? { ...revision, figures } : revision;
}

/** Only what was worked out from the revision as it is now. */
function figuresOf(stored: unknown, revision: StoredRevision) {
  const figures = readOnceOrNull(storedFigures, stored);
  return figures && figures.basis === basisOf(wiredKitOf(revision)) ? figures : undefined;
}

function lineOf(row: LineRow): KitLine {
  const {
    confidence,
    doubts,
    value,
    pins,
    lotNote,
    package: body,
    remarks,
    showRemarks,
    mounting,
    ...part
  } = row;
  const note = readOrNull(storedLotNote, lotNote);
  return whole('A line of a parts list', kitLineSchema, {
    confidence,
    ...(Array.isArray(doubts) && doubts.length > 0 ? { doubts } : {}),
    part: {
      ...part,
      value: read(storedValue, value),
      ...(pins === null ? {} : { pins }),
      ...(body === null ? {} : { package: body }),
      ...(remarks === null ? {} : { remarks }),
      ...(showRemarks ? { showRemarks: true } : {}),
      ...(mounting ? { mounting } : {}),
      ...(note ? { lotNote: note } : {}),
    },
  });
}

/** What columns hold, put together: as sure as what was sent. */
function whole<T>(what: string, schema: Schema<T>, value: unknown): T {
  const found = checkStrictly(schema, value);
  if (found.ok) return found.value;
  throw new StoredProblem(what, `${found.errors[0]?.field}: ${found.errors[0]?.says.says}`);
}

export async function rememberFamily(
  db: Queryable,
  wording: string,
  family: FamilyId,
): Promise<void> {
  await db.query(
    `insert into remembered_family (wording, family) values ($1, $2)
     on conflict (wording) do update set family = excluded.family`,
    [wording, family],
  );
}

/** A family that is not known here says nothing about a line. */
export async function rememberedFamilies(db: Queryable): Promise<RememberedFamilies> {
  const rows = await db.query<{ wording: string; family: string }>(
    'select wording, family from remembered_family',
  );
  return Object.fromEntries(
    rows.flatMap(({ wording, family }) => (isFamilyId(family) ? [[wording, family]] : [])),
  );
}

export async function rememberOwnType(db: Queryable, number: string, type: OwnType): Promise<void> {
  await db.query(
    `insert into own_type (number, type) values ($1, $2::jsonb)
     on conflict (number) do update set type = excluded.type`,
    [number, json(storedOwnType, type)],
  );
}

/** @returns whether there was such a number */
export async function forgetOwnType(db: Queryable, number: string): Promise<boolean> {
  const gone = await db.query('delete from own_type where number = $1 returning number', [number]);
  return gone.length > 0;
}

export async function ownTypes(db: Queryable): Promise<OwnTypes> {
  const rows = await db.query<{ number: string; type: unknown }>(
    'select number, type from own_type',
  );
  return Object.fromEntries(rows.map(({ number, type }) => [number, read(storedOwnType, type)]));
}
