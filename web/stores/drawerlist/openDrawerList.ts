import { getDrawerColumns } from '#contract/stores';
import { mappingOf } from '#core/partslist/guessMapping';
import type { KnownBefore } from '#core/partslist/rowReader';
import {
  type DrawerColumnId,
  type DrawerMapping,
  drawerColumns,
} from '#core/stores/drawerlist/columns';
import { type DrawerListReading, readDrawers } from '#core/stores/drawerlist/readDrawers';
import { call } from '../../app/call.ts';
import { knownBefore, orNothing } from '../../lists/knownBefore.ts';
import { type ListFile, mapped, type OpenTable } from '../../lists/useListFile.ts';

// What is made of a table as a list of drawers: loaded beside the page, for whoever has chosen one.

export interface OpenDrawerList extends OpenTable, KnownBefore {
  readonly mapping: DrawerMapping;
  readonly reading: DrawerListReading;
}

export interface DrawerListFile extends ListFile {
  readonly open: OpenDrawerList | undefined;
  /** How many lists were chosen: another list, other lines. */
  readonly lists: number;
  /** Says what the column at an index means; undefined means nothing that is needed. */
  readonly mapColumn: (index: number, meaning: DrawerColumnId | undefined) => void;
}

export const understood = async (opened: OpenTable): Promise<OpenDrawerList> =>
  read({
    ...opened,
    mapping: (await rememberedFor(opened)) ?? mappingOf(opened.table, drawerColumns),
    ...(await knownBefore()),
  });

export const remapped = (
  open: OpenDrawerList,
  index: number,
  meaning: DrawerColumnId | undefined,
): OpenDrawerList => read({ ...open, mapping: mapped(open.mapping, index, meaning) });

/** How columns with these headings were read last. */
const rememberedFor = async ({ table }: OpenTable): Promise<DrawerMapping | undefined> =>
  (await orNothing(() => call(getDrawerColumns, { body: { headings: [...table.headings] } }))) ??
  undefined;

const read = (list: Omit<OpenDrawerList, 'reading'>): OpenDrawerList => ({
  ...list,
  reading: readDrawers(list.table, list.mapping, list),
});
