import { standingParts } from '../board/standing.ts';
import type { Part } from '../parts/part.ts';
import { keysOf } from './arrangement.ts';
import { blocksOf } from './blocksOf.ts';
import { checkNodes, mergedChecks } from './checksOfKit.ts';
import { ruleGraph } from './graph.ts';
import { hasSupply } from './hasSupply.ts';
import type { OrderNode } from './node.ts';
import type { KitToPlan } from './planKit.ts';
import type { RuleId } from './rules/ids.ts';
import { sequenceOf, styleKey } from './sequence.ts';
import { usualSettings } from './settings.ts';
import type { Situation } from './situation.ts';
import type { StyleId } from './styles/ids.ts';
import { stackOf, styleOf } from './styles/index.ts';
import { workNodes } from './workNodes.ts';

/** Two pieces of work of which one comes first. */
export interface DecidedPair {
  readonly before: string;
  readonly after: string;
  /** The hard rule that says so, itself or by way of others; null where only a style does. */
  readonly rule: RuleId | null;
}

/** The pieces of work of a kit, and which of them come before which. */
export interface DecidedOrder {
  /** In the order of the plan, each by the key that an arrangement calls it by. */
  readonly sequence: readonly { readonly key: string; readonly node: OrderNode }[];
  /** Every pair that a rule or a style decides; what neither does is left free. */
  readonly pairs: readonly DecidedPair[];
}

/**
 * What the chosen styles and the hard rules say about each pair of pieces of work: who is asked for an order can be
 * judged pair by pair.
 *
 * @param styles the first deciding first; what they leave equal is left free
 */
export function decidedOrder(
  { parts, board = null }: Pick<KitToPlan, 'parts' | 'board'>,
  styles: readonly StyleId[],
): DecidedOrder {
  const fitted: readonly Part[] = parts.filter(({ supply }) => supply !== 'spare');
  const situation: Situation = {
    standing: standingParts(board, fitted),
    access: usualSettings.access,
    blocks: blocksOf(board, fitted),
  };
  const work = workNodes(fitted, board);
  const graph = ruleGraph(work, checkNodes(work, [], 'end', hasSupply(fitted)), situation);
  const sequence = mergedChecks(sequenceOf(graph, stackOf(styles), situation));
  const at = new Map(sequence.map((node, index) => [node, index]));
  const rules = reachable(sequence, graph.edges);
  const chosen = styles.map(styleOf);
  const rankOf = (node: OrderNode) =>
    node.kind === 'check' ? undefined : styleKey(node, chosen, situation);
  const pairs = sequence.flatMap((before, index) =>
    sequence.slice(index + 1).flatMap((after): DecidedPair[] => {
      const pair = { before: keyOf(before), after: keyOf(after) };
      const rule = rules.get(before)?.get(after);
      if (rule !== undefined) return [{ ...pair, rule }];
      const [one, other] = [rankOf(before), rankOf(after)];
      if (!one || !other || (at.get(before) ?? 0) > (at.get(after) ?? 0)) return [];
      const differs = one.findIndex((rank, place) => rank !== other[place]);
      // Where rules have turned the style's order round for others, it decides nothing between these two.
      return differs >= 0 && (one[differs] ?? 0) < (other[differs] ?? 0)
        ? [{ ...pair, rule: null }]
        : [];
    }),
  );
  return { sequence: sequence.map((node) => ({ key: keyOf(node), node })), pairs };
}

const keyOf = (node: OrderNode): string => keysOf(node)[0] ?? node.id;

/** For every node what comes after it by hard rules, with the rule that leads there. */
function reachable(
  nodes: readonly OrderNode[],
  edges: ReturnType<typeof ruleGraph>['edges'],
): Map<OrderNode, Map<OrderNode, RuleId>> {
  const found = new Map<OrderNode, Map<OrderNode, RuleId>>();
  for (const node of [...nodes].reverse()) {
    const after = new Map<OrderNode, RuleId>();
    for (const { from, to, rule } of edges) {
      if (from.id !== node.id) continue;
      for (const [next] of found.get(to) ?? []) if (!after.has(next)) after.set(next, rule.id);
      after.set(to, rule.id);
    }
    found.set(node, after);
  }
  return found;
}
