import type { Erratum } from '../parts/erratum.ts';
import { familyOf } from '../parts/families/index.ts';
import type { Part } from '../parts/part.ts';
import { cautionsFor } from './cautions.ts';
import { type HardRule, hardRules } from './hardRules.ts';
import { type CheckNode, named, type OrderNode, type WorkNode, workNodes } from './node.ts';
import type { CheckId, Reason, Step } from './step.ts';

export interface KitToPlan {
  readonly parts: readonly Part[];
  readonly supplyVolt: number | null;
  readonly errata?: readonly Erratum[];
}

/** Above every height: for what hangs off the board. */
const offBoardHeight = 1000;

/**
 * The soldering steps of a kit, lowest part first, with the checks between them.
 *
 * No hard rule is broken. What the rules leave free is ordered by height above the board, then by place name. A check
 * or a screw stands right before what waits for it.
 *
 * @returns the steps in order, each with its reason; empty for a kit without anything to fit
 */
export function planSteps({ parts, supplyVolt, errata = [] }: KitToPlan): Step[] {
  const work = workNodes(parts.filter(({ supply }) => supply !== 'spare'));
  if (work.length === 0) return [];
  const nodes: OrderNode[] = [...work, ...checkNodes(work)];
  const edges = hardEdges(nodes);
  const sequence = lowestFirst(nodes, edges);
  const chipsOut = work
    .filter((node) => node.kind === 'insert')
    .flatMap((node) => named(node).designators);
  const hasBattery = work.some(({ parts: [part] }) => part && familyOf(part).bringsPower);
  const cautions = cautionsFor(sequence, errata);
  return sequence.map((node, index) => {
    const reason = reasonFor(node, index, sequence, edges);
    return node.kind === 'check'
      ? {
          id: node.id,
          kind: node.kind,
          check: node.check,
          chipsOut,
          hasBattery,
          supplyVolt,
          reason,
        }
      : {
          id: node.id,
          kind: node.kind,
          parts: node.parts,
          joints: joints(node),
          reason,
          cautions: cautions.get(node) ?? [],
        };
  });
}

interface Edge {
  readonly from: OrderNode;
  readonly to: OrderNode;
  readonly rule: HardRule;
}

/** Every pair of nodes that a hard rule orders. */
function hardEdges(nodes: readonly OrderNode[]): Edge[] {
  return hardRules.flatMap((rule) => {
    const last = nodes.filter(rule.after);
    return nodes
      .filter(rule.before)
      .flatMap((from) => last.filter((to) => to !== from).map((to) => ({ from, to, rule })));
  });
}

function checkNodes(work: readonly WorkNode[]): CheckNode[] {
  const checks: CheckId[] = work.some((node) => node.role === 'holder') ? ['try-holder'] : [];
  if (work.some((node) => node.kind === 'solder')) {
    checks.push('look', 'supply-resistance', 'first-power', 'function');
  }
  return checks.map((check) => ({ id: `check-${check}`, kind: 'check', check }));
}

/** Kahn's algorithm; among the nodes whose predecessors are done it takes the lowest. */
function lowestFirst(nodes: readonly OrderNode[], edges: readonly Edge[]): OrderNode[] {
  const heights = standingHeights(nodes, edges);
  const waitsFor = new Map(nodes.map((node) => [node, 0]));
  for (const { to } of edges) waitsFor.set(to, (waitsFor.get(to) ?? 0) + 1);

  const left = new Set(nodes);
  const sequence: OrderNode[] = [];
  while (left.size > 0) {
    const free = [...left].filter((node) => waitsFor.get(node) === 0);
    const [next] = free.sort(
      (a, b) => (heights.get(a) ?? 0) - (heights.get(b) ?? 0) || comparePlace(a, b),
    );
    if (next === undefined) throw new Error('the hard rules contradict each other');
    left.delete(next);
    sequence.push(next);
    for (const { from, to } of edges) {
      if (from === next) waitsFor.set(to, (waitsFor.get(to) ?? 0) - 1);
    }
  }
  return sequence;
}

/**
 * The height by which each node is sorted. A check or screw has none of its own: it takes the lowest of those that
 * wait for it, so that it stands right before them.
 */
