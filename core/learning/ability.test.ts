import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  abilityOf,
  beliefBefore,
  claimedEvidence,
  exerciseEvidence,
  followed,
  movedOn,
  seenEvidence,
  sharpened,
} from './ability.ts';
import { judgedModels } from './testing/judgedModels.ts';

const at = (day: number) => new Date(Date.UTC(2026, 0, 1 + day)).toISOString();
const outcomes = (rights: readonly boolean[], evidence = seenEvidence, everyDays = 0) =>
  rights.map((wasRight, index) => ({ wasRight, at: at(index * everyDays), evidence }));
const abilityAfter = (...given: Parameters<typeof outcomes>) =>
  abilityOf(followed(outcomes(...given)).at(-1) ?? beliefBefore);
const times = (count: number, wasRight: boolean) => Array.from({ length: count }, () => wasRight);

describe('an ability', () => {
  it('follows Bayes’ rule, worked by hand for two places of the scale', () => {
    // Weights 1 and 1 at log odds −1 and +2, chances 0.2689 and 0.8808; seen right, with 3 of 100 oversights of what is
    // wrong and 1 slip in 100: 0.99 · 0.2689 = 0.2662, + 0.7338 · 0.03 = 0.2883; 0.8720 + 0.1280 · 0.03 = 0.8758. So the
    // upper place has 0.8758 / (0.8758 + 0.2883) = 0.7524 of the weight.
    const places = beliefBefore.map((_, index) => (index === 20 || index === 40 ? 0.5 : 0));
    const right = sharpened(places, { wasRight: true, evidence: seenEvidence });
    expect(right[40]).toBeCloseTo(0.7524, 3);
    const wrong = sharpened(places, { wasRight: false, evidence: seenEvidence });
    // Wrong: 0.7117 against 0.1242: the lower place has 0.8514.
    expect(wrong[20]).toBeCloseTo(0.8514, 3);
  });

  it('goes up with what went right and down with what went wrong, more so where somebody looked', () => {
    const start = abilityOf(beliefBefore).chance;
    expect(abilityAfter(times(8, true)).chance).toBeGreaterThan(start);
    expect(abilityAfter(times(4, false)).chance).toBeLessThan(start);
    expect(abilityAfter(times(8, true)).low).toBeGreaterThan(
      abilityAfter(times(8, true), claimedEvidence).low,
    );
  });

  it('lies near the raw share once much was seen: the two never contradict each other', () => {
    for (const rightOf10 of [3, 5, 7, 9]) {
      const mixed = Array.from({ length: 60 }, (_, index) => (index * 7) % 10 < rightOf10);
      const { chance, low, high } = abilityAfter(mixed);
      expect(Math.abs(chance - rightOf10 / 10)).toBeLessThan(0.12);
      expect(low).toBeLessThanOrEqual(rightOf10 / 10 + 0.05);
      expect(high).toBeGreaterThanOrEqual(rightOf10 / 10 - 0.05);
    }
  });

  it('sinks back and gets vague while nothing is done', () => {
    const belief = followed(outcomes(times(20, true))).at(-1) ?? beliefBefore;
    const [now, later, muchLater] = [0, 120, 2000].map((days) => abilityOf(movedOn(belief, days)));
    expect(later?.chance).toBeLessThan(now?.chance ?? 0);
    expect((later?.high ?? 0) - (later?.low ?? 0)).toBeGreaterThan(
      (now?.high ?? 0) - (now?.low ?? 1),
    );
    // In the end it is as if nothing had been seen.
    expect(muchLater?.chance).toBeCloseTo(abilityOf(beliefBefore).chance, 1);
  });

  it('a guess proves little: of two choices less than of ten', () => {
    const coin = abilityAfter(times(6, true), exerciseEvidence(0.5));
    const dice = abilityAfter(times(6, true), exerciseEvidence(0.1));
    expect(coin.chance).toBeLessThan(dice.chance);
  });

  it('stays a distribution, whatever comes; a right one never says less than a wrong one', () => {
    fc.assert(
      fc.property(
        fc.array(
          fc.record({
            wasRight: fc.boolean(),
            evidence: fc.constantFrom(seenEvidence, claimedEvidence, exerciseEvidence(0.25)),
            days: fc.nat(400),
          }),
          { maxLength: 25 },
        ),
        (given) => {
          let day = 0;
          const all = given.map(({ wasRight, evidence, days }) => {
            day += days;
            return { wasRight, evidence, at: at(day) };
          });
          const belief = followed(all).at(-1) ?? beliefBefore;
          expect(belief.reduce((sum, weight) => sum + weight, 0)).toBeCloseTo(1, 9);
          const [right, wrong] = [true, false].map(
            (wasRight) => abilityOf(sharpened(belief, { wasRight, evidence: seenEvidence })).chance,
          );
          expect(right).toBeGreaterThanOrEqual((wrong ?? 1) - 1e-9);
          const { chance, low, high } = abilityOf(belief);
          expect(low).toBeLessThanOrEqual(chance + 0.1);
          expect(high).toBeGreaterThanOrEqual(chance - 0.1);
        },
      ),
    );
  });
});

describe('learners as the model does not believe them to be', () => {
  // Seeds that no prior was chosen with; the benchmark prints the figures of more.
  const { ability, tracing, rawShare } = judgedModels(7000, 150);

  it('are foretold better than by knowledge tracing and by the raw share, by log loss', () => {
    expect(ability.logLoss).toBeLessThan(tracing.logLoss);
    expect(ability.logLoss).toBeLessThan(rawShare.logLoss);
  });

  it('with a calibration error below 0.05', () => {
    expect(ability.calibrationError).toBeLessThan(0.05);
  });
});
