import { useState } from 'react';
import { getDrawerColumns, type ListedDrawer, type StockItem } from '#contract/stores';
import { mappingOf } from '#core/partslist/guessMapping';
import type { KnownBefore } from '#core/partslist/rowReader';
import {
  type DrawerColumnId,
  type DrawerMapping,
  drawerColumns,
} from '#core/stores/drawerlist/columns';
import { type MatchedDrawer, matchDrawers } from '#core/stores/drawerlist/matchDrawers';
import {
  type DrawerListReading,
  type ReadDrawer,
  readDrawers,
} from '#core/stores/drawerlist/readDrawers';
import { call } from '../../app/call.ts';
import { knownBefore, orNothing } from '../../lists/knownBefore.ts';
import { mapped, type OpenTable, useListFile } from '../../lists/useListFile.ts';

interface OpenDrawerList extends OpenTable, KnownBefore {
  readonly mapping: DrawerMapping;
  readonly reading: DrawerListReading;
}

/** What becomes of a line: a new drawer, a change of the one with that id, or nothing. */
export type Fate = 'new' | 'leave' | { readonly itemId: string };

/** A line with the drawer that it changes, as somebody has decided. */
export interface DecidedDrawer extends MatchedDrawer<StockItem> {
  readonly isLeftOut: boolean;
}

/** A list of drawers that is looked over, before anything of it is stored. */
export function useDrawerList(items: readonly StockItem[]) {
  const { file, open, setOpen } = useListFile(understood);
  const [fates, setFates] = useState<ReadonlyMap<number, Fate>>(new Map());
  const drawers = matchDrawers(open?.reading.drawers ?? [], items).map(
    ({ read, there }): DecidedDrawer => {
      const fate = fates.get(read.line);
      const isLeftOut = fate === 'leave';
      if (fate === undefined || isLeftOut) return { read, isLeftOut, ...(there ? { there } : {}) };
      const chosen = fate === 'new' ? undefined : items.find(({ id }) => id === fate.itemId);
      return { read, isLeftOut, ...(chosen ? { there: chosen } : {}) };
    },
  );
  return {
    file: {
      ...file,
      // Another list, other lines.
      choose: (chosen: File) => {
        setFates(new Map());
        file.choose(chosen);
      },
      paste: (text: string) => {
        setFates(new Map());
        file.paste(text);
      },
    },
    open,
    drawers,
    decide: ({ line }: ReadDrawer, fate: Fate) => setFates((now) => new Map(now).set(line, fate)),
    mapColumn: (index: number, meaning: DrawerColumnId | undefined) =>
      open && setOpen(read({ ...open, mapping: mapped(open.mapping, index, meaning) })),
  };
}

const understood = async (opened: OpenTable): Promise<OpenDrawerList> =>
  read({
    ...opened,
    mapping: (await rememberedFor(opened)) ?? mappingOf(opened.table, drawerColumns),
    ...(await knownBefore()),
  });

/** How columns with these headings were read last. */
const rememberedFor = async ({ table }: OpenTable): Promise<DrawerMapping | undefined> =>
  (await orNothing(() => call(getDrawerColumns, { body: { headings: [...table.headings] } }))) ??
  undefined;

const read = (list: Omit<OpenDrawerList, 'reading'>): OpenDrawerList => ({
  ...list,
  reading: readDrawers(list.table, list.mapping, list),
});

/** As it is sent. */
export const asListed = ({ read, there }: DecidedDrawer): ListedDrawer => ({
  there: there ? { itemId: there.id, version: there.version } : null,
  part: read.part,
  location: read.location,
  minimum: read.minimum ?? null,
  pieces: read.pieces ?? null,
  offers: read.offers.map(({ breaks, ...offer }) => ({ ...offer, breaks: [...breaks] })),
});
