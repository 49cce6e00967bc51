import { useCallback, useState } from 'react';
import { getOwnTypes, getRememberedFamilies, getRememberedMapping } from '#contract/kits';
import type { OwnTypes } from '#core/parts/types/ownType';
import { type ColumnId, guessMapping, type Mapping } from '#core/partslist/columns';
import type { DecodeProblem, Encoding } from '#core/partslist/decode';
import {
  editRow,
  type MappedTable,
  type RowCells,
  withoutRow,
  withRow,
  writeTable,
} from '#core/partslist/editTable';
import {
  datesTaken,
  largestFile,
  openFile,
  sheetAsCsv,
  textAsCsv,
  tooLarge,
} from '#core/partslist/files/openFile';
import type { Sheet } from '#core/partslist/files/workbook';
import { type PartsListReading, readPartsList } from '#core/partslist/readPartsList';
import { readTable } from '#core/partslist/readTable';
import type { Table } from '#core/partslist/table';
import type { RememberedFamilies } from '#core/partslist/wording';
import { call } from '../../app/call.ts';

/** A list that could be read as a table, and what is made of it. */
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

/** The document of a kit file, not checked yet. */
export type OpenDocument = Readonly<Record<string, unknown>>;

export interface PartsListFile {
  readonly fileName: string | undefined;
  readonly open: OpenPartsList | undefined;
  /** Where the file is a whole kit. */
  readonly document: OpenDocument | undefined;
  /** A photo or scan, which is read with a person’s help; gone when it has been. */
  readonly picture: Uint8Array | undefined;
  /** What was read from the picture: goes on like any other table, and the straight sheet stays with the kit. */
  readonly pictureRead: (csv: string, sheet: Blob | undefined) => void;
  /** The straight sheet that the list was read from. */
  readonly sheetPicture: Blob | undefined;
  /** Of a spreadsheet, with the one that is read. */
  readonly sheets: readonly Sheet[];
  readonly sheet: number;
  readonly chooseSheet: (index: number) => void;
  /** Lines of text around the table on the page, which are no parts. */
  readonly beside: readonly string[];
  /** Why the file cannot be read at all, and what to do. */
  readonly problem: DecodeProblem | undefined;
  readonly choose: (file: File) => void;
  /** A table from a spreadsheet or a page, or lines as people write them. */
  readonly paste: (text: string) => void;
  readonly readAs: (encoding: Encoding) => void;
  /** Says what the column at an index means; undefined means nothing that is needed. */
  readonly mapColumn: (index: number, meaning: ColumnId | undefined) => void;
  /** Reads the list again with its headings in that line, counted from 1; 0 for a list without. */
  readonly headingsAt: (line: number) => void;
  /** Puts other cells into a row, by the line it has in the file. */
  readonly correctRow: (line: number, cells: RowCells) => void;
  /** Puts a row at the end. */
  readonly addRow: (cells: RowCells) => void;
  readonly leaveOutRow: (line: number) => void;
}

/** What was chosen, opened as far as it needs no choice of a person. */
interface Chosen {
  readonly fileName?: string;
  readonly bytes?: Uint8Array;
  readonly csv?: string;
  readonly picture?: Uint8Array;
  readonly sheetPicture?: Blob;
  readonly beside: readonly string[];
  readonly sheets: readonly Sheet[];
  readonly sheet: number;
}

const nothing: Chosen = { sheets: [], sheet: 0, beside: [] };

const engines = {
  openPdf: async (bytes: Uint8Array) => (await import('./openPdf.ts')).openPdf(bytes),
  drawPdf: async (bytes: Uint8Array) => (await import('./openPdf.ts')).drawPdf(bytes),
};

