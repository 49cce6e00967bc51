import type { Part } from '../parts/part.ts';
import type { RuleGraph } from './graph.ts';
import type { Named } from './kinds.ts';
import { named, nodeId, type OrderNode, placesOf, splitNode, type WorkNode } from './node.ts';
import type { RuleId } from './rules/ids.ts';
import type { Edge } from './rules/rule.ts';
import type { Exception, OrderSettings } from './settings.ts';

/**
 * What an arrangement calls a piece of work: its place, or its id where it has none. A socket under the name of its
 * chip, or clips under that of their fuse, are told apart from it.
 */
export const keysOf = (node: OrderNode): readonly string[] => {
  const places = placesOf(node);
  if (places.length === 0) return [node.id];
  return node.kind !== 'check' && node.sharesPlace
    ? places.map((place) => `${place} socket`)
    : places;
};

/** Steps as the instructor's own arrangement would write them. */
export const arrangementOf = (
  steps: readonly (readonly OrderNode[])[],
): NonNullable<OrderSettings['arrangement']> => steps.map((nodes) => nodes.flatMap(keysOf));

/**
 * The steps in the instructor's own order. What he did not arrange, since it came later, is put behind what it would
 * follow by the styles; what is not there any more is left out.
 *
 * @param natural the order by rules and styles
 */
export function arranged(
  natural: readonly OrderNode[],
  arrangement: NonNullable<OrderSettings['arrangement']>,
): OrderNode[][] {
  const nodeOf = new Map(
    natural.flatMap((node) => keysOf(node).map((key) => [key, node] as const)),
  );
  const asked = new Set(arrangement.flat());
  const steps = arrangement
    .map((keys) => nodesWith(keys, nodeOf))
    .filter((nodes) => nodes.length > 0);
  for (const [index, node] of natural.entries()) {
    const left = keysOf(node).filter((key) => !asked.has(key));
    if (left.length === 0) continue;
    const before = natural[index - 1];
    const behind = before
      ? steps.findLastIndex((nodes) => nodes.some((one) => isPartOf(one, before)))
      : -1;
    steps.splice(behind + 1, 0, nodesWith(left, nodeOf));
  }
  return steps;
}

/** Whether a node of an arrangement is made of another, or of some of its pieces. */
export const isPartOf = (piece: OrderNode | undefined, whole: OrderNode): boolean => {
  if (!piece) return false;
  const keys = new Set(keysOf(whole));
  return keysOf(piece).some((key) => keys.has(key));
};

/** The nodes of a step, each with those of its pieces that the step names. */
function nodesWith(keys: readonly string[], nodeOf: ReadonlyMap<string, OrderNode>): OrderNode[] {
  const wanted = new Set(keys);
  const nodes = [...new Set(keys.flatMap((key) => nodeOf.get(key) ?? []))];
  return nodes.map((node) => (node.kind === 'check' ? node : withPlaces(node, wanted)));
}

function withPlaces(node: WorkNode, wanted: ReadonlySet<string>): WorkNode {
  if (keysOf(node).every((key) => wanted.has(key))) return node;
  const parts = splitNode(node, 1)
    .filter((one) => keysOf(one).every((key) => wanted.has(key)))
    .flatMap((one): readonly Part[] => one.parts);
  return { ...node, parts, id: nodeId(node.kind, parts) };
}

/** A rule that an order breaks. */
export interface BrokenRule {
  readonly rule: RuleId;
  /** What the rule wants first, and what after that. */
  readonly before: Named | null;
  readonly after: Named | null;
  readonly beforeKey: string;
  readonly afterKey: string;
  /** Steps, from 0, in which the two stand. */
  readonly beforeStep: number;
  readonly afterStep: number;
  /** Why the instructor breaks it; null where he has not said so. */
  readonly reason: string | null;
}

/** The rules that an order of steps breaks, each once for a pair of steps. */
export function brokenRules(
  steps: readonly (readonly OrderNode[])[],
  edges: RuleGraph['edges'],
  exceptions: readonly Exception[],
): BrokenRule[] {
  const stepOf = new Map(
    steps.flatMap((nodes, step) => nodes.map((node) => [node, step] as const)),
  );
  const found = new Map<string, BrokenRule>();
  for (const edge of edges) {
    const [before, after] = [stepOf.get(edge.from), stepOf.get(edge.to)];
    if (before === undefined || after === undefined || isKept(edge, before, after)) continue;
    const key = `${edge.rule.id} ${before} ${after}`;
    if (found.has(key)) continue;
    const [beforeKey = '', afterKey = ''] = [keysOf(edge.from)[0], keysOf(edge.to)[0]];
    found.set(key, {
      rule: edge.rule.id,
      before: edge.from.kind === 'check' ? null : named(edge.from),
      after: edge.to.kind === 'check' ? null : named(edge.to),
      beforeKey,
      afterKey,
      beforeStep: before,
      afterStep: after,
      reason:
        exceptions.find(
          (one) => one.rule === edge.rule.id && one.before === beforeKey && one.after === afterKey,
        )?.reason ?? null,
    });
  }
  return [...found.values()];
}

const isKept = ({ rule }: Edge, before: number, after: number) =>
  before < after || (before === after && rule.enoughToPutInFirst === true);

/** Which steps were moved: those that are not in the longest run that still has the natural order. */
export function movedSteps(positions: readonly number[]): Set<number> {
  // Patience sorting: `tails[n]` ends the run of length n + 1 that ends lowest.
  const tails: number[] = [];
  const previous = new Map<number, number | undefined>();
  for (const [index, position] of positions.entries()) {
    let length = tails.findIndex((tail) => (positions[tail] ?? 0) >= position);
    if (length < 0) length = tails.length;
    previous.set(index, tails[length - 1]);
    tails[length] = index;
  }
  const kept = new Set<number>();
  for (let at = tails.at(-1); at !== undefined; at = previous.get(at)) kept.add(at);
  return new Set([...positions.keys()].filter((index) => !kept.has(index)));
}
