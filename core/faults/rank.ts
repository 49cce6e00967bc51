import { memoOfObject } from '../memo.ts';
import { type Answer, type Candidate, likelihood, supplyFrom } from './benchTests.ts';
import type { DictionaryEntry, FaultDictionary } from './dictionary.ts';
import { faultTraits } from './kinds/traits.ts';

/** Boards that come to the bench with nothing wrong, and with what nobody has thought of (priors, common practice). */
const goodShare = 0.03;
const otherShare = 0.03;

export interface Ranked {
  readonly candidate: Candidate;
  /** From 0 to 1; all sum to one. */
  readonly chance: number;
}

/** How much likelier something is than usual: what this room, or this learner, has done before. */
export type Weights = (entry: Pick<DictionaryEntry, 'fault'>) => number;

export const asUsual: Weights = () => 1;

/** All candidates before anything is seen. */
export function priors(dictionary: FaultDictionary, weights: Weights = asUsual): Ranked[] {
  const { entries } = dictionary;
  const odds = entries.map((entry) => weights(entry) / faultTraits[entry.fault.kind].onceIn);
  const sum = odds.reduce((total, one) => total + one, 0);
  const rest = sum > 0 ? 1 - goodShare - otherShare : 0;
  const named = entries.map((candidate, index) => ({
    candidate,
    chance: sum > 0 ? (rest * (odds[index] ?? 0)) / sum : 0,
  }));
  return normalised([
    ...named,
    { candidate: 'good', chance: goodShare },
    { candidate: 'other', chance: otherShare },
  ]);
}

/**
 * Candidates after what was seen and measured, likeliest first (Bayes’ rule; answers are independent where the fault is
 * known). The order of the answers does not matter.
 */
export function ranked(
  dictionary: FaultDictionary,
  answers: readonly Answer[],
  weights: Weights = asUsual,
): Ranked[] {
  const supply = supplyFrom(dictionary, answers);
  const logs = priors(dictionary, weights).map(({ candidate, chance }) => ({
    candidate,
    log: answers.reduce(
      (sum, answer) => sum + Math.log(likelihood(dictionary, answer, candidate, supply)),
      Math.log(chance),
    ),
  }));
  const most = logs.reduce((max, { log }) => Math.max(max, log), Number.NEGATIVE_INFINITY);
  return normalised(
    logs.map(({ candidate, log }) => ({ candidate, chance: Math.exp(log - most) })),
  ).sort((a, b) => b.chance - a.chance);
}

function normalised(all: readonly Ranked[]): Ranked[] {
  const sum = all.reduce((total, { chance }) => total + chance, 0);
  return all.map(({ candidate, chance }) => ({ candidate, chance: chance / sum }));
}

/** Candidates that no reading tells apart, together. */
export interface RankedGroup {
  readonly chance: number;
  /** Likeliest first; that nothing is wrong comes before whatever does not show. */
  readonly members: readonly Ranked[];
}

/** What nothing that is read tells apart as one, likeliest first. */
export function rankedGroups(dictionary: FaultDictionary, all: readonly Ranked[]): RankedGroup[] {
  const groupOf = groupsOfCandidates.of(
    dictionary,
    () => new Map(dictionary.entries.map((entry, index) => [entry, dictionary.groups[index] ?? 0])),
  );
  const groups = new Map<number, Ranked[]>();
  for (const one of all) {
    const { candidate } = one;
    const group =
      candidate === 'good' ? 0 : candidate === 'other' ? -1 : (groupOf.get(candidate) ?? -1);
    const members = groups.get(group);
    if (!members) groups.set(group, [one]);
    else if (candidate === 'good') members.unshift(one);
    else members.push(one);
  }
  return [...groups.values()]
    .map((members) => ({
      chance: members.reduce((sum, { chance }) => sum + chance, 0),
      members,
    }))
    .sort((a, b) => b.chance - a.chance);
}

const groupsOfCandidates = memoOfObject<FaultDictionary, ReadonlyMap<DictionaryEntry, number>>(
  'groups of faults',
);
