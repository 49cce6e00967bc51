import type { BuildEvent } from '../build/event.ts';
import { eventsThatCount } from '../build/eventsThatCount.ts';
import { mistakes } from '../learning/mistakes/index.ts';
import type { Step } from '../order/step.ts';
import type { FamilyId } from '../parts/families/ids.ts';
import { familyOf } from '../parts/families/index.ts';
import type { PartFamily } from '../parts/family.ts';

/**
 * How often a piece is lost or broken before it is on the board: a beta distribution, so that it says how much it
 * knows. `a` counts lost pieces, `b` pieces that were fitted, both with the prior's share.
 */
export interface LossRate {
  readonly a: number;
  readonly b: number;
  /** Pieces of the room's own events behind it. */
  readonly pieces: number;
  readonly lost: number;
}

/** What the rooms' events say of a family. */
export interface LossCount {
  readonly pieces: number;
  readonly lost: number;
}

// Shares of pieces that beginners lose or break (common practice: leads break, LEDs melt, wires are cut too short,
// chip parts jump off the tweezers), first that fits; the prior weighs as much as so many pieces.
const priorPieces = 60;
const priors: readonly (readonly [(family: PartFamily) => boolean, number])[] = [
  [({ mount }) => mount === 'surface', 0.05],
  [({ role }) => role === 'off-board', 0.05],
  [({ role }) => role === 'chip', 0.02],
  [({ heatSensitive }) => heatSensitive, 0.03],
  [({ mount }) => mount === 'none', 0.01],
  [() => true, 0.015],
];

/** The share that is reckoned with before any event. */
export const priorShare = (family: PartFamily): number =>
  priors.find(([fits]) => fits(family))?.[1] ?? 0.015;

/** The loss rate of a family after what the rooms saw (Beta-binomial conjugate update, any statistics textbook). */
export function lossRateOf(family: FamilyId, seen: LossCount = { pieces: 0, lost: 0 }): LossRate {
  const share = priorShare(familyOf({ family }));
  return {
    a: share * priorPieces + seen.lost,
    b: (1 - share) * priorPieces + Math.max(0, seen.pieces - seen.lost),
    ...seen,
  };
}

export const meanOf = ({ a, b }: Pick<LossRate, 'a' | 'b'>): number => a / (a + b);

const usesUp = new Set(mistakes.filter(({ usesUpPart }) => usesUpPart).map(({ id }) => id));

/**
 * Counts what the log of a workshop says of each family: pieces of finished steps, and pieces that had to be replaced.
 *
 * @param steps the plan of the workshop
 * @param events its whole log, of all seats
 */
export function countLosses(
  steps: readonly Step[],
  events: readonly BuildEvent[],
): Map<FamilyId, LossCount> {
  const parts = new Map(steps.map((step) => [step.id, step.kind === 'check' ? [] : step.parts]));
  const counts = new Map<FamilyId, LossCount>();
  const add = (family: FamilyId, pieces: number, lost: number) => {
    const before = counts.get(family) ?? { pieces: 0, lost: 0 };
    counts.set(family, { pieces: before.pieces + pieces, lost: before.lost + lost });
  };
  const finished = new Set<string>();
  for (const event of eventsThatCount(events)) {
    if (event.kind === 'step-done') {
      const once = `${event.seatId} ${event.stepId}`;
      if (finished.has(once)) continue;
      finished.add(once);
      for (const { family, quantity } of parts.get(event.stepId) ?? []) add(family, quantity, 0);
    } else if (event.kind === 'mistake' && usesUp.has(event.mistake)) {
      const [first, ...others] = parts.get(event.stepId) ?? [];
      const { designator } = event;
      const hit =
        others.find((part) => designator && part.designators.includes(designator)) ?? first;
      if (hit) add(hit.family, 1, 1);
    }
  }
  return counts;
}
