import { heldPieces, type PlannedStep, totalMinutes, withMinutes } from '../pace/stepMinutes.ts';
import { familyOf } from '../parts/families/index.ts';
import type { Block } from './block.ts';
import { checkOf } from './checks/index.ts';
import { type KitPlan, type KitToPlan, planKit } from './planKit.ts';
import { type OrderSettings, usualSettings } from './settings.ts';
import type { StyleId } from './styles/ids.ts';
import { styles } from './styles/index.ts';

/** What building a kit in one style would be like. */
export interface StyleReport {
  readonly styles: readonly StyleId[];
  readonly checks: OrderSettings['checks'];
  readonly turns: number;
  /** Pieces that have to be kept from falling out. */
  readonly held: number;
  /** How far the loosest piece can drop, in mm. */
  readonly dropMm: number;
  /** For somebody new, with the checks. */
  readonly minutes: number;
  /** For each block: minutes from its joints, on the average, to the first power that tells whether it is right. */
  readonly foundAfter: readonly { readonly block: string; readonly minutes: number }[];
  /** Minutes of looking for faults that are to be expected. */
  readonly searchMinutes: number;
  /** Joints that are made, on the average, when a part that heat can spoil is in already. */
  readonly heatJoints: number | null;
  /** The longest that a part that static can spoil is out of its bag, in minutes. */
  readonly staticMinutes: number | null;
}

/** One joint in so many is bad where somebody is new (prior from common practice). */
const jointsPerFault = 40;
/** Minutes that each joint that may be the bad one adds to the search (common practice). */
const searchMinutesPerJoint = 0.4;

/**
 * What each style would mean for a kit, with everything else as it is set. Block by block is tested block by block,
 * the others as the settings say.
 *
 * @param onProgress told after each style, with the share that is done
 */
export function compareStyles(
  kit: KitToPlan,
  onProgress: (share: number) => void = () => undefined,
): StyleReport[] {
  const settings = kit.settings ?? usualSettings;
  return styles.map(({ id, byBlocks }, index) => {
    const one: OrderSettings = {
      ...settings,
      styles: [id],
      checks: byBlocks ? 'blocks' : settings.checks,
      arrangement: null,
      exceptions: [],
    };
    const report = reportOn(planKit({ ...kit, settings: one }), one);
    onProgress((index + 1) / styles.length);
    return report;
  });
}

/** What building by a plan would be like. */
export function reportOn(
  plan: Pick<KitPlan, 'steps' | 'blocks' | 'turns'>,
  settings: Pick<OrderSettings, 'styles' | 'checks'>,
): StyleReport {
  const steps = withMinutes(plan.steps);
  const begins = beginnings(steps);
  const holding = plan.steps.flatMap((step) => (step.kind === 'check' ? [] : step.holding));
  return {
    styles: settings.styles,
    checks: settings.checks,
    turns: plan.turns,
    held: heldPieces(holding),
    dropMm: Math.max(0, ...holding.map(({ dropMm }) => dropMm)),
    minutes: totalMinutes(steps),
    foundAfter: foundAfter(steps, begins, plan.blocks),
    searchMinutes: searchMinutes(steps),
    heatJoints: heatJoints(steps),
    staticMinutes: staticMinutes(steps, begins),
  };
}

/** When each step begins, in minutes from the start. */
function beginnings(steps: readonly PlannedStep[]): number[] {
  let at = 0;
  return steps.map(({ minutes }) => {
    at += minutes;
    return at - minutes;
  });
}

const whole: Block = { name: '', places: [], test: null };

function foundAfter(
  steps: readonly PlannedStep[],
  begins: readonly number[],
  blocks: readonly Block[],
): StyleReport['foundAfter'] {
  return (blocks.length > 0 ? blocks : [whole]).flatMap(({ name, places }) => {
    const inBlock = new Set(places);
    const made = steps.flatMap((step, index) => {
      if (step.kind !== 'solder') return [];
      const here = step.parts
        .flatMap(({ designators }) => designators)
        .filter((place) => inBlock.size === 0 || inBlock.has(place)).length;
      return here > 0 ? [{ at: (begins[index] ?? 0) + step.minutes / 2, pieces: here, index }] : [];
    });
    const last = Math.max(-1, ...made.map(({ index }) => index));
    const check = steps.findIndex(
      (step, index) =>
        index > last &&
        step.kind === 'check' &&
        checkOf(step.check).provesSupply &&
        (step.blocks.length === 0 || step.blocks.includes(name)),
    );
    const pieces = made.reduce((sum, one) => sum + one.pieces, 0);
    if (check < 0 || pieces === 0) return [];
    const mean = made.reduce((sum, one) => sum + one.at * one.pieces, 0) / pieces;
    return [{ block: name, minutes: (begins[check] ?? 0) - mean }];
  });
}

/** Where the power says that something is wrong, every joint since the last time it was right may be the one. */
function searchMinutes(steps: readonly PlannedStep[]): number {
  let untested = 0;
  let minutes = 0;
  for (const step of steps) {
    if (step.kind === 'solder') untested += step.joints;
    if (step.kind === 'check' && checkOf(step.check).provesSupply) {
      minutes += (untested / jointsPerFault) * untested * searchMinutesPerJoint;
      untested = 0;
    }
  }
  return minutes;
}

function heatJoints(steps: readonly PlannedStep[]): number | null {
  const joints = steps.map((step) => (step.kind === 'check' ? 0 : step.joints));
  const exposed = steps.flatMap((step, index) => {
    if (step.kind !== 'solder') return [];
    const later = joints.slice(index + 1).reduce((sum, count) => sum + count, 0);
    return step.parts.filter((part) => familyOf(part).heatSensitive).map(() => later);
  });
  if (exposed.length === 0) return null;
  return exposed.reduce((sum, count) => sum + count, 0) / exposed.length;
}

function staticMinutes(steps: readonly PlannedStep[], begins: readonly number[]): number | null {
  const all = totalMinutes(steps);
  const out = steps.flatMap((step, index) =>
    step.kind !== 'check' && step.parts.some((part) => familyOf(part).staticSensitive)
      ? [all - (begins[index] ?? 0)]
      : [],
  );
  return out.length > 0 ? Math.max(...out) : null;
}

/** The style that costs the least time, faults included, and what stands against it. */
export interface Recommendation {
  readonly best: StyleReport;
  /** Minutes that it saves against the order as it is now; below 1 the order may stay. */
  readonly savesMinutes: number;
  /** The style in which a fault is found soonest, where that is another one. */
  readonly soonest: StyleReport | null;
}

export const costMinutes = ({ minutes, searchMinutes: search }: StyleReport): number =>
  minutes + search;

/** The mean over the blocks, in minutes. */
export const meanFoundAfter = ({ foundAfter: blocks }: StyleReport): number =>
  blocks.length === 0 ? 0 : blocks.reduce((sum, { minutes }) => sum + minutes, 0) / blocks.length;

export function recommend(reports: readonly StyleReport[], now: StyleReport): Recommendation {
  const least = (of: (report: StyleReport) => number) =>
    [now, ...reports].reduce((best, report) => (of(report) < of(best) ? report : best));
  const best = least(costMinutes);
  const soonest = least(meanFoundAfter);
  return {
    best,
    savesMinutes: costMinutes(now) - costMinutes(best),
    soonest: meanFoundAfter(soonest) < meanFoundAfter(best) - 1 ? soonest : null,
  };
}
