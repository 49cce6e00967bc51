import type { Part } from '../parts/part.ts';
import type { InStock } from './needs.ts';
import { serves, stockPartOf } from './stockPart.ts';

export interface TakenOut {
  readonly taken: readonly { readonly itemId: string; readonly pieces: number }[];
  /** Pieces that no drawer had. */
  readonly missing: number;
}

/**
 * Which drawers bags are packed out of: for each line those that serve it, the first as far as it reaches. What the
 * learners bring is in no bag.
 *
 * @param parts of one bag
 */
export function takeOut(
  parts: readonly Part[],
  bags: number,
  drawers: readonly InStock[],
): TakenOut {
  const left = new Map(drawers.map(({ itemId, level }) => [itemId, Math.max(0, level)]));
  const taken = new Map<string, number>();
  let missing = 0;
  for (const part of parts) {
    if (part.supply === 'not-in-kit') continue;
    let wanted = part.quantity * bags;
    for (const { itemId } of drawers.filter((drawer) => serves(drawer.part, stockPartOf(part)))) {
      const pieces = Math.min(wanted, left.get(itemId) ?? 0);
      if (pieces === 0) continue;
      left.set(itemId, (left.get(itemId) ?? 0) - pieces);
      taken.set(itemId, (taken.get(itemId) ?? 0) + pieces);
      wanted -= pieces;
    }
    missing += wanted;
  }
  return { taken: [...taken].map(([itemId, pieces]) => ({ itemId, pieces })), missing };
}

/**
 * What of the pieces that were taken for some bags goes back with those that nobody opened: all bags are alike, so that
 * each has its share; of bags that were not full, as much as they surely have.
 *
 * @param bags that the pieces were taken for
 * @param unopened how many of them go back
 */
export function putBack(
  taken: TakenOut['taken'],
  bags: number,
  unopened: number,
): { readonly back: TakenOut['taken']; readonly left: TakenOut['taken'] } {
  const back = taken.map(({ itemId, pieces }) => ({
    itemId,
    pieces: Math.floor((pieces * unopened) / bags),
  }));
  const left = taken.map(({ itemId, pieces }, at) => ({
    itemId,
    pieces: pieces - (back[at]?.pieces ?? 0),
  }));
  const some = ({ pieces }: { readonly pieces: number }) => pieces > 0;
  return { back: back.filter(some), left: left.filter(some) };
}