function standingHeights(
  nodes: readonly OrderNode[],
  edges: readonly Edge[],
): Map<OrderNode, number> {
  const heights = new Map<OrderNode, number>();
  const visit = (node: OrderNode): number => {
    const known = heights.get(node);
    if (known !== undefined) return known;
    const own = ownHeight(node);
    const height =
      own ??
      Math.min(offBoardHeight, ...edges.filter((e) => e.from === node).map((e) => visit(e.to)));
    heights.set(node, height);
    return height;
  };
  for (const node of nodes) visit(node);
  return heights;
}

function ownHeight(node: OrderNode): number | undefined {
  if (node.kind === 'check' || node.role === 'screw' || node.role === 'heat-sink') return undefined;
  return node.role === 'off-board' ? offBoardHeight : node.heightMm;
}

function comparePlace(a: OrderNode, b: OrderNode): number {
  // A helper comes before what waits for it anyway; among helpers the check comes first, so that nothing is fixed untried.
  return placeName(a).localeCompare(placeName(b), 'en', { numeric: true });
}

function placeName(node: OrderNode): string {
  if (node.kind === 'check') return '';
  return node.parts[0]?.designators[0] ?? node.id;
}

function joints(node: WorkNode): number {
  if (node.kind !== 'solder') return 0;
  return node.parts.reduce((sum, part) => sum + part.quantity * familyOf(part).joints(part), 0);
}

function reasonFor(
  node: OrderNode,
  index: number,
  sequence: readonly OrderNode[],
  edges: readonly Edge[],
): Reason {
  if (node.kind === 'check') return { kind: 'check' };
  return (
    reasonByRule(node, index, sequence, edges) ??
    (node.role === 'off-board' ? { kind: 'off-board' } : reasonByHeight(node, index, sequence))
  );
}

/** The rule that moved a node away from the place its height would give it, if one did. */
function reasonByRule(
  node: WorkNode,
  index: number,
  sequence: readonly OrderNode[],
  edges: readonly Edge[],
): Reason | undefined {
  const outgoing = edges.find(
    (edge) => edge.from === node && edge.rule.words.before && pullsForward(node),
  );
  if (outgoing) {
    const others = edges
      .filter((e) => e.from === node && e.rule === outgoing.rule)
      .map((e) => e.to);
    return {
      kind: 'rule',
      rule: outgoing.rule.id,
      side: 'before',
      others: namedIn(outgoing.rule.words.before, others),
    };
  }
  const taller = sequence
    .slice(0, index)
    .some(
      (before) =>
        before.kind === 'solder' && before.role !== 'link' && before.heightMm > node.heightMm,
    );
  if (node.kind === 'solder' && !taller) return undefined;
  // Of several rules that hold it back, the one whose last part was done last is what it was waiting for.
  const held = edges
    .filter((edge) => edge.to === node)
    .sort((a, b) => sequence.indexOf(b.from) - sequence.indexOf(a.from))
    .find((edge) => edge.rule.words.after);
  if (held === undefined) return undefined;
  const others = edges.filter((e) => e.to === node && e.rule === held.rule).map((e) => e.from);
  return {
    kind: 'rule',
    rule: held.rule.id,
    side: 'after',
    others: namedIn(held.rule.words.after, others),
  };
}

/** Only links, screws and heat sinks stand early because of a rule; a socket stands where its height puts it. */
const pullsForward = (node: WorkNode) =>
  node.role === 'link' || node.role === 'screw' || node.role === 'heat-sink';

function reasonByHeight(node: WorkNode, index: number, sequence: readonly OrderNode[]): Reason {
  const { heightMm } = node;
  const before = sequence[index - 1];
  if (before?.kind === 'solder' && before.role !== 'link' && before.heightMm === heightMm) {
    return { kind: 'same-height', heightMm, before: named(before) };
  }
  const next = sequence
    .slice(index + 1)
    .find(
      (n): n is WorkNode => n.kind === 'solder' && n.role !== 'off-board' && n.heightMm > heightMm,
    );
  return { kind: 'lowest', heightMm, next: next ? named(next) : null };
}

/** The parts a rule's sentence speaks of; none where it names no others. */
const namedIn = (sentence: string | undefined, nodes: readonly OrderNode[]) =>
  sentence?.includes('{{others}}') ? namedAll(nodes) : [];

const namedAll = (nodes: readonly OrderNode[]) =>
  nodes.filter((node): node is WorkNode => node.kind !== 'check').map(named);
