import {
  abilityOf,
  beliefBefore,
  claimedEvidence,
  followed,
  movedOn,
  seenEvidence,
} from '../ability.ts';
import { chanceRight, seenParameters, traced, usualParameters } from './knowledgeTracing.ts';
import { otherLearner, type TrueOpportunity } from './otherLearners.ts';

interface Told {
  readonly chance: number;
  readonly wasRight: boolean;
}

/** How good a model foretells whether the next opportunity really goes right. */
export interface JudgedModel {
  /** Mean of −ln of the chance that was told for what came. */
  readonly logLoss: number;
  /** Mean distance of told and came over ten bins, weighed by their numbers. */
  readonly calibrationError: number;
}

/** Three models on the same made-up learners: ability as it is followed here, knowledge tracing, and the raw share. */
export function judgedModels(firstSeed: number, learners: number) {
  const told: Record<'ability' | 'tracing' | 'rawShare', Told[]> = {
    ability: [],
    tracing: [],
    rawShare: [],
  };
  for (let index = 0; index < learners; index += 1) {
    const all = otherLearner(firstSeed + index, 4, 14);
    const course = abilityBefore(all);
    const traces = traced(
      all.map(({ wasRight, grade }) => ({
        wasRight,
        parameters: grade === 'seen' ? seenParameters : usualParameters,
      })),
    );
    let right = 0;
    for (const [place, { wasRight, wasReallyRight }] of all.entries()) {
      told.ability.push({ chance: course[place] ?? 0, wasRight: wasReallyRight });
      told.tracing.push({
        chance: chanceRight(traces[place] ?? 0, usualParameters),
        wasRight: wasReallyRight,
      });
      // Laplace's rule: before anything was seen it is a half.
      told.rawShare.push({ chance: (right + 1) / (place + 2), wasRight: wasReallyRight });
      if (wasRight) right += 1;
    }
  }
  return {
    ability: judged(told.ability),
    tracing: judged(told.tracing),
    rawShare: judged(told.rawShare),
  };
}

/** The chance that was told just before each opportunity. */
function abilityBefore(all: readonly TrueOpportunity[]): number[] {
  const course = followed(
    all.map(({ wasRight, at, grade }) => ({
      wasRight,
      at,
      evidence: grade === 'seen' ? seenEvidence : claimedEvidence,
    })),
  );
  return all.map(({ at }, index) => {
    const before = all[index - 1];
    const belief = course[index] ?? beliefBefore;
    const days = before ? (Date.parse(at) - Date.parse(before.at)) / 86_400_000 : 0;
    return abilityOf(before ? movedOn(belief, days) : belief).chance;
  });
}

function judged(told: readonly Told[]): JudgedModel {
  const logLoss =
    told.reduce((sum, { chance, wasRight }) => sum - Math.log(wasRight ? chance : 1 - chance), 0) /
    told.length;
  const bins = Array.from({ length: 10 }, (_, bin) =>
    told.filter(({ chance }) => Math.min(9, Math.floor(10 * chance)) === bin),
  );
  const calibrationError = bins.reduce((sum, bin) => {
    if (bin.length === 0) return sum;
    const mean = bin.reduce((all, { chance }) => all + chance, 0) / bin.length;
    const came = bin.filter(({ wasRight }) => wasRight).length / bin.length;
    return sum + (bin.length / told.length) * Math.abs(mean - came);
  }, 0);
  return { logLoss, calibrationError };
}