/** The parts list that is being looked at, before it is stored: out of a file of any kind, or pasted. */
export function usePartsListFile(): PartsListFile {
  const [chosen, setChosen] = useState<Chosen>(nothing);
  const [open, setOpen] = useState<OpenPartsList>();
  const [document, setDocument] = useState<OpenDocument>();
  const [problem, setProblem] = useState<DecodeProblem>();

  const startWith = useCallback((next: Chosen) => {
    setChosen(next);
    setOpen(undefined);
    setDocument(undefined);
    setProblem(undefined);
  }, []);

  const read = useCallback(
    async (next: Chosen, headingLine?: number) => {
      startWith(next);
      const sheet = next.sheets[next.sheet];
      const csv = sheet ? sheetAsCsv(sheet) : (next.csv ?? '');
      const table = readTable(csv, headingLine);
      if (!table.ok) return setProblem({ message: table.problem });
      const mapping = (await rememberedFor(table.value)) ?? guessMapping(table.value);
      const remembered = (await orNothing(() => call(getRememberedFamilies, {}))) ?? {};
      const ownTypes = (await orNothing(() => call(getOwnTypes, {}))) ?? {};
      setOpen(
        opened(
          {
            text: csv,
            table: table.value,
            mapping,
            remembered,
            ownTypes,
            ...(headingLine === undefined ? {} : { headingLine }),
          },
          sheet,
        ),
      );
    },
    [startWith],
  );

  const openBytes = useCallback(
    async (fileName: string, bytes: Uint8Array, encoding: Encoding) => {
      const start = { ...nothing, fileName, bytes };
      startWith(start);
      const file = await openFile(bytes, encoding, engines);
      if (!file.ok) return setProblem(file.problem);
      if (file.value.kind === 'kit') return setDocument(file.value.document);
      if (file.value.kind === 'picture') return startWith({ ...start, picture: file.value.bytes });
      if (file.value.kind === 'table') {
        return read({ ...start, csv: file.value.csv, beside: file.value.beside });
      }
      return read({ ...start, sheets: file.value.sheets, sheet: file.value.likeliest });
    },
    [read, startWith],
  );

  const sheet = chosen.sheets[chosen.sheet];
  /** Written anew, the headings come first, and what was corrected is no day any more. */
  const changed = ({ table, mapping }: MappedTable) =>
    open && setOpen(opened({ ...open, table, mapping, text: writeTable(table), headingLine: 1 }));
  return {
    fileName: chosen.fileName,
    open,
    document,
    picture: chosen.picture,
    pictureRead: (csv, sheetPicture) => {
      const { picture: _, ...rest } = chosen;
      void read({ ...rest, csv, ...(sheetPicture ? { sheetPicture } : {}) });
    },
    sheetPicture: chosen.sheetPicture,
    sheets: chosen.sheets,
    sheet: chosen.sheet,
    beside: chosen.beside,
    problem,
    chooseSheet: (index) => void read({ ...chosen, sheet: index }),
    choose: (file) => {
      if (file.size > largestFile) {
        startWith({ ...nothing, fileName: file.name });
        return setProblem({ message: tooLarge(file.size) });
      }
      void file.arrayBuffer().then((bytes) => openBytes(file.name, new Uint8Array(bytes), 'utf-8'));
    },
    paste: (text) => void read({ ...nothing, csv: textAsCsv(text) }),
    readAs: (encoding) =>
      chosen.bytes && void openBytes(chosen.fileName ?? '', chosen.bytes, encoding),
    headingsAt: (line) => void read(chosen, line),
    mapColumn: (index, meaning) => {
      if (!open) return;
      const rest = Object.entries(open.mapping).filter(
        ([id, column]) => column !== index && id !== meaning,
      );
      const mapping: Mapping = Object.fromEntries(meaning ? [...rest, [meaning, index]] : rest);
      setOpen(opened({ ...open, mapping }, sheet));
    },
    correctRow: (line, cells) => open && changed(editRow(open, line, cells)),
    addRow: (cells) => {
      if (!open) return;
      const more = withRow(open);
      changed(editRow(more, more.line, cells));
    },
    leaveOutRow: (line) => open && changed(withoutRow(open, line)),
  };
}

function opened(list: Omit<OpenPartsList, 'reading'>, sheet?: Sheet): OpenPartsList {
  const { table, mapping, remembered, ownTypes } = list;
  const reading = readPartsList(table, mapping, remembered, ownTypes);
  const problems = [...reading.problems, ...(sheet ? datesTaken(sheet, table, mapping) : [])];
  return { ...list, reading: { ...reading, problems } };
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
