import { useCallback, useState } from 'react';
import { getOwnTypes, getRememberedFamilies, getRememberedMapping } from '#contract/kits';
import type { OwnTypes } from '#core/parts/types/ownType';
import { type ColumnId, guessMapping, type Mapping } from '#core/partslist/columns';
import { type DecodeProblem, decodeTable, type Encoding } from '#core/partslist/decode';
import { editRow, type RowCells, writeTable } from '#core/partslist/editTable';
import { type PartsListReading, readPartsList } from '#core/partslist/readPartsList';
import { readTable } from '#core/partslist/readTable';
import type { Table } from '#core/partslist/table';
import type { RememberedFamilies } from '#core/partslist/wording';
import { call } from '../app/call.ts';

/** A file that could be read as a table, and what is made of it. */
export interface OpenPartsList {
  /** The list as CSV, corrections included. */
  readonly text: string;
  readonly table: Table;
  /** The line of the headings as a person chose it; undefined where they were found. */
  readonly headingLine?: number;
  readonly mapping: Mapping;
  /** What people said of lines with the same words before. */
  readonly remembered: RememberedFamilies;
  /** What they said of numbers that the catalogue does not know. */
  readonly ownTypes: OwnTypes;
  readonly reading: PartsListReading;
}

export interface PartsListFile {
  readonly fileName: string | undefined;
  readonly open: OpenPartsList | undefined;
  /** Why the file cannot be read at all, and what to do. */
  readonly problem: DecodeProblem | undefined;
  readonly choose: (file: File) => void;
  readonly readAs: (encoding: Encoding) => void;
  /** Says what the column at an index means; undefined means nothing that is needed. */
  readonly mapColumn: (index: number, meaning: ColumnId | undefined) => void;
  /** Reads the list again with its headings in that line, counted from 1; 0 for a list without. */
  readonly headingsAt: (line: number) => void;
  /** Puts other cells into a row, by the line it has in the file. */
  readonly correctRow: (line: number, cells: RowCells) => void;
}

interface Chosen {
  readonly fileName: string;
  readonly bytes: Uint8Array;
  readonly encoding: Encoding;
}

/** The parts list file that is being looked at, before it is stored. */
export function usePartsListFile(): PartsListFile {
  const [chosen, setChosen] = useState<Chosen>();
  const [open, setOpen] = useState<OpenPartsList>();
  const [problem, setProblem] = useState<DecodeProblem>();

  const read = useCallback(async (next: Chosen, headingLine?: number) => {
    setChosen(next);
    setOpen(undefined);
    setProblem(undefined);
    const text = decodeTable(next.bytes, next.encoding);
    if (!text.ok) return setProblem(text.problem);
    const table = readTable(text.value, headingLine);
    if (!table.ok) return setProblem({ message: table.problem });
    const mapping = (await rememberedFor(table.value)) ?? guessMapping(table.value);
    const remembered = (await orNothing(() => call(getRememberedFamilies, {}))) ?? {};
    const ownTypes = (await orNothing(() => call(getOwnTypes, {}))) ?? {};
    setOpen(
      opened({
        text: text.value,
        table: table.value,
        mapping,
        remembered,
        ownTypes,
        ...(headingLine === undefined ? {} : { headingLine }),
      }),
    );
  }, []);

  return {
    fileName: chosen?.fileName,
    open,
    problem,
    choose: (file) =>
      void file
        .arrayBuffer()
        .then((bytes) =>
          read({ fileName: file.name, bytes: new Uint8Array(bytes), encoding: 'utf-8' }),
        ),
    readAs: (encoding) => chosen && void read({ ...chosen, encoding }),
    headingsAt: (line) => chosen && void read(chosen, line),
    mapColumn: (index, meaning) => {
      if (!open) return;
      const rest = Object.entries(open.mapping).filter(
        ([id, column]) => column !== index && id !== meaning,
      );
      const mapping: Mapping = Object.fromEntries(meaning ? [...rest, [meaning, index]] : rest);
      setOpen(opened({ ...open, mapping }));
    },
    correctRow: (line, cells) => {
      if (!open) return;
      const edited = editRow(open, line, cells);
      // Written anew, the headings come first.
      setOpen(opened({ ...open, ...edited, text: writeTable(edited.table), headingLine: 1 }));
    },
  };
}

function opened(list: Omit<OpenPartsList, 'reading'>): OpenPartsList {
  return {
    ...list,
    reading: readPartsList(list.table, list.mapping, list.remembered, list.ownTypes),
  };
}

/** How columns with these headings were read last. */
const rememberedFor = async (table: Table): Promise<Mapping | undefined> =>
  (await orNothing(() =>
    call(getRememberedMapping, { body: { headings: [...table.headings] } }),
  )) ?? undefined;

/** What is remembered only helps: without an answer the guess must do. */
async function orNothing<Reply>(ask: () => Promise<Reply>): Promise<Reply | undefined> {
  try {
    return await ask();
  } catch {
    return undefined;
  }
}
