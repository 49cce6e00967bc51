import { useListFile } from '../../lists/useListFile.ts';
import type { OpenPartsList, PartsListFile } from './openPartsList.ts';

/** The reader, and what shows what it has read. */
const loadReader = async () => {
  const [reader] = await Promise.all([import('./openPartsList.ts'), import('./ListRead.tsx')]);
  return reader;
};
type Reader = Awaited<ReturnType<typeof loadReader>>;

/** The parts list that is being looked at, before it is stored: out of a file of any kind, or pasted. */
export function usePartsListFile(): PartsListFile {
  const { file, open, setOpen, load } = useListFile<OpenPartsList, Reader>(loadReader);
  const change = async (to: (reader: Reader, open: OpenPartsList) => OpenPartsList) => {
    const loaded = await load();
    if (loaded) setOpen((now) => now && to(loaded.reader, now));
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
      const list = await (await load())?.reader.resumed(left);
      if (list) setOpen(list);
    },
  };
}
