import { useCallback, useEffect, useState } from 'react';
import { said } from '#core/learning/said';
import type { DecodeProblem, Encoding } from '#core/partslist/decode';
import type { Sheet } from '#core/partslist/files/workbook';
import type { Table } from '#core/partslist/table';

/** The document of a kit file, not checked yet. */
export type OpenDocument = Readonly<Record<string, unknown>>;

/** A table out of a file, before anybody knows what its columns mean. */
export interface OpenTable {
  /** The list as CSV. */
  readonly text: string;
  readonly table: Table;
  /** The line of the headings as a person chose it; absent where they were found. */
  readonly headingLine?: number;
  /** Of a spreadsheet, the one that is read. */
  readonly sheet?: Sheet;
}

/** A list that was chosen or pasted, of any form, opened as far as it needs no choice of a person. */
export interface ListFile {
  readonly fileName: string | undefined;
  /** A table was found in it. */
  readonly isOpen: boolean;
  /** Where the file is a whole kit. */
  readonly document: OpenDocument | undefined;
  /** Pages of a photo or scan, which are read with a person’s help; none when they have been. */
  readonly pictures: readonly Uint8Array[];
  /** What was read from the pictures: goes on like any other table. */
  readonly picturesRead: (csv: string, sheet: Blob | undefined) => void;
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
  /** As if none had been chosen. */
  readonly close: () => void;
  /** Reads the list again with its headings in that line, counted from 1; 0 for a list without. */
  readonly headingsAt: (line: number) => void;
}

/** What was chosen, opened as far as it needs no choice of a person. */
interface Chosen {
  readonly fileName?: string;
  readonly bytes?: Uint8Array;
  readonly csv?: string;
  readonly pictures: readonly Uint8Array[];
  readonly sheetPicture?: Blob;
  readonly beside: readonly string[];
  readonly sheets: readonly Sheet[];
  readonly sheet: number;
}

const nothing: Chosen = { sheets: [], sheet: 0, beside: [], pictures: [] };

const openers = () => import('./openers.ts');

/** What makes something of a table. */
interface Reader<List> {
  readonly understood: (opened: OpenTable) => Promise<List>;
}

const engines = {
  openPdf: async (bytes: Uint8Array) => (await import('./openPdf.ts')).openPdf(bytes),
  drawPdf: async (bytes: Uint8Array) => (await import('./openPdf.ts')).drawPdf(bytes),
};

/**
 * Opens lists of any form.
 *
 * @param loadReader what makes something of a table, which comes beside the page: nobody waits for it before a file is
 *   chosen; the same function at every call
 * @returns the file, what was made of its table, how to put something else in its place, and the reader, undefined where
 *   it cannot be had now, which is said then
 */
export function useListFile<List, Loaded extends Reader<List>>(loadReader: () => Promise<Loaded>) {
  const [chosen, setChosen] = useState<Chosen>(nothing);
  const [open, setOpen] = useState<List>();
  const [document, setDocument] = useState<OpenDocument>();
  const [problem, setProblem] = useState<DecodeProblem>();

  const load = useCallback(async () => {
    try {
      const [opening, reader] = await Promise.all([openers(), loadReader()]);
      return { ...opening, reader };
    } catch {
      setProblem({ message: said('ui.call.cannotBeReached') });
      return undefined;
    }
  }, [loadReader]);
  // What fails now is asked for again when somebody needs it.
  useEffect(() => void Promise.all([openers(), loadReader()]).catch(() => undefined), [loadReader]);

  const startWith = useCallback((next: Chosen) => {
    setChosen(next);
    setOpen(undefined);
    setDocument(undefined);
    setProblem(undefined);
  }, []);

  const read = useCallback(
    async (next: Chosen, headingLine?: number) => {
      startWith(next);
      const loaded = await load();
      if (!loaded) return;
      const { readTable, sheetAsCsv, reader } = loaded;
      const sheet = next.sheets[next.sheet];
      const text = sheet ? sheetAsCsv(sheet) : (next.csv ?? '');
      const table = readTable(text, headingLine);
      if (!table.ok) return setProblem({ message: table.problem });
      const list = await reader.understood({
        text,
        table: table.value,
        ...(headingLine === undefined ? {} : { headingLine }),
        ...(sheet ? { sheet } : {}),
      });
      setOpen(() => list);
    },
    [load, startWith],
  );

  const openBytes = useCallback(
    async (fileName: string, bytes: Uint8Array, encoding: Encoding) => {
      const start = { ...nothing, fileName, bytes };
      startWith(start);
      const loaded = await load();
      if (!loaded) return;
      const file = await loaded.openFile(bytes, encoding, engines);
      if (!file.ok) return setProblem(file.problem);
      if (file.value.kind === 'kit') return setDocument(file.value.document);
      if (file.value.kind === 'pictures') {
        return startWith({ ...start, pictures: file.value.pages });
      }
      if (file.value.kind === 'table') {
        return read({ ...start, csv: file.value.csv, beside: file.value.beside });
      }
      return read({ ...start, sheets: file.value.sheets, sheet: file.value.likeliest });
    },
    [load, read, startWith],
  );

  const file: ListFile = {
    fileName: chosen.fileName,
    isOpen: open !== undefined,
    document,
    pictures: chosen.pictures,
    picturesRead: (csv, sheetPicture) =>
      void read({ ...chosen, pictures: [], csv, ...(sheetPicture ? { sheetPicture } : {}) }),
    sheetPicture: chosen.sheetPicture,
    sheets: chosen.sheets,
    sheet: chosen.sheet,
    beside: chosen.beside,
    problem,
    chooseSheet: (index) => void read({ ...chosen, sheet: index }),
    choose: async (one) => {
      const loaded = await load();
      if (!loaded) return;
      if (one.size > loaded.largestFile) {
        startWith({ ...nothing, fileName: one.name });
        return setProblem({ message: loaded.tooLarge(one.size) });
      }
      return openBytes(one.name, new Uint8Array(await one.arrayBuffer()), 'utf-8');
    },
    paste: async (text) => {
      const loaded = await load();
      return loaded && read({ ...nothing, csv: loaded.textAsCsv(text) });
    },
    readAs: (encoding) =>
      chosen.bytes && void openBytes(chosen.fileName ?? '', chosen.bytes, encoding),
    close: () => startWith(nothing),
    headingsAt: (line) => void read(chosen, line),
  };
  return { file, open, setOpen, load };
}

/** The mapping with a column, by its index, meaning something else; each meaning has one column. */
export function mapped<Id extends string>(
  mapping: Readonly<Partial<Record<Id, number>>>,
  index: number,
  meaning: Id | undefined,
): Readonly<Partial<Record<Id, number>>> {
  const rest = Object.entries(mapping).filter(([id, column]) => column !== index && id !== meaning);
  return Object.fromEntries(meaning ? [...rest, [meaning, index]] : rest) as Partial<
    Record<Id, number>
  >;
}
