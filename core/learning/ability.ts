/**
 * How well somebody does what a skill asks for: the chance that a step that asks for it goes right. It is followed on a
 * scale of log odds, as in item response theory, with what is believed kept as a histogram: each opportunity sharpens it,
 * practice moves it up a little, and time without any lets it sink back and makes it vague.
 *
 * Source: the one-parameter logistic model (Rasch 1960) with guessing (Birnbaum 1968), in a state space as in any text on
 * dynamic models (West and Harrison, Bayesian Forecasting and Dynamic Models); all from memory.
 */
export interface Outcome {
  readonly wasRight: boolean;
  /** ISO 8601. */
  readonly at: string;
  readonly evidence: Evidence;
}

/** What an outcome proves. */
export interface Evidence {
  /** The share of what goes wrong that is told as right all the same. */
  readonly untold: number;
  /** The chance to be right without knowing. */
  readonly guess: number;
  /** The chance to be wrong although one knows: a slip of the finger. */
  readonly slip: number;
  /** How much harder than a step of a kit, in log odds. */
  readonly harder: number;
}

/** For what was measured or looked at by staff: it is as it was seen, but for an oversight (prior). */
export const seenEvidence: Evidence = { untold: 0.03, guess: 0, slip: 0.01, harder: 0 };

/** For steps that were tapped as done: what goes wrong unnoticed is told as right (prior, common practice). */
export const claimedEvidence: Evidence = { ...seenEvidence, untold: 0.45 };

/**
 * For exercises: nobody says what to do, so they are harder than a step that does (prior, common practice).
 *
 * @param guess the chance to be right without knowing
 */
export const exerciseEvidence = (guess: number): Evidence => ({
  untold: 0,
  guess,
  slip: 0.05,
  harder: 0.7,
});

/** Log odds that are looked at. */
const least = -4;
const step = 0.15;
const grid = Array.from({ length: 67 }, (_, index) => least + index * step);
const chances = grid.map((odds) => 1 / (1 + Math.exp(-odds)));

/** Somebody of whom nothing was seen: most steps go right, since they say what to do (prior, common practice). */
const beforehand = { mean: 2.1, sd: 1.1 };
/** What an opportunity teaches, and how far it may be off, in log odds (priors). */
const learning = { mean: 0.04, variance: 0.02 };
/** After so many days without any, a third of what was above or below the usual is left (prior). */
const daysToForget = 250;

/** What is believed of an ability: how likely each place of the scale is. */
export type Belief = readonly number[];

const normalised = (weights: readonly number[]): number[] => {
  const sum = weights.reduce((all, one) => all + one, 0);
  return weights.map((one) => one / sum);
};

export const beliefBefore: Belief = normalised(
  grid.map((odds) => Math.exp(-(((odds - beforehand.mean) / beforehand.sd) ** 2) / 2)),
);

/** The chance that an opportunity goes right as it will be told, at one place of the scale. */
function chanceTold(odds: number, { untold, guess, slip, harder }: Evidence): number {
  const does = 1 / (1 + Math.exp(harder - odds));
  const right = guess + (1 - guess - slip) * does;
  return right + (1 - right) * untold;
}

const likelihoods = new WeakMap<Evidence, readonly number[]>();
function likelihoodOf(evidence: Evidence): readonly number[] {
  const known = likelihoods.get(evidence);
  if (known) return known;
  const worked = grid.map((odds) => chanceTold(odds, evidence));
  likelihoods.set(evidence, worked);
  return worked;
}

/** After an outcome. */
export function sharpened(
  belief: Belief,
  { wasRight, evidence }: Pick<Outcome, 'wasRight' | 'evidence'>,
): Belief {
  const right = likelihoodOf(evidence);
  return normalised(
    belief.map(
      (weight, index) => weight * (wasRight ? (right[index] ?? 0) : 1 - (right[index] ?? 0)),
    ),
  );
}

/** After some days and one more opportunity to learn: sunk back towards the usual, moved up a little, and vaguer. */
export function movedOn(belief: Belief, days: number): Belief {
  const kept = Math.exp(-Math.max(0, days) / daysToForget);
  const lost = 1 - kept ** 2;
  const variance = learning.variance + lost * beforehand.sd ** 2;
  const spread = kernelOf(Math.sqrt(variance));
  const moved = grid.map(() => 0);
  for (const [index, weight] of belief.entries()) {
    if (weight < 1e-9) continue;
    const odds = grid[index] ?? 0;
    const to = (beforehand.mean + (odds - beforehand.mean) * kept + learning.mean - least) / step;
    const below = Math.floor(to);
    const share = to - below;
    for (const [off, part] of spread) {
      bump(moved, below + off, weight * part * (1 - share));
      bump(moved, below + off + 1, weight * part * share);
    }
  }
  return normalised(moved);
}

/** A normal distribution on the places of the scale, in places from the middle. */
function kernelOf(sd: number): readonly (readonly [number, number])[] {
  const reach = Math.ceil((3 * sd) / step);
  const weights = Array.from({ length: 2 * reach + 1 }, (_, index) => {
    const off = index - reach;
    return [off, Math.exp(-((off * step) ** 2) / (2 * sd ** 2))] as const;
  });
  const sum = weights.reduce((all, [, weight]) => all + weight, 0);
  return weights.map(([off, weight]) => [off, weight / sum]);
}

/** Beyond the ends of the scale everything is at its end. */
const bump = (places: number[], index: number, weight: number): void => {
  const place = Math.min(places.length - 1, Math.max(0, index));
  places[place] = (places[place] ?? 0) + weight;
};

/** The chance that the next step goes right, and the range that it lies in nine times of ten. */
export interface Ability {
  readonly chance: number;
  readonly low: number;
  readonly high: number;
}

/** Known is what goes right four times of five even at the lower end of what is believed (prior): 21 of 32 is not. */
export const knownFrom = 0.8;

export function abilityOf(belief: Belief): Ability {
  const chance = belief.reduce((sum, weight, index) => sum + weight * (chances[index] ?? 0), 0);
  const at = (share: number) => {
    let below = 0;
    const index = belief.findIndex((weight) => {
      below += weight;
      return below >= share;
    });
    return chances[index < 0 ? chances.length - 1 : index] ?? 1;
  };
  return { chance, low: at(0.05), high: at(0.95) };
}

const dayMs = 24 * 60 * 60_000;

/** What is believed before the first and after each outcome, in the order of time. */
export function followed(outcomes: readonly Outcome[]): readonly Belief[] {
  const course: Belief[] = [beliefBefore];
  for (const [index, outcome] of outcomes.entries()) {
    const before = outcomes[index - 1];
    const days = before ? (Date.parse(outcome.at) - Date.parse(before.at)) / dayMs : 0;
    const belief = course[index] ?? beliefBefore;
    course.push(sharpened(before ? movedOn(belief, days) : belief, outcome));
  }
  return course;
}
