import { getRememberedMapping } from '#contract/kits';
import type { ColumnId } from '#core/partslist/columns';
import {
  editRow,
  type MappedTable,
  type RowCells,
  withoutRow,
  withRow,
  writeTable,
} from '#core/partslist/editTable';
import { datesTaken } from '#core/partslist/files/openFile';
import { guessMapping, type Mapping } from '#core/partslist/guessMapping';
import { withPlacesApart } from '#core/partslist/placesApart';
import { type PartsListReading, readPartsList } from '#core/partslist/readPartsList';
import { readTable } from '#core/partslist/readTable';
import type { KnownBefore } from '#core/partslist/rowReader';
import type { Table } from '#core/partslist/table';
import { call } from '../../app/call.ts';
import { knownBefore, orNothing } from '../../lists/knownBefore.ts';
import { type ListFile, mapped, type OpenTable } from '../../lists/useListFile.ts';

// What is made of a table as a parts list: loaded beside the page, for whoever has chosen one.

/** A list that could be read as a table, and what is made of it; corrections included. */
export interface OpenPartsList extends OpenTable, KnownBefore {
  readonly mapping: Mapping;
  readonly reading: PartsListReading;
}

/** What is kept of a list that is not taken over yet. */
export interface LeftList {
  /** The list as CSV, with its corrections; empty where there is none. */
  readonly csv: string;
  readonly mapping: Mapping;
  /** The line of the headings, counted from 1; 0 where they are found. */
  readonly headingLine: number;
}

export interface PartsListFile extends ListFile {
  readonly open: OpenPartsList | undefined;
  /** Says what the column at an index means; undefined means nothing that is needed. */
  readonly mapColumn: (index: number, meaning: ColumnId | undefined) => void;
  /** Puts other cells into a row, by the line it has in the file. */
  readonly correctRow: (line: number, cells: RowCells) => void;
  /** Puts a row at the end. */
  readonly addRow: (cells: RowCells) => void;
  readonly leaveOutRow: (line: number) => void;
  /** Goes on with a list that was left, as far as it was corrected then. */
  readonly resume: (list: LeftList) => Promise<void>;
}

export async function understood(opened: OpenTable): Promise<OpenPartsList> {
  const table = withPlacesApart(opened.table);
  const written = table === opened.table ? {} : { text: writeTable(table), headingLine: 1 };
  const mapping = (await rememberedFor(table)) ?? guessMapping(table);
  return read({ ...opened, table, ...written, mapping, ...(await knownBefore()) });
}

/** A list that was left, as far as it was corrected then; undefined where it is no table any more. */
export async function resumed({ csv, mapping, headingLine }: LeftList) {
  const heading = headingLine > 0 ? { headingLine } : {};
  const table = readTable(csv, heading.headingLine);
  return table.ok
    ? read({ text: csv, table: table.value, mapping, ...heading, ...(await knownBefore()) })
    : undefined;
}

export const remapped = (open: OpenPartsList, index: number, meaning: ColumnId | undefined) =>
  read({ ...open, mapping: mapped(open.mapping, index, meaning) });

export const withRowCorrected = (open: OpenPartsList, line: number, cells: RowCells) =>
  changed(open, editRow(open, line, cells));

export function withRowAdded(open: OpenPartsList, cells: RowCells): OpenPartsList {
  const more = withRow(open);
  return changed(open, editRow(more, more.line, cells));
}

export const withRowLeftOut = (open: OpenPartsList, line: number) =>
  changed(open, withoutRow(open, line));

/** Written anew, the headings come first, and what was corrected is no day any more. */
function changed(open: OpenPartsList, { table, mapping }: MappedTable): OpenPartsList {
  const { sheet: _, ...rest } = open;
  return read({ ...rest, table, mapping, text: writeTable(table), headingLine: 1 });
}

function read(list: Omit<OpenPartsList, 'reading'>): OpenPartsList {
  const { table, mapping, remembered, ownTypes, sheet } = list;
  const reading = readPartsList(table, mapping, remembered, ownTypes);
  const problems = [...reading.problems, ...(sheet ? datesTaken(sheet, table, mapping) : [])];
  return { ...list, reading: { ...reading, problems } };
}

/** How columns with these headings were read last. */
const rememberedFor = async (table: Table): Promise<Mapping | undefined> =>
  (await orNothing(() =>
    call(getRememberedMapping, { body: { headings: [...table.headings] } }),
  )) ?? undefined;
