import type { OrderRole } from '../parts/family.ts';
import { checkOf } from './checks/index.ts';
import type { RuleGraph } from './graph.ts';
import { type OrderNode, placesOf, type WorkNode } from './node.ts';
import type { Situation } from './situation.ts';
import type { Style } from './styles/style.ts';

/**
 * The order of a kit's work: no edge of the graph is broken, and what they leave free is ordered by the styles, the
 * first deciding first, then by place name.
 *
 * Kahn's algorithm: among the nodes whose predecessors are done it takes the first by rank. A check or a screw has no
 * rank of its own: it stands right before the first of those that wait for it.
 */
export function sequenceOf(
  { nodes, edges }: Pick<RuleGraph, 'nodes' | 'edges'>,
  styles: readonly Style[],
  situation: Situation,
): OrderNode[] {
  const out = new Map<OrderNode, OrderNode[]>();
  const waitsFor = new Map<OrderNode, number>(nodes.map((node) => [node, 0]));
  for (const { from, to } of edges) {
    const list = out.get(from);
    if (list) list.push(to);
    else out.set(from, [to]);
    waitsFor.set(to, (waitsFor.get(to) ?? 0) + 1);
  }
  const ranks = ranksOf(nodes, out, styles, situation);
  const byPlace = new Map([...nodes].sort(comparePlace).map((node, index) => [node, index]));
  const compare = (a: OrderNode | undefined, b: OrderNode | undefined): number => {
    if (!a || !b) return 0;
    return (
      (ranks.get(a) ?? 0) - (ranks.get(b) ?? 0) || (byPlace.get(a) ?? 0) - (byPlace.get(b) ?? 0)
    );
  };
  const free = nodes.filter((node) => waitsFor.get(node) === 0);
  const sequence: OrderNode[] = [];
  while (free.length > 0) {
    let best = 0;
    for (let index = 1; index < free.length; index += 1) {
      if (compare(free[index], free[best]) < 0) best = index;
    }
    const [next] = free.splice(best, 1);
    if (!next) break;
    sequence.push(next);
    for (const to of out.get(next) ?? []) {
      const left = (waitsFor.get(to) ?? 0) - 1;
      waitsFor.set(to, left);
      if (left === 0) free.push(to);
    }
  }
  return sequence;
}

/** The place of each node in the styles' own order; equal numbers where all styles leave two equal. */
function ranksOf(
  nodes: readonly OrderNode[],
  out: ReadonlyMap<OrderNode, readonly OrderNode[]>,
  styles: readonly Style[],
  situation: Situation,
): Map<OrderNode, number> {
  const own = nodes.filter(hasOwnRank);
  const keys = new Map(own.map((node) => [node, styleKey(node, styles, situation)]));
  const compareKeys = (a: WorkNode, b: WorkNode) => {
    const [one, other] = [keys.get(a) ?? [], keys.get(b) ?? []];
    const at = one.findIndex((value, index) => value !== other[index]);
    return at < 0 ? 0 : (one[at] ?? 0) - (other[at] ?? 0);
  };
  const ranks = new Map<OrderNode, number>();
  let rank = 0;
  let before: WorkNode | undefined;
  for (const node of [...own].sort(compareKeys)) {
    if (before && compareKeys(before, node) !== 0) rank += 1;
    ranks.set(node, rank);
    before = node;
  }
  const last = rank + 1;
  const visit = (node: OrderNode): number => {
    const known = ranks.get(node);
    if (known !== undefined) return known;
    // A check comes as early as it can; a helper right before what waits for it.
    const waiting = (out.get(node) ?? []).filter((one) => !isEarly(one));
    const lowest = isEarly(node) ? -1 : Math.min(last, ...waiting.map(visit));
    ranks.set(node, lowest);
    return lowest;
  };
  for (const node of nodes) visit(node);
  return ranks;
}

const isEarly = (node: OrderNode) =>
  node.kind === 'check' && checkOf(node.check).stands === 'early';

const hasOwnRank = (node: OrderNode): node is WorkNode =>
  node.kind !== 'check' && !rolesWithoutRank.includes(node.role);

/** They stand where what they hold wants them. */
const rolesOnOthers: readonly OrderRole[] = ['screw', 'tie', 'heat-sink', 'in-holder'];
const rolesWithoutRank: readonly OrderRole[] = [...rolesOnOthers, 'unplaced', 'case'];

/**
 * What hangs off the board pulls at it when it is turned: in every style it comes when the parts are in. A chip goes
 * into its socket when nothing is soldered any more.
 */
export function styleKey(
  node: WorkNode,
  styles: readonly Style[],
  situation: Situation,
): readonly number[] {
  const inBlock = situation.blocks.some(({ places }) =>
    placesOf(node).some((place) => places.includes(place)),
  );
  // Block by block, a battery clip belongs to its block: that could not be tested without it.
  const belongs = styles.some(({ byBlocks }) => byBlocks) && inBlock;
  const late = node.kind === 'insert' ? 2 : node.role === 'off-board' ? 1 : 0;
  return [belongs ? 0 : late, ...styles.map((style) => style.rank(node, situation))];
}

/** Helpers come before what waits for them anyway; among them the check first, so that nothing is fixed untried. */
function comparePlace(a: OrderNode, b: OrderNode): number {
  return collator.compare(placeName(a), placeName(b));
}

/** R2 before R10. */
const collator = new Intl.Collator('en', { numeric: true });

function placeName(node: OrderNode): string {
  if (node.kind === 'check') return '';
  return placesOf(node)[0] ?? node.id;
}
