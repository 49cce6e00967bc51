import { useTranslation } from 'react-i18next';
import {
  type Answer,
  type BenchTest,
  likeliestOutcome,
  supplyFrom,
  unitOf,
} from '#core/faults/benchTests';
import type { FaultDictionary } from '#core/faults/dictionary';
import type { RankedGroup } from '#core/faults/rank';
import type { Part } from '#core/parts/part';
import { candidateText, outcomeText } from '#core/words/faultWords';
import { amountText } from '#core/words/figureWords';

interface MeansProps {
  readonly dictionary: FaultDictionary;
  readonly test: BenchTest;
  readonly groups: readonly RankedGroup[];
  readonly answers: readonly Answer[];
  readonly parts: ReadonlyMap<string, Part>;
}

const mostGroups = 4;
const leastChance = 0.03;

/** What each thing that may come of a test would mean: by the likeliest faults. */
export function Means({ dictionary, test, groups, answers, parts }: MeansProps) {
  const { t } = useTranslation();
  const supply = supplyFrom(dictionary, answers);
  const unit = unitOf(test);
  // Several parts are looked at together: this is about one of them.
  const place = test.kind === 'sense' ? (dictionary.points.senses[test.sense]?.place ?? '') : '';
  const byOutcome = new Map<string, string[]>();
  for (const { chance, members } of groups.slice(0, mostGroups)) {
    const candidate = members[0]?.candidate;
    if (candidate === undefined || chance < leastChance) continue;
    const outcome = likeliestOutcome(dictionary, test, candidate, supply);
    if (outcome === null) continue;
    const shows =
      typeof outcome === 'number' && unit
        ? amountText(t, outcome, unit)
        : `${place} ${outcomeText(t, dictionary, test, String(outcome))}`.trim();
    const said = candidateText(t, candidate, parts);
    byOutcome.set(shows, [...(byOutcome.get(shows) ?? []), said]);
  }
  // Where all would show the same, nothing is told by it.
  if (byOutcome.size < 2) return null;
  return (
    <dl className="fault-means">
      {[...byOutcome].map(([shows, faults]) => (
        <div key={shows}>
          <dt>{shows}</dt>
          <dd>{faults.join('; ')}</dd>
        </div>
      ))}
    </dl>
  );
}
