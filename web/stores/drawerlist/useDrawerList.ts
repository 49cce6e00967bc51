import { useEffect, useState } from 'react';
import type { DrawerColumnId } from '#core/stores/drawerlist/columns';
import { type ListFile, type OpenTable, useListFile } from '../../lists/useListFile.ts';
import type { OpenDrawerList } from './openDrawerList.ts';

export interface DrawerListFile extends ListFile {
  readonly open: OpenDrawerList | undefined;
  /** How many lists were chosen: another list, other lines. */
  readonly lists: number;
  /** Says what the column at an index means; undefined means nothing that is needed. */
  readonly mapColumn: (index: number, meaning: DrawerColumnId | undefined) => void;
}

/** Comes beside the page: nobody waits for it before a list is chosen. */
const drawerLists = () => import('./openDrawerList.ts');

const understood = async (opened: OpenTable) => (await drawerLists()).understood(opened);

/** A list of drawers that is looked over, before anything of it is stored. */
export function useDrawerList(): DrawerListFile {
  const { file, open, setOpen } = useListFile(understood);
  const [lists, setLists] = useState(0);
  useEffect(() => void drawerLists(), []);
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
      const { remapped } = await drawerLists();
      setOpen((now) => now && remapped(now, index, meaning));
    },
  };
}
