import { type BenchTest, likeliestOutcome, type Outcome } from './benchTests.ts';
import type { FaultDictionary } from './dictionary.ts';
import type { RankedGroup } from './rank.ts';
import type { KnownSupply } from './signature.ts';

/** What may come of a test, and what it would mean then. */
export interface Meaning {
  readonly outcome: Outcome;
  readonly groups: readonly RankedGroup[];
}

/** Numbers that are nearer than this are one to whoever reads a meter, as a part of the larger; never below 0.1. */
const nearPart = 0.2;

const isOne = (one: Outcome, other: Outcome): boolean =>
  typeof one === 'number' && typeof other === 'number'
    ? Math.abs(one - other) <= Math.max(0.1, nearPart * Math.max(Math.abs(one), Math.abs(other)))
    : one === other;

/**
 * What a test would show with each of some groups of faults, in their order. Readings that nobody tells apart are one:
 * a tenth of a volt says nothing where good boards differ by more.
 */
export function meaningsOf(
  dictionary: FaultDictionary,
  test: BenchTest,
  groups: readonly RankedGroup[],
  supply: KnownSupply,
): Meaning[] {
  const found: { outcome: Outcome; groups: RankedGroup[] }[] = [];
  for (const group of groups) {
    const candidate = group.members[0]?.candidate;
    const outcome =
      candidate === undefined ? null : likeliestOutcome(dictionary, test, candidate, supply);
    if (outcome === null) continue;
    const same = found.find((one) => isOne(one.outcome, outcome));
    if (same) same.groups.push(group);
    else found.push({ outcome, groups: [group] });
  }
  return found;
}
