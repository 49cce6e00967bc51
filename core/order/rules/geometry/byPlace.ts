import type { Standing } from '../../../board/standing.ts';
import type { OrderNode } from '../../node.ts';
import { placesOf } from '../../node.ts';
import type { Pair } from '../rule.ts';

/** Pairs of parts as pairs of the nodes that fit them. Chips in sockets and what is not soldered have no say. */
export function pairsOfNodes(
  nodes: readonly OrderNode[],
  places: Iterable<readonly [before: Standing, after: Standing]>,
): Pair[] {
  const nodeOf = new Map(
    nodes.flatMap((node) =>
      node.kind === 'solder' ? placesOf(node).map((place) => [place, node] as const) : [],
    ),
  );
  const found = new Map<OrderNode, Set<OrderNode>>();
  const pairs: Pair[] = [];
  for (const [before, after] of places) {
    const [from, to] = [nodeOf.get(before.place), nodeOf.get(after.place)];
    if (!from || !to || from === to || found.get(from)?.has(to)) continue;
    found.set(from, (found.get(from) ?? new Set()).add(to));
    pairs.push([from, to]);
  }
  return pairs;
}
