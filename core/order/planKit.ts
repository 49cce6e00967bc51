import type { Board } from '../board/board.ts';
import { moreHeat } from '../board/heat.ts';
import { padsOf, partsByPlace } from '../board/pads.ts';
import { standingParts } from '../board/standing.ts';
import { type KitFigures, withFigures } from '../circuit/kitFigures.ts';
import type { Erratum } from '../parts/erratum.ts';
import { familyOf } from '../parts/families/index.ts';
import { hazardIds } from '../parts/family.ts';
import type { Part } from '../parts/part.ts';
import { hazardsOf } from '../safety/hazardsOf.ts';
import {
  arranged,
  arrangementOf,
  type BrokenRule,
  brokenRules,
  isPartOf,
  movedSteps,
} from './arrangement.ts';
import { batchesOf, sizedNodes, turnsOf } from './batches.ts';
import type { Block } from './block.ts';
import { blocksOf } from './blocksOf.ts';
import { cautionsFor } from './cautions.ts';
import { checkOf } from './checks/index.ts';
import { checkNodes, mergedChecks } from './checksOfKit.ts';
import { mostMilliampere } from './expectedCurrent.ts';
import { type Contradiction, hardEdges, ruleGraph } from './graph.ts';
import { hasSupply } from './hasSupply.ts';
import { looseParts, Tops } from './holding.ts';
import type { Named } from './kinds.ts';
import { lengthsOf } from './lengths.ts';
import { jointsOf, named, nodeId, type OrderNode, type WorkNode } from './node.ts';
import { nothingOwn } from './own/own.ts';
import { ownOf, withAdded } from './own/ownSteps.ts';
import { reasonsOf } from './reasons.ts';
import { sequenceOf } from './sequence.ts';
import { type OrderSettings, usualSettings } from './settings.ts';
import type { Situation } from './situation.ts';
import type { CheckStep, Reason, Step, WorkStep } from './step.ts';
import { stackOf } from './styles/index.ts';
import { workNodes } from './workNodes.ts';

export interface KitToPlan {
  readonly parts: readonly Part[];
  readonly supplyVolt: number | null;
  readonly errata?: readonly Erratum[];
  /** Where the parts stand; without it the rules that geometry decides have nothing to say. */
  readonly board?: Board | null;
  readonly settings?: OrderSettings;
  /** What its boards show, where that was worked out. */
  readonly figures?: KitFigures | undefined;
}

export interface KitPlan {
  readonly steps: readonly Step[];
  /** What each step does, for moving it: the pieces it fits or the check it makes. */
  readonly arrangement: readonly (readonly string[])[];
  readonly blocks: readonly Block[];
  readonly contradictions: readonly Contradiction[];
  /** Rules that the instructor's own order breaks. */
  readonly broken: readonly BrokenRule[];
  /** How often the board is turned over. */
  readonly turns: number;
}

/**
 * The soldering steps of a kit, with the checks between them.
 *
 * No hard rule is broken, unless rules contradict each other or the instructor has arranged the steps himself; both
 * are told. What the rules leave free is ordered by the styles, then by place name. A check or a screw stands right
 * before what waits for it.
 *
 * @returns the steps in order, each with its reason; none for a kit without anything to fit
 */
