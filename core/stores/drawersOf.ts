import type { Part } from '../parts/part.ts';
import { type StockPart, serves, stockPartOf } from './stockPart.ts';

/** A line of a parts list with the drawer that it is taken from; absent where none serves. */
export interface PartWithDrawer<Drawer> {
  readonly part: Part;
  readonly drawer?: Drawer;
}

/** Where each part of a kit lies; of several drawers that serve, the fullest. */
export const drawersOf = <Drawer extends { readonly part: StockPart; readonly level: number }>(
  parts: readonly Part[],
  drawers: readonly Drawer[],
): readonly PartWithDrawer<Drawer>[] =>
  parts.map((part) => {
    const [drawer] = drawers
      .filter((one) => serves(one.part, stockPartOf(part)))
      .sort((a, b) => b.level - a.level);
    return drawer ? { part, drawer } : { part };
  });
