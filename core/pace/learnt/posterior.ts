import type { Pace } from './priors.ts';

/** All that step times of one kind say of somebody: how many there are, their logarithms' sum and sum of squares. */
export interface KindSum {
  readonly count: number;
  readonly logSum: number;
  readonly logSquares: number;
}

export type KindSums = ReadonlyMap<string, KindSum>;

/** What was seen of somebody, and what was believed of them before. */
export interface LearnerTimes {
  /** A learner's id, or a seat's where nobody gave a name. */
  readonly learner: string;
  readonly before: Pace;
  readonly sums: KindSums;
}

/** What is believed of a learner as long as it is not settled how long the kinds of steps take. */
interface LearnerRow {
  readonly learner: string;
  readonly count: number;
  readonly own: number;
  readonly weight: number;
  /** By kind. */
  readonly cross: readonly number[];
}

/** Kinds of steps and learners together. */
export interface Posterior {
  readonly kinds: readonly string[];
  readonly kindCounts: readonly number[];
  readonly kindMeans: readonly number[];
  readonly covariance: readonly (readonly number[])[];
  readonly learners: readonly LearnerRow[];
}

/**
 * How fast kinds of steps and learners are, from what was seen: log share = kind + learner + scatter, all normal with
 * known variances. The posterior is exact: of the joint precision matrix the learners' part is diagonal and is
 * eliminated first (Schur complement), so that only a matrix of kinds is inverted.
 *
 * Source: Bayesian linear model with conjugate normal priors, as in any textbook (Gelman et al., Bayesian Data Analysis,
 * from memory).
 *
 * @param kindBefore what is believed of each kind beforehand
 * @param scatterSd of the logarithm of one step time
 */
export function posteriorOf(
  people: readonly LearnerTimes[],
  kinds: readonly string[],
  kindBefore: (kind: string) => Pace,
  scatterSd: number,
): Posterior {
  const place = new Map(kinds.map((kind, index) => [kind, index]));
  const precision = 1 / scatterSd ** 2;
  // Sums for the kinds: own precision, and the right-hand side; both before the learners are eliminated.
  const schur = kinds.map((kind, row) =>
    kinds.map((_column, column) => (row === column ? 1 / kindBefore(kind).logSd ** 2 : 0)),
  );
  const right = kinds.map((kind) => kindBefore(kind).logMean / kindBefore(kind).logSd ** 2);
  const kindCounts = kinds.map(() => 0);
  const learners = people.map(({ learner, before, sums }): LearnerRow => {
    const counts = kinds.map(() => 0);
    let own = before.logMean / before.logSd ** 2;
    for (const [kind, { count, logSum }] of sums) {
      const index = place.get(kind);
      if (index === undefined) continue;
      const said = precision * logSum;
      add(counts, index, count);
      add(kindCounts, index, count);
      own += said;
      add(right, index, said);
      add(schur[index] ?? [], index, count * precision);
    }
    const count = counts.reduce((sum, one) => sum + one, 0);
    const weight = 1 / before.logSd ** 2 + count * precision;
    return { learner, count, own, weight, cross: counts.map((one) => one * precision) };
  });
  for (const { own, weight, cross } of learners) {
    for (const [row, a] of cross.entries()) {
      if (a === 0) continue;
      add(right, row, (-a * own) / weight);
      for (const [column, b] of cross.entries()) add(schur[row] ?? [], column, (-a * b) / weight);
    }
  }
  const covariance = inverse(schur);
  const kindMeans = covariance.map((row) => dot(row, right));
  return { kinds, kindCounts, kindMeans, covariance, learners };
}

/** Of a learner, once it is settled how long the kinds take. */
export const learnerGiven = (
  { own, weight, cross }: LearnerRow,
  kinds: readonly number[],
): Pace => ({ logMean: (own - dot(cross, kinds)) / weight, logSd: Math.sqrt(1 / weight) });

/** Of a learner alone, whatever the kinds take. */
export const learnerAlone = ({ kindMeans, covariance }: Posterior, row: LearnerRow): Pace => {
  const { logMean } = learnerGiven(row, kindMeans);
  const byKinds = dot(
    row.cross,
    covariance.map((line) => dot(line, row.cross)),
  );
  return { logMean, logSd: Math.sqrt(1 / row.weight + byKinds / row.weight ** 2) };
};

const add = (list: number[], index: number, amount: number): void => {
  list[index] = (list[index] ?? 0) + amount;
};

export const dot = (a: readonly number[], b: readonly number[]): number =>
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

/** The lower triangle that gives a covariance when it is multiplied by itself turned over (Cholesky). */
export function triangleOf(matrix: readonly (readonly number[])[]): number[][] {
  const lower: number[][] = matrix.map((row) => row.map(() => 0));
  for (const [row, line] of matrix.entries()) {
    for (let column = 0; column <= row; column += 1) {
      const known = dot((lower[row] ?? []).slice(0, column), lower[column] ?? []);
      const rest = (line[column] ?? 0) - known;
      const value =
        row === column
          ? Math.sqrt(Math.max(0, rest))
          : rest / Math.max(1e-12, lower[column]?.[column] ?? 0);
      const target = lower[row];
      if (target) target[column] = value;
    }
  }
  return lower;
}
