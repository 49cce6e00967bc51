import { areOnePart, type StockPart } from '../stockPart.ts';
import type { ReadDrawer } from './readDrawers.ts';

/** A drawer that is there already, as far as a list can change it. */
export interface DrawerThere {
  readonly id: string;
  readonly part: StockPart;
  readonly location: string;
  readonly level: number;
  readonly minimum: number;
}

/** What becomes of a line: a drawer of its own, or a change of one that is there. */
export interface MatchedDrawer<There extends DrawerThere = DrawerThere> {
  readonly read: ReadDrawer;
  /** Absent where there is none yet. */
  readonly there?: There;
}

/**
 * Finds for each line the drawer that it speaks of: the one with the same part in the same place, else the only one with
 * that part that no other line speaks of. Where several could be meant, it becomes a drawer of its own.
 */
export function matchDrawers<There extends DrawerThere>(
  read: readonly ReadDrawer[],
  there: readonly There[],
): readonly MatchedDrawer<There>[] {
  const taken = new Set<string>();
  const take = (drawer: There | undefined) => {
    if (drawer) taken.add(drawer.id);
    return drawer;
  };
  const ofPart = ({ part }: ReadDrawer) =>
    there.filter((one) => !taken.has(one.id) && areOnePart([one.part, part]));
  const inPlace = read.map((one) =>
    take(ofPart(one).find(({ location }) => samePlace(location, one.location))),
  );
  return read.map((one, line) => {
    const exact = inPlace[line];
    if (exact) return { read: one, there: exact };
    const others = ofPart(one);
    const only = others.length === 1 ? take(others[0]) : undefined;
    return only ? { read: one, there: only } : { read: one };
  });
}

const samePlace = (one: string, other: string): boolean =>
  one.trim().toLowerCase() === other.trim().toLowerCase();
