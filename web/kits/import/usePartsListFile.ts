import { useEffect } from 'react';
import type { ColumnId } from '#core/partslist/columns';
import type { RowCells } from '#core/partslist/editTable';
import { type ListFile, type OpenTable, useListFile } from '../../lists/useListFile.ts';
import type { LeftList, OpenPartsList } from './openPartsList.ts';

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

/** Comes beside the page: nobody waits for it before a list is chosen. */
const lists = () => import('./openPartsList.ts');

const understood = async (opened: OpenTable) => (await lists()).understood(opened);

/** The parts list that is being looked at, before it is stored: out of a file of any kind, or pasted. */
export function usePartsListFile(): PartsListFile {
  const { file, open, setOpen } = useListFile(understood);
  useEffect(() => void lists(), []);
  type Lists = Awaited<ReturnType<typeof lists>>;
  const change = async (to: (lists: Lists, open: OpenPartsList) => OpenPartsList) => {
    const read = await lists();
    setOpen((now) => now && to(read, now));
  };
  return {
    ...file,
    open,
    mapColumn: (index, meaning) =>
      void change(({ remapped }, open) => remapped(open, index, meaning)),
    correctRow: (line, cells) =>
      void change(({ withRowCorrected }, open) => withRowCorrected(open, line, cells)),
    addRow: (cells) => void change(({ withRowAdded }, open) => withRowAdded(open, cells)),
    leaveOutRow: (line) => void change(({ withRowLeftOut }, open) => withRowLeftOut(open, line)),
    resume: async (left) => {
      const list = await (await lists()).resumed(left);
      if (list) setOpen(list);
    },
  };
}
