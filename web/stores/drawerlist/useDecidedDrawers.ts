import { useState } from 'react';
import type { StockItem } from '#contract/stores';
import { type MatchedDrawer, matchDrawers } from '#core/stores/drawerlist/matchDrawers';
import type { ReadDrawer } from '#core/stores/drawerlist/readDrawers';

/** What becomes of a line: a new drawer, a change of the one with that id, or nothing. */
export type Fate = 'new' | 'leave' | { readonly itemId: string };

/** A line with the drawer that it changes, as somebody has decided. */
export interface DecidedDrawer extends MatchedDrawer<StockItem> {
  readonly isLeftOut: boolean;
}

/** The lines of a list with what becomes of each: what is likeliest, until somebody decides. */
export function useDecidedDrawers(read: readonly ReadDrawer[], items: readonly StockItem[]) {
  const [fates, setFates] = useState<ReadonlyMap<number, Fate>>(new Map());
  const drawers = matchDrawers(read, items).map(({ read, there }): DecidedDrawer => {
    const fate = fates.get(read.line);
    const isLeftOut = fate === 'leave';
    if (fate === undefined || isLeftOut) return { read, isLeftOut, ...(there ? { there } : {}) };
    const chosen = fate === 'new' ? undefined : items.find(({ id }) => id === fate.itemId);
    return { read, isLeftOut, ...(chosen ? { there: chosen } : {}) };
  });
  const decide = ({ line }: ReadDrawer, fate: Fate) =>
    setFates((now) => new Map(now).set(line, fate));
  return { drawers, decide };
}
