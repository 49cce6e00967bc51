import { type KindSums, type LearnerTimes, learnerAlone, posteriorOf } from './posterior.ts';
import {
  kindVariation,
  learnerVariation,
  type Pace,
  paceFrom,
  type Spread,
  stepVariation,
} from './priors.ts';
import type { StepKind, StepTime } from './stepTimes.ts';

/** Step times added to what was summed up before; those that something went wrong in say nothing of hands. */
export function sumUp(times: readonly StepTime[], before: KindSums = new Map()): KindSums {
  const sums = new Map(before);
  for (const time of times) {
    if (time.hadTrouble) continue;
    const { count, logSum, logSquares } = sums.get(time.kind) ?? nothing;
    const log = logShare(time);
    sums.set(time.kind, {
      count: count + 1,
      logSum: logSum + log,
      logSquares: logSquares + log ** 2,
    });
  }
  return sums;
}

const nothing = { count: 0, logSum: 0, logSquares: 0 };

export interface Learnt {
  readonly pace: Pace;
  /** Step times behind it. */
  readonly count: number;
}

export interface LearntPace {
  readonly kinds: ReadonlyMap<StepKind, Learnt>;
  readonly learners: ReadonlyMap<string, Learnt>;
  readonly spread: Spread;
  readonly count: number;
}

/** One time that is further off than this, up or down, was something else: a break, a chat (prior). */
const mostTimesOff = 4;

/** What one step time says: the logarithm of its share of the plan, with the mean of its scatter taken off. */
function logShare({ minutes, planned }: Pick<StepTime, 'minutes' | 'planned'>): number {
  const bound = Math.log(mostTimesOff);
  const log = Math.log(minutes / planned);
  return Math.min(bound, Math.max(-bound, log)) - scatter.logMean;
}

const scatter = paceFrom(1, stepVariation);
const kindBefore = paceFrom(1, kindVariation);

/** How fast kinds of steps and learners are, and how unlike, from what was seen. */
export function learnPace(people: readonly LearnerTimes[]): LearntPace {
  const kinds = [...new Set(people.flatMap(({ sums }) => [...sums.keys()]))].sort();
  const posterior = posteriorOf(people, kinds, () => kindBefore, scatter.logSd);
  const { kindMeans, covariance, kindCounts } = posterior;
  const learners = posterior.learners.map((row) => ({
    learner: row.learner,
    pace: learnerAlone(posterior, row),
    count: row.count,
  }));
  return {
    kinds: new Map(
      kinds.map((kind, index) => [
        kind,
        {
          pace: {
            logMean: kindMeans[index] ?? 0,
            logSd: Math.sqrt(covariance[index]?.[index] ?? 0),
          },
          count: kindCounts[index] ?? 0,
        },
      ]),
    ),
    learners: new Map(learners.map(({ learner, pace, count }) => [learner, { pace, count }])),
    spread: {
      people: peopleSpread(people, learners),
      steps: stepSpread(people, learners, kinds, kindMeans),
    },
    count: learners.reduce((sum, { count }) => sum + count, 0),
  };
}

/** So many learners, and so many step times, the stated spreads weigh against what is seen (priors). */
const spreadWeight = { people: 12, steps: 60 };

/** How unlike learners of one experience are: the stated spread and what was found of each, by their numbers. */
function peopleSpread(
  people: readonly LearnerTimes[],
  found: readonly { readonly pace: Pace; readonly count: number }[],
): number {
  const before = people.map((one) => one.before);
  const seen = found.flatMap(({ pace, count }, index) => {
    const off = pace.logMean - (before[index]?.logMean ?? 0);
    return count === 0 ? [] : [{ off, variance: pace.logSd ** 2 }];
  });
  const mean = seen.reduce((sum, { off }) => sum + off, 0) / Math.max(1, seen.length);
  const squares = seen.reduce((sum, { off, variance }) => sum + (off - mean) ** 2 + variance, 0);
  const prior = paceFrom(1, learnerVariation).logSd ** 2;
  return Math.sqrt((spreadWeight.people * prior + squares) / (spreadWeight.people + seen.length));
}

/** How much one step time differs from what was to be expected of kind and learner. */
function stepSpread(
  people: readonly LearnerTimes[],
  found: readonly { readonly pace: Pace }[],
  kinds: readonly StepKind[],
  kindMeans: readonly number[],
): number {
  let [squares, count] = [spreadWeight.steps * scatter.logSd ** 2, spreadWeight.steps];
  for (const [index, { sums }] of people.entries()) {
    for (const [kind, sum] of sums) {
      const expected = (kindMeans[kinds.indexOf(kind)] ?? 0) + (found[index]?.pace.logMean ?? 0);
      squares += sum.logSquares - 2 * expected * sum.logSum + sum.count * expected ** 2;
      count += sum.count;
    }
  }
  return Math.sqrt(squares / count);
}

/** What is believed of somebody after some more step times, with the kinds as they are known. */
export function afterTimes(
  before: Pace,
  times: readonly StepTime[],
  kinds: ReadonlyMap<StepKind, Learnt> = new Map(),
): Pace {
  const clear = times.filter(({ hadTrouble }) => !hadTrouble);
  const precision = 1 / scatter.logSd ** 2;
  const weight = 1 / before.logSd ** 2 + clear.length * precision;
  const said = clear.reduce(
    (sum, time) =>
      sum + logShare(time) - (kinds.get(time.kind)?.pace.logMean ?? kindBefore.logMean),
    0,
  );
  return {
    logMean: (before.logMean / before.logSd ** 2 + precision * said) / weight,
    logSd: Math.sqrt(1 / weight),
  };
}
