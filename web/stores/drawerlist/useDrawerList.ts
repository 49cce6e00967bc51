import { useState } from 'react';
import { useListFile } from '../../lists/useListFile.ts';
import type { DrawerListFile, OpenDrawerList } from './openDrawerList.ts';

/** The reader, and what shows what it has read. */
const loadReader = async () => {
  const [reader] = await Promise.all([
    import('./openDrawerList.ts'),
    import('./DrawersTakenOver.tsx'),
  ]);
  return reader;
};
type Reader = Awaited<ReturnType<typeof loadReader>>;

/** A list of drawers that is looked over, before anything of it is stored. */
export function useDrawerList(): DrawerListFile {
  const { file, open, setOpen, load } = useListFile<OpenDrawerList, Reader>(loadReader);
  const [lists, setLists] = useState(0);
  return {
    ...file,
    choose: (chosen) => {
      setLists((count) => count + 1);
      file.choose(chosen);
    },
    paste: (text) => {
      setLists((count) => count + 1);
      file.paste(text);
    },
    open,
    lists,
    mapColumn: async (index, meaning) => {
      const loaded = await load();
      if (loaded) setOpen((now) => now && loaded.reader.remapped(now, index, meaning));
    },
  };
}
