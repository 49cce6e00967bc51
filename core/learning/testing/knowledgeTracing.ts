/**
 * Bayesian knowledge tracing (Corbett and Anderson 1995, Knowledge Tracing: Modeling the Acquisition of Procedural
 * Knowledge; the equations from memory): a skill is known or not; each opportunity shows it with slips and guesses, and
 * is also a chance to learn it.
 */
export interface TracingParameters {
  /** Known before the first opportunity. */
  readonly initial: number;
  /** Learnt at an opportunity by somebody who did not know it. */
  readonly learn: number;
  /** Wrong, though known. */
  readonly slip: number;
  /** Right, though not known. */
  readonly guess: number;
}

/**
 * For steps of a kit (priors, common practice): much goes right without the skill, since the step says what to do, so a
 * right one proves little and a wrong one much.
 */
export const usualParameters: TracingParameters = {
  initial: 0.3,
  learn: 0.06,
  slip: 0.03,
  guess: 0.75,
};

/**
 * For steps that were measured or that staff have looked at (priors, common practice): a joint that somebody found good
 * is seldom luck.
 */
export const seenParameters: TracingParameters = { ...usualParameters, guess: 0.35 };

/**
 * For exercises (priors, common practice): nobody says what to do, so a right one proves more than a right step; with a
 * few answers to choose from some are guessed, and a slip of the finger is not rare.
 *
 * @param guess the chance to be right without knowing
 */
export const exerciseParameters = (guess: number): TracingParameters => ({
  ...usualParameters,
  slip: 0.08,
  guess,
});

/** The chance that a skill is known after an opportunity, in the order of time. */
export function afterOpportunity(
  known: number,
  wasRight: boolean,
  { learn, slip, guess }: TracingParameters,
): number {
  const [ifKnown, ifNot] = wasRight ? [1 - slip, guess] : [slip, 1 - guess];
  const seen = known * ifKnown + (1 - known) * ifNot;
  const posterior = (known * ifKnown) / seen;
  return posterior + (1 - posterior) * learn;
}

/** The chance that the next opportunity goes right. */
export const chanceRight = (known: number, { slip, guess }: TracingParameters): number =>
  known * (1 - slip) + (1 - known) * guess;

/** One chance to show a skill, and what it proves. */
export interface Trace {
  readonly wasRight: boolean;
  readonly parameters: TracingParameters;
}

/** The chance that the skill is known, before the first and after each opportunity. */
export function traced(outcomes: readonly Trace[], initial = usualParameters.initial): number[] {
  const course = [initial];
  for (const { wasRight, parameters } of outcomes) {
    course.push(afterOpportunity(course.at(-1) ?? initial, wasRight, parameters));
  }
  return course;
}

/** From here on a skill is taken to be known, as is usual with knowledge tracing (Corbett and Anderson 1995). */
export const masteryFrom = 0.95;
