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
import { type PartsListReading, readPartsList } from '#core/partslist/readPartsList';
import { readTable } from '#core/partslist/readTable';
import type { KnownBefore } from '#core/partslist/rowReader';
import type { Table } from '#core/partslist/table';
import { call } from '../../app/call.ts';
import { knownBefore, orNothing } from '../../lists/knownBefore.ts';
import { type ListFile, mapped, type OpenTable, useListFile } from '../../lists/useListFile.ts';

/** A list that could be read as a table, and what is made of it; corrections included. */
export interface OpenPartsList extends OpenTable, KnownBefore {
  readonly mapping: Mapping;
  readonly reading: PartsListReading;
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

/** What is kept of a list that is not taken over yet. */
export interface LeftList {
  /** The list as CSV, with its corrections; empty where there is none. */
  readonly csv: string;
  readonly mapping: Mapping;
  /** The line of the headings, counted from 1; 0 where they are found. */
  readonly headingLine: number;
}

/** The parts list that is being looked at, before it is stored: out of a file of any kind, or pasted. */
export function usePartsListFile(): PartsListFile {
  const { file, open, setOpen } = useListFile(understood);
  /** Written anew, the headings come first, and what was corrected is no day any more. */
  const changed = ({ table, mapping }: MappedTable) => {
    if (!open) return;
    const { sheet: _, ...rest } = open;
    setOpen(read({ ...rest, table, mapping, text: writeTable(table), headingLine: 1 }));
  };
  return {
    ...file,
    open,
    mapColumn: (index, meaning) =>
      open && setOpen(read({ ...open, mapping: mapped(open.mapping, index, meaning) })),
    correctRow: (line, cells) => open && changed(editRow(open, line, cells)),
    addRow: (cells) => {
      if (!open) return;
      const more = withRow(open);
      changed(editRow(more, more.line, cells));
    },
    leaveOutRow: (line) => open && changed(withoutRow(open, line)),
    resume: async ({ csv, mapping, headingLine }) => {
      const heading = headingLine > 0 ? { headingLine } : {};
      const table = readTable(csv, heading.headingLine);
      if (table.ok)
        setOpen(
          read({ text: csv, table: table.value, mapping, ...heading, ...(await knownBefore()) }),
        );
    },
  };
}

async function understood(opened: OpenTable): Promise<OpenPartsList> {
  const mapping = (await rememberedFor(opened.table)) ?? guessMapping(opened.table);
  return read({ ...opened, mapping, ...(await knownBefore()) });
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