export function planKit(kit: KitToPlan): KitPlan {
  const { parts, supplyVolt, errata = [], board = null, settings = usualSettings } = kit;
  const fitted = parts.filter(({ supply }) => supply !== 'spare');
  const standing = standingParts(board, fitted);
  const blocks = settings.blocks ?? blocksOf(board, fitted);
  const situation: Situation = { standing, access: settings.access, blocks };
  const work = sizedNodes(workNodes(fitted, board), settings, situation);
  const graph = ruleGraph(
    work,
    checkNodes(work, blocks, settings.checks, supplyVolt !== null || hasSupply(fitted)),
    situation,
  );
  const styles = stackOf(settings.styles);
  const computed = mergedChecks(sequenceOf(graph, styles, situation));
  const reasons = reasonsOf({ sequence: computed, edges: graph.edges, styles, situation });
  const own = settings.own ?? nothingOwn;
  const natural = withAdded(computed, own.added);

  const groups = settings.arrangement
    ? arranged(natural, settings.arrangement)
    : batchesOf(natural, graph.edges, settings.batch);
  const edges = settings.arrangement ? hardEdges(groups.flat(), situation) : graph.edges;
  const moved = settings.arrangement
    ? movedSteps(groups.map(([first]) => natural.findIndex((node) => isPartOf(first, node))))
    : new Set<number>();

  const cautions = cautionsFor(groups.flat(), errata);
  const about = {
    chipsOut: work
      .filter(({ kind }) => kind === 'insert')
      .flatMap((node) => named(node).designators),
    hasBattery: work.some(({ parts: [part] }) => part && familyOf(part).power !== 'none'),
    supplyVolt,
    mostMilliampere: mostMilliampere(fitted),
    hazards: hazardIds.filter((hazard) => fitted.some((part) => hazardsOf(part).has(hazard))),
  };
  const reasonOf = (group: readonly OrderNode[], index: number): Reason => {
    const [first] = group;
    if (first?.kind === 'own' || moved.has(index))
      return { kind: 'by-hand', before: nameOf(groups[index - 1]) };
    const origin = natural.find((node) => isPartOf(first, node));
    return (origin && reasons.get(origin)) ?? { kind: 'check' };
  };
  const spots = new Map(standing.map((one) => [one.place, one]));
  const hot = hotJointsByPlace(board, fitted);
  const tops = { top: new Tops(board, spots), bottom: new Tops(board, spots) };
  const withOwn = (step: Step, group: readonly OrderNode[]): Step => {
    const said = ownOf(group, step, own);
    return said ? { ...step, own: said } : step;
  };
  const stepOf = (group: readonly OrderNode[], index: number): Step => {
    const reason = reasonOf(group, index);
    const [first] = group;
    if (first?.kind === 'check') return checkStep(first, blocks, about, reason);
    const nodes = group.filter((node): node is WorkNode => node.kind !== 'check');
    for (const node of nodes) tops[node.side].add(node);
    const holding = first ? looseParts(nodes, tops[first.side]) : [];
    return workStep(nodes, {
      reason,
      hotJoints: hotJointsOf(nodes, hot),
      holding,
      cautions: nodes.flatMap((node) => cautions.get(node) ?? []),
      lengths: lengthsOf(
        nodes.flatMap((node) => node.parts),
        board,
      ),
    });
  };
  return {
    steps: withFigures(
      groups.map((group, index) => withOwn(stepOf(group, index), group)),
      kit.figures,
    ),
    arrangement: arrangementOf(groups),
    blocks,
    contradictions: graph.contradictions,
    broken: brokenRules(groups, edges, settings.exceptions),
    turns: turnsOf(groups),
  };
}

function checkStep(
  { id, check, blocks }: Extract<OrderNode, { kind: 'check' }>,
  known: readonly Block[],
  about: Pick<CheckStep, 'chipsOut' | 'hasBattery' | 'supplyVolt' | 'mostMilliampere' | 'hazards'>,
  reason: Reason,
): CheckStep {
  const tested = known.filter(
    ({ name }) => checkOf(check).perBlock === 'with-test' && blocks.includes(name),
  );
  const sees = tested.flatMap(({ test }) => test ?? []).join(' ');
  return { id, kind: 'check', check, blocks, sees: sees === '' ? null : sees, ...about, reason };
}

function workStep(
  nodes: readonly WorkNode[],
  rest: Pick<WorkStep, 'reason' | 'hotJoints' | 'cautions' | 'holding' | 'lengths'>,
): WorkStep {
  const [first] = nodes;
  const parts = nodes.flatMap((node) => node.parts);
  const kind = first?.kind ?? 'solder';
  const holds = [...new Set(nodes.flatMap((node) => node.holds ?? []))];
  return {
    id: nodes.length === 1 && first ? first.id : nodeId(kind, parts),
    kind,
    parts,
    joints: nodes.reduce((sum, node) => sum + jointsOf(node), 0),
    side: first?.side ?? 'top',
    ...(holds.length > 0 ? { holds } : {}),
    ...rest,
  };
}

/** How many joints of each place take more heat than others; none where no board says so. */
function hotJointsByPlace(
  board: Board | null,
  parts: readonly Part[],
): ReadonlyMap<string, number> {
  const counts = new Map<string, number>();
  for (const pad of board ? padsOf(board, partsByPlace(parts)) : []) {
    if (board && moreHeat(board, pad)) counts.set(pad.place, (counts.get(pad.place) ?? 0) + 1);
  }
  return counts;
}

const hotJointsOf = (nodes: readonly WorkNode[], hot: ReadonlyMap<string, number>): number =>
  nodes
    .filter(({ kind }) => kind === 'solder')
    .flatMap(({ parts }) => parts.flatMap(({ designators }) => designators))
    .reduce((sum, place) => sum + (hot.get(place) ?? 0), 0);

/** The part of the step before by which a sentence names it. */
const nameOf = (group: readonly OrderNode[] | undefined): Named | null => {
  const work = group?.find((node): node is WorkNode => 'parts' in node && node.parts.length > 0);
  return work ? named(work) : null;
};
