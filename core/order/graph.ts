import { type CheckNode, type OrderNode, splitNode, type WorkNode } from './node.ts';
import { hardRules } from './rules/index.ts';
import type { Edge } from './rules/rule.ts';
import type { Situation } from './situation.ts';

/** The hard rules at work on one kit: nothing in it runs in a circle. */
export interface RuleGraph {
  readonly nodes: readonly OrderNode[];
  readonly edges: readonly Edge[];
  /** Rules that could not all be kept, with what was left out. */
  readonly contradictions: readonly Contradiction[];
}

/** Rules that want several parts each before the next, in a circle. */
export interface Contradiction {
  /** Each wants its `from` before its `to`; the last leads back to the first. */
  readonly cycle: readonly Edge[];
  /** The one that is left out, so that there is an order at all. */
  readonly leftOut: Edge;
}

/** Every pair of nodes that a hard rule orders. */
export const hardEdges = (nodes: readonly OrderNode[], situation: Situation): Edge[] =>
  hardRules.flatMap((rule) =>
    rule.pairs(nodes, situation).map(([from, to]) => ({ from, to, rule })),
  );

/**
 * The rules as a graph without circles. A value whose pieces stand in each other's way is fitted piece by piece; what
 * still runs in a circle is a contradiction, and the weakest of its rules is left out.
 */
export function ruleGraph(
  work: readonly WorkNode[],
  checks: readonly CheckNode[],
  situation: Situation,
): RuleGraph {
  let nodes: readonly OrderNode[] = [...work, ...checks];
  let edges = hardEdges(nodes, situation);
  let out = outgoing(edges);
  const contradictions: Contradiction[] = [];
  const isLeftOut = (edge: Edge) => contradictions.some(({ leftOut }) => isSame(leftOut, edge));
  const next = () => findCycle(nodes, out, isLeftOut);
  for (let cycle = next(); cycle; cycle = next()) {
    const inCycle = new Set(cycle.map(({ from }) => from));
    const split = nodes.flatMap((node) =>
      inCycle.has(node) && node.kind !== 'check' ? splitNode(node, 1) : [node],
    );
    if (split.length > nodes.length) {
      nodes = split;
      edges = hardEdges(nodes, situation);
      out = outgoing(edges);
    } else contradictions.push({ cycle, leftOut: weakestOf(cycle) });
  }
  return { nodes, edges: edges.filter((edge) => !isLeftOut(edge)), contradictions };
}

type Outgoing = ReadonlyMap<OrderNode, readonly Edge[]>;

function outgoing(edges: readonly Edge[]): Outgoing {
  const out = new Map<OrderNode, Edge[]>();
  for (const edge of edges) {
    const list = out.get(edge.from);
    if (list) list.push(edge);
    else out.set(edge.from, [edge]);
  }
  return out;
}

const isSame = (a: Edge, b: Edge) =>
  a.rule === b.rule && a.from.id === b.from.id && a.to.id === b.to.id;

function weakestOf(cycle: readonly Edge[]): Edge {
  const [first, ...others] = cycle;
  if (!first) throw new Error('a cycle has at least one edge');
  return others.reduce(
    (weakest, edge) =>
      hardRules.indexOf(edge.rule) > hardRules.indexOf(weakest.rule) ? edge : weakest,
    first,
  );
}

/** A circle of edges, if there is one (depth-first search; each node is visited once). */
function findCycle(
  nodes: readonly OrderNode[],
  out: Outgoing,
  isLeftOut: (edge: Edge) => boolean,
): readonly Edge[] | undefined {
  const done = new Set<OrderNode>();
  const path: Edge[] = [];
  const onPath = new Map<OrderNode, number>();
  const visit = (node: OrderNode): readonly Edge[] | undefined => {
    if (done.has(node)) return undefined;
    const since = onPath.get(node);
    if (since !== undefined) return path.slice(since);
    onPath.set(node, path.length);
    for (const edge of out.get(node) ?? []) {
      if (isLeftOut(edge)) continue;
      path.push(edge);
      const cycle = visit(edge.to);
      if (cycle) return cycle;
      path.pop();
    }
    onPath.delete(node);
    done.add(node);
    return undefined;
  };
  for (const node of nodes) {
    const cycle = visit(node);
    if (cycle) return [...cycle];
  }
  return undefined;
}
