import { abilityOf, beliefBefore, exerciseEvidence, followed } from '../ability.ts';
import { type ItemId, partsOfItem } from '../drills/exercise.ts';
import type { SkillId } from '../skills.ts';
import type { PracticeAnswer } from './answers.ts';

/** How often an item went right, by everybody together. */
export interface ItemTally {
  readonly item: ItemId;
  readonly right: number;
  readonly of: number;
}

/** What was counted, item by item, in the order of the items' names. */
export function talliesOf(
  answers: Iterable<Pick<PracticeAnswer, 'item' | 'isRight'>>,
): ItemTally[] {
  const tallies = new Map<ItemId, ItemTally>();
  for (const { item, isRight } of answers) {
    if (isRight === null) continue;
    const { right, of } = tallies.get(item) ?? { right: 0, of: 0 };
    tallies.set(item, { item, right: right + (isRight ? 1 : 0), of: of + 1 });
  }
  return [...tallies.values()].sort((a, b) => (a.item < b.item ? -1 : 1));
}

/** So many answers the stated share of a kind weighs, and the kind's own share for an item of it (priors). */
const weightOfKind = 10;
const weightOfItem = 6;
/** Before anything was answered most exercises go right (prior). */
const usualShare = 0.75;

const logOdds = (share: number): number => Math.log(share / (1 - share));

/** How much harder an item is than exercises usually are, in log odds; 0 where nobody has answered it. */
export type Difficulties = ReadonlyMap<ItemId, number>;

/** From what went right: an item that few have answered is taken to be as its kind, a kind as exercises usually are. */
export function difficultiesOf(tallies: readonly ItemTally[]): Difficulties {
  const kinds = new Map<string, { right: number; of: number }>();
  for (const { item, right, of } of tallies) {
    const known = kinds.get(kindOf(item)) ?? { right: 0, of: 0 };
    kinds.set(kindOf(item), { right: known.right + right, of: known.of + of });
  }
  return new Map(
    tallies.map(({ item, right, of }) => {
      const kind = kinds.get(kindOf(item)) ?? { right: 0, of: 0 };
      const share = (kind.right + weightOfKind * usualShare) / (kind.of + weightOfKind);
      const own = (right + weightOfItem * share) / (of + weightOfItem);
      return [item, logOdds(usualShare) - logOdds(Math.min(0.98, Math.max(0.02, own)))];
    }),
  );
}

const kindOf = (item: ItemId): string => item.split('.').slice(0, 2).join('.');

/**
 * The chance that somebody gets an item right, from what they answered of its skill and from how hard it is.
 *
 * @param answers of the learner, in the order of time
 */
export function chanceByItem(
  answers: readonly PracticeAnswer[],
  difficulties: Difficulties,
): (item: ItemId) => number {
  const abilities = new Map<SkillId, number>();
  const abilityAt = (skill: SkillId): number => {
    const known = abilities.get(skill);
    if (known !== undefined) return known;
    const outcomes = answers.flatMap(({ item, isRight, at }) => {
      const kind = partsOfItem(item)?.kind;
      if (kind?.skill !== skill || isRight === null) return [];
      return [{ wasRight: isRight, at, evidence: exerciseEvidence(kind.guess) }];
    });
    const { chance } = abilityOf(followed(outcomes).at(-1) ?? beliefBefore);
    abilities.set(skill, logOdds(chance));
    return logOdds(chance);
  };
  return (item) => {
    const kind = partsOfItem(item)?.kind;
    if (!kind) return 0;
    const { harder, slip, guess } = exerciseEvidence(kind.guess);
    const odds = abilityAt(kind.skill) - harder - (difficulties.get(item) ?? 0);
    return guess + (1 - guess - slip) / (1 + Math.exp(-odds));
  };
}

/** An exercise is worth its time where it goes right mostly, but not as a matter of course (common practice). */
const tooHardBelow = 0.4;
const tooEasyFrom = 0.93;

export type Fit = 'too-hard' | 'fits' | 'too-easy';

export const fitOf = (chance: number): Fit =>
  chance < tooHardBelow ? 'too-hard' : chance >= tooEasyFrom ? 'too-easy' : 'fits';
