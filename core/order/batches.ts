import { isHighRisk } from '../mixups/findMixUps.ts';
import { canDrop } from './holding.ts';
import { type OrderNode, piecesOf, splitNode, splitNodeBy, type WorkNode } from './node.ts';
import type { Edge } from './rules/rule.ts';
import type { OrderSettings } from './settings.ts';
import type { Situation } from './situation.ts';
import { hasBlocks } from './styles/index.ts';

/** Nodes no larger than the settings allow: a value of more pieces than fit in a turn, or of several blocks, is several. */
export function sizedNodes(
  work: readonly WorkNode[],
  { batch, styles }: Pick<OrderSettings, 'batch' | 'styles'>,
  { blocks }: Situation,
): WorkNode[] {
  const byBlock = hasBlocks(styles);
  return work.flatMap((node) => {
    const parts = byBlock
      ? splitNodeBy(node, (place) => blocks.findIndex(({ places }) => places.includes(place)))
      : [node];
    if (batch.kind === 'value' || !canDrop(node)) return parts;
    return parts.flatMap((part) => splitNode(part, batch.most));
  });
}

/**
 * What is put in together and soldered in one turn of the board: one value, or so many pieces as the settings allow.
 * A turn is filled from the front; as any part of a turn could be a turn too, this makes the fewest turns that this
 * order can have.
 *
 * Never in one turn: parts that a rule wants soldered one after the other, and look-alikes of high risk.
 */
export function batchesOf(
  sequence: readonly OrderNode[],
  edges: readonly Edge[],
  batch: OrderSettings['batch'],
): OrderNode[][] {
  if (batch.kind === 'value') return sequence.map((node) => [node]);
  const oneAfterOther = new Map<OrderNode, Set<OrderNode>>();
  for (const { from, to, rule } of edges) {
    if (rule.enoughToPutInFirst) continue;
    oneAfterOther.set(from, (oneAfterOther.get(from) ?? new Set()).add(to));
  }
  const batches: OrderNode[][] = [];
  for (const node of sequence) {
    const open = batches.at(-1);
    const work = open?.filter((one): one is WorkNode => one.kind !== 'check');
    const fits =
      open !== undefined &&
      work !== undefined &&
      work.length === open.length &&
      node.kind !== 'check' &&
      canDrop(node) &&
      work.every(
        (one) =>
          canDrop(one) &&
          one.side === node.side &&
          !oneAfterOther.get(one)?.has(node) &&
          !areAlike(one, node),
      ) &&
      piecesOf(node) + work.reduce((sum, one) => sum + piecesOf(one), 0) <= batch.most;
    if (fits) open.push(node);
    else batches.push([node]);
  }
  return batches;
}

export const areAlike = (a: WorkNode, b: WorkNode): boolean =>
  a.parts.some((one) => b.parts.some((other) => isHighRisk(one, other)));

/**
 * How often the board is turned over while it is built, from a start with its component side up: parts are put in
 * from their own side and soldered from the other one; surface parts are soldered where they lie.
 */
export function turnsOf(steps: readonly (readonly OrderNode[])[]): number {
  let up: 'top' | 'bottom' = 'top';
  let turns = 0;
  const show = (side: 'top' | 'bottom') => {
    if (up !== side) turns += 1;
    up = side;
  };
  for (const nodes of steps) {
    const [first] = nodes;
    if (first?.kind !== 'solder') continue;
    show(first.side);
    if (first.mount !== 'surface') show(first.side === 'top' ? 'bottom' : 'top');
  }
  return turns;
}
