import { useTranslation } from 'react-i18next';
import {
  type Answer,
  type BenchTest,
  type Outcome,
  supplyFrom,
  unitOf,
} from '#core/faults/benchTests';
import type { FaultDictionary } from '#core/faults/dictionary';
import { meaningsOf } from '#core/faults/meanings';
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
  const likely = groups.slice(0, mostGroups).filter(({ chance }) => chance >= leastChance);
  const meanings = meaningsOf(dictionary, test, likely, supply);
  // Where all would show the same, nothing is told by it.
  if (meanings.length < 2) return null;
  const shown = (outcome: Outcome) =>
    typeof outcome === 'number' && unit
      ? amountText(t, outcome, unit)
      : `${place} ${outcomeText(t, dictionary, test, String(outcome))}`.trim();
  const said = ({ members }: RankedGroup) =>
    members.slice(0, 1).map(({ candidate }) => candidateText(t, candidate, parts));
  return (
    <dl className="fault-means">
      {meanings.map((meaning) => (
        <div key={shown(meaning.outcome)}>
          <dt>{shown(meaning.outcome)}</dt>
          <dd>{meaning.groups.flatMap(said).join('; ')}</dd>
        </div>
      ))}
    </dl>
  );
}
