import { named, namedAll, type OrderNode, type WorkNode } from './node.ts';
import type { Edge } from './rules/rule.ts';
import { styleKey } from './sequence.ts';
import type { Situation } from './situation.ts';
import type { Reason } from './step.ts';
import type { StyleId } from './styles/ids.ts';
import { styleOf } from './styles/index.ts';
import type { Style } from './styles/style.ts';

/** An order, and what made it. */
export interface Ordered {
  readonly sequence: readonly OrderNode[];
  readonly edges: readonly Edge[];
  readonly styles: readonly (Style & { readonly id: StyleId })[];
  readonly situation: Situation;
}

/** An order with what is asked of it for every node. */
interface Indexed extends Ordered {
  readonly keys: Keys;
  readonly at: ReadonlyMap<OrderNode, number>;
  readonly from: ReadonlyMap<OrderNode, readonly Edge[]>;
  readonly to: ReadonlyMap<OrderNode, readonly Edge[]>;
}

/** Why each node stands where it stands. */
export function reasonsOf(ordered: Ordered): Map<OrderNode, Reason> {
  const keys = new Map(
    ordered.sequence.flatMap((node) =>
      node.kind === 'check'
        ? []
        : [[node, styleKey(node, ordered.styles, ordered.situation)] as const],
    ),
  );
  const indexed: Indexed = {
    ...ordered,
    keys,
    at: new Map(ordered.sequence.map((node, index) => [node, index])),
    from: grouped(ordered.edges, ({ from }) => from),
    to: grouped(ordered.edges, ({ to }) => to),
  };
  return new Map(ordered.sequence.map((node, index) => [node, reasonFor(node, index, indexed)]));
}

function grouped(
  edges: readonly Edge[],
  keyOf: (edge: Edge) => OrderNode,
): Map<OrderNode, readonly Edge[]> {
  const groups = new Map<OrderNode, Edge[]>();
  for (const edge of edges) {
    const group = groups.get(keyOf(edge));
    if (group) group.push(edge);
    else groups.set(keyOf(edge), [edge]);
  }
  return groups;
}

type Keys = ReadonlyMap<OrderNode, readonly number[]>;

function reasonFor(node: OrderNode, index: number, ordered: Indexed): Reason {
  if (node.kind === 'check') return { kind: 'check' };
  return (
    reasonByRule(node, index, ordered) ??
    (ordered.keys.get(node)?.[0] === 1
      ? { kind: 'off-board' }
      : reasonByStyle(node, index, ordered))
  );
}

/** Smaller than 0 where the styles would have the first node before the second. */
function compareKeys(a: OrderNode, b: OrderNode, keys: Keys): number {
  const [one, other] = [keys.get(a), keys.get(b)];
  if (!one || !other) return 0;
  const at = one.findIndex((value, index) => value !== other[index]);
  return at < 0 ? 0 : (one[at] ?? 0) - (other[at] ?? 0);
}

/** The rule that moved a node away from the place that the styles would give it, if one did. */
function reasonByRule(
  node: WorkNode,
  index: number,
  { sequence, keys, at, from: outOf, to: into }: Indexed,
): Reason | undefined {
  const outgoing = outOf.get(node) ?? [];
  const ahead = outgoing.find(
    ({ to, rule }) =>
      rule.words.before !== undefined &&
      (pullsForward(node) || (to.kind === 'solder' && compareKeys(to, node, keys) < 0)),
  );
  if (ahead)
    return ruleReason(
      ahead.rule,
      'before',
      outgoing.filter(isOf(ahead)).map(({ to }) => to),
    );
  const overtaken = sequence
    .slice(0, index)
    .some(
      (before) =>
        before.kind === 'solder' && before.role !== 'link' && compareKeys(before, node, keys) > 0,
    );
  const incoming = into.get(node) ?? [];
  const said = incoming.find(({ rule }) => rule.alwaysSaid);
  if (said && !overtaken) return ruleReason(said.rule, 'after', []);
  if (node.kind === 'solder' && !overtaken) return undefined;
  // Of several rules that hold it back, the one whose last part was done last is what it was waiting for.
  const [first, ...others] = incoming;
  if (!first) return undefined;
  const held = others.reduce(
    (last, edge) => ((at.get(edge.from) ?? 0) > (at.get(last.from) ?? 0) ? edge : last),
    first,
  );
  return ruleReason(
    held.rule,
    'after',
    incoming.filter(isOf(held)).map(({ from }) => from),
  );
}

const isOf = (one: Edge) => (edge: Edge) => edge.rule === one.rule;

const ruleReason = (
  { id, words }: Edge['rule'],
  side: 'before' | 'after',
  nodes: readonly OrderNode[],
): Reason => ({ kind: 'rule', rule: id, side, others: namedIn(words[side], nodes) });

/** The parts a rule's sentence speaks of; none where it names no others. */
const namedIn = (sentence: string | undefined, nodes: readonly OrderNode[]) =>
  sentence?.includes('{{others}}') ? namedAll(nodes) : [];

/** Only links, screws, heat sinks and fuses in clips stand early because of a rule; a socket stands where its height puts it. */
const pullsForward = (node: WorkNode) =>
  node.role === 'link' ||
  node.role === 'screw' ||
  node.role === 'heat-sink' ||
  node.role === 'in-holder';

function reasonByStyle(node: WorkNode, index: number, { sequence, styles, keys }: Indexed): Reason {
  const { heightMm } = node;
  const before = sequence[index - 1];
  if (
    before?.kind === 'solder' &&
    before.role !== 'link' &&
    compareKeys(before, node, keys) === 0
  ) {
    return { kind: 'same-height', heightMm, before: named(before) };
  }
  const isSoldered = (one: OrderNode): one is WorkNode =>
    one.kind === 'solder' &&
    one.role !== 'off-board' &&
    one.side === node.side &&
    // Surface parts are not turned over: nothing taller would hold them up.
    (node.mount === 'surface') === (one.mount === 'surface');
  const next = sequence
    .slice(index + 1)
    .find((one): one is WorkNode => isSoldered(one) && compareKeys(one, node, keys) > 0);
  const byHeight: Reason = {
    kind: node.mount === 'surface' ? 'flattest' : 'lowest',
    heightMm,
    next: next ? named(next) : null,
  };
  if (styles[0]?.isHeight) return byHeight;
  const other =
    next ??
    sequence
      .slice(0, index)
      .findLast((one): one is WorkNode => isSoldered(one) && compareKeys(one, node, keys) < 0);
  const style = other && decidingStyle(node, other, styles, keys);
  if (!other || !style || (styleOf(style).isHeight && node.mount === 'surface')) return byHeight;
  return { kind: 'style', style, side: next ? 'before' : 'after', others: [named(other)] };
}

/** The first style that tells two nodes apart; undefined where only hanging off the board does. */
function decidingStyle(
  a: WorkNode,
  b: WorkNode,
  styles: Ordered['styles'],
  keys: Keys,
): StyleId | undefined {
  const [one = [], other = []] = [keys.get(a), keys.get(b)];
  const at = one.findIndex((value, index) => value !== other[index]);
  // The first number is for what hangs off the board, then one for each style.
  return at < 1 ? undefined : styles[at - 1]?.id;
}
