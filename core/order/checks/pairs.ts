import { type CheckNode, type OrderNode, placesOf } from '../node.ts';
import type { Pair } from '../rules/rule.ts';
import type { CheckId } from './ids.ts';

export const checksOf = (nodes: readonly OrderNode[], check: CheckId): CheckNode[] =>
  nodes.filter((node): node is CheckNode => node.kind === 'check' && node.check === check);

export const isWhole = ({ blocks }: CheckNode): boolean => blocks.length === 0;

const sameBlocks = (a: CheckNode, b: CheckNode) => a.blocks.join('\n') === b.blocks.join('\n');

export const soldered = (nodes: readonly OrderNode[]): OrderNode[] =>
  nodes.filter(({ kind }) => kind === 'solder');

export const hasPlaceIn = (node: OrderNode, places: ReadonlySet<string>): boolean =>
  placesOf(node).some((place) => places.has(place));

/** A check of one block after the same block's check of another kind. */
export const sameBlockPairs =
  (first: CheckId, then: CheckId) =>
  (nodes: readonly OrderNode[]): Pair[] =>
    checksOf(nodes, first).flatMap((early) =>
      checksOf(nodes, then)
        .filter((late) => sameBlocks(early, late))
        .map((late): Pair => [early, late]),
    );
