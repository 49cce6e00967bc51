import { kindVariation, type Pace, paceFrom, stepVariation } from './priors.ts';
import type { StepKind, StepTime } from './stepTimes.ts';

/** All that step times of one kind say: how many there are, and the sum of the logarithms of their shares of the plan. */
export interface KindSum {
  readonly count: number;
  readonly logSum: number;
}

export type KindSums = ReadonlyMap<StepKind, KindSum>;

/** Step times added to what was summed up before. */
export function sumUp(times: readonly StepTime[], before: KindSums = new Map()): KindSums {
  const sums = new Map(before);
  for (const time of times) {
    const { count, logSum } = sums.get(time.kind) ?? { count: 0, logSum: 0 };
    sums.set(time.kind, { count: count + 1, logSum: logSum + logShare(time) });
  }
  return sums;
}

/** What was seen of somebody, and what was believed of them before. */
export interface LearnerTimes {
  /** A learner's id, or a seat's where nobody gave a name. */
  readonly learner: string;
  readonly before: Pace;
  readonly sums: KindSums;
}

export interface Learnt {
  readonly pace: Pace;
  /** Step times behind it. */
  readonly count: number;
}

export interface LearntPace {
  readonly kinds: ReadonlyMap<StepKind, Learnt>;
  readonly learners: ReadonlyMap<string, Learnt>;
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

/**
 * How fast kinds of steps and learners are, from what was seen: log share = kind + learner + scatter, all normal with
 * known variances. The posterior is exact: of the joint precision matrix the learners' part is diagonal and is
 * eliminated first (Schur complement), so that only a matrix of kinds is inverted.
 *
 * Source: Bayesian linear model with conjugate normal priors, as in any textbook (Gelman et al., Bayesian Data Analysis,
 * from memory).
 */
export function learnPace(people: readonly LearnerTimes[]): LearntPace {
  const kinds = [...new Set(people.flatMap(({ sums }) => [...sums.keys()]))].sort();
  const place = new Map(kinds.map((kind, index) => [kind, index]));
  const precision = 1 / scatter.logSd ** 2;

  // Sums for the kinds: own precision, and the right-hand side; both before the learners are eliminated.
  const schur = kinds.map((_, row) =>
    kinds.map((_column, column) => (row === column ? 1 / kindBefore.logSd ** 2 : 0)),
  );
  const right = kinds.map(() => kindBefore.logMean / kindBefore.logSd ** 2);
  const kindCounts = kinds.map(() => 0);
  const rows = people.map(({ learner, before, sums }) => {
    const counts = kinds.map(() => 0);
    let own = before.logMean / before.logSd ** 2;
    for (const [kind, { count, logSum }] of sums) {
      const index = place.get(kind) ?? 0;
      const said = precision * logSum;
      add(counts, index, count);
      add(kindCounts, index, count);
      own += said;
      add(right, index, said);
      add(schur[index] ?? [], index, count * precision);
    }
    const all = counts.reduce((sum, count) => sum + count, 0);
    const weight = 1 / before.logSd ** 2 + all * precision;
    const cross = counts.map((count) => count * precision);
    return { learner, count: all, own, weight, cross };
  });
  for (const { own, weight, cross } of rows) {
    for (const [row, a] of cross.entries()) {
      if (a === 0) continue;
      add(right, row, (-a * own) / weight);
      for (const [column, b] of cross.entries()) add(schur[row] ?? [], column, (-a * b) / weight);
    }
  }

  const covariance = inverse(schur);
  const kindMeans = covariance.map((row) => dot(row, right));
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
    learners: new Map(
      rows.map(({ learner, count, own, weight, cross }) => [
        learner,
        {
          pace: {
            logMean: (own - dot(cross, kindMeans)) / weight,
            logSd: Math.sqrt(
              1 / weight +
                dot(
                  cross,
                  covariance.map((row) => dot(row, cross)),
                ) /
                  weight ** 2,
            ),
          },
          count,
        },
      ]),
    ),
    count: rows.reduce((sum, { count }) => sum + count, 0),
  };
}

/** What is believed of somebody after some more step times, with the kinds as they are known. */
export function afterTimes(
  before: Pace,
  times: readonly StepTime[],
  kinds: ReadonlyMap<StepKind, Learnt> = new Map(),
): Pace {
  const precision = 1 / scatter.logSd ** 2;
  const weight = 1 / before.logSd ** 2 + times.length * precision;
  const said = times.reduce(
    (sum, time) =>
      sum + logShare(time) - (kinds.get(time.kind)?.pace.logMean ?? kindBefore.logMean),
    0,
  );
  return {
    logMean: (before.logMean / before.logSd ** 2 + precision * said) / weight,
    logSd: Math.sqrt(1 / weight),
  };
}

const add = (list: number[], index: number, amount: number): void => {
  list[index] = (list[index] ?? 0) + amount;
};

const dot = (a: readonly number[], b: readonly number[]): number =>
  a.reduce((sum, value, index) => sum + value * (b[index] ?? 0), 0);

/** Gauss and Jordan without pivoting: the matrix is symmetric and positive definite. */
function inverse(matrix: readonly (readonly number[])[]): number[][] {
  const size = matrix.length;
  const rows = matrix.map((row, index) => [
    ...row,
    ...Array.from({ length: size }, (_, column) => (column === index ? 1 : 0)),
  ]);
  for (let pivot = 0; pivot < size; pivot += 1) {
    const pivotRow = rows[pivot] ?? [];
    const by = pivotRow[pivot] ?? 1;
    for (let column = 0; column < 2 * size; column += 1)
      pivotRow[column] = (pivotRow[column] ?? 0) / by;
    for (const [index, row] of rows.entries()) {
      const times = row[pivot] ?? 0;
      if (index === pivot || times === 0) continue;
      for (let column = 0; column < 2 * size; column += 1)
        row[column] = (row[column] ?? 0) - times * (pivotRow[column] ?? 0);
    }
  }
  return rows.map((row) => row.slice(size));
}
