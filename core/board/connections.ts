import type { Pad } from './board.ts';
import { type PinName, pinName } from './pinNames.ts';

/** A straight line between two pads of one net. */
export interface Connection {
  readonly from: Pad;
  readonly to: Pad;
}

/**
 * What is joined, as straight lines: for each net the shortest tree over its pads (Prim's algorithm), whatever
 * way the copper takes. Pads that touch or that one part joins are joined too.
 *
 * @param nets as their pins
 * @param pads of the board, in mm
 * @param at only nets that one of these places belongs to; all of them where left out or empty
 */
export function connectionsOf(
  nets: readonly (readonly PinName[])[],
  pads: readonly Pad[],
  at: ReadonlySet<string> = new Set(),
): Connection[] {
  return nets.flatMap((pins) => {
    const names = new Set(pins);
    const joined = pads.filter((pad) => names.has(pinName(pad)));
    const isAsked = at.size === 0 || joined.some(({ place }) => at.has(place));
    return isAsked ? shortestTree(joined) : [];
  });
}

const distance = (a: Pad, b: Pad) => Math.hypot(a.xMm - b.xMm, a.yMm - b.yMm);

function shortestTree(pads: readonly Pad[]): Connection[] {
  const [first, ...rest] = pads;
  if (!first) return [];
  // Of each pad that is not in the tree yet, the nearest that is.
  const nearest = new Map(rest.map((pad) => [pad, first]));
  const tree: Connection[] = [];
  while (nearest.size > 0) {
    let best: Connection | undefined;
    for (const [to, from] of nearest)
      if (!best || distance(from, to) < distance(best.from, best.to)) best = { from, to };
    if (!best) break;
    const { to: added } = best;
    tree.push(best);
    nearest.delete(added);
    for (const [pad, from] of nearest)
      if (distance(added, pad) < distance(from, pad)) nearest.set(pad, added);
  }
  return tree;
}
