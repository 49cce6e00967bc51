import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { BuildEvent } from '../../build/event.ts';
import { event } from '../../build/testing/log.ts';
import { seeded } from '../../random.ts';
import { lognormal, paceFor } from '../evening/distributions.ts';
import { normalCdf, normalQuantile } from '../normal.ts';
import type { PlannedStep } from '../stepMinutes.ts';
import { afterTimes, learnPace, sumUp } from './learnPace.ts';
import {
  kindVariation,
  type Pace,
  paceBefore,
  paceFrom,
  shareOf,
  stepVariation,
} from './priors.ts';
import { stepRange } from './stepRange.ts';
import { type StepTime, stepTimes } from './stepTimes.ts';
import { minutesAVisit, noTrouble, troubleAJoint } from './trouble.ts';

const step = (id: string, minutes: number, kind: 'solder' | 'insert' = 'solder'): PlannedStep => ({
  id,
  kind,
  parts: [],
  joints: 4,
  hotJoints: 0,
  side: 'top',
  reason: { kind: 'check' },
  cautions: [],
  holding: [],
  lengths: [],
  minutes,
});
const steps = [step('a', 5), step('b', 10), step('c', 4), step('d', 4), step('e', 2, 'insert')];
const done = (minute: number, stepId: string) => event(minute, { kind: 'step-done', stepId });
const timesOf = (...events: BuildEvent[]) =>
  stepTimes(steps, events).map(({ stepIds, minutes, planned }) => ({
    steps: stepIds.join(''),
    minutes: Math.round(minutes * 100) / 100,
    planned,
  }));

describe('step times from a log', () => {
  it('go from tap to tap; the first step has no beginning that anybody logged', () => {
    expect(timesOf(done(8, 'a'), done(20, 'b'), done(25, 'c'))).toEqual([
      { steps: 'b', minutes: 12, planned: 10 },
      { steps: 'c', minutes: 5, planned: 4 },
    ]);
  });

  it('leave out the wait for help, once, however often it was asked for', () => {
    const first = event(10, { kind: 'help-asked', stepId: 'b' });
    const again = event(12, { kind: 'help-asked', stepId: 'b' });
    const visit = event(15, { kind: 'visit', answers: [first.id, again.id] }, 'instructor');
    expect(timesOf(done(8, 'a'), first, again, visit, done(20, 'b'))).toEqual([
      { steps: 'b', minutes: 7, planned: 10 },
    ]);
  });

  it('take steps that were tapped off together as one, and as nothing where they differ', () => {
    expect(timesOf(done(8, 'a'), done(18, 'b'), done(26, 'c'), done(26.1, 'd'))).toEqual([
      { steps: 'b', minutes: 10, planned: 10 },
      { steps: 'cd', minutes: 8.1, planned: 8 },
    ]);
    expect(timesOf(done(8, 'a'), done(18, 'd'), done(18.1, 'e'))).toEqual([]);
  });

  it('never add up to more than the evening took', () => {
    fc.assert(
      fc.property(fc.uniqueArray(fc.integer({ min: 0, max: 900 }), { maxLength: 5 }), (tenths) => {
        const log = tenths.flatMap((tenth, index) => {
          const one = steps[index];
          return one ? [done(tenth / 10, one.id)] : [];
        });
        const sum = stepTimes(steps, log).reduce((total, { minutes }) => total + minutes, 0);
        const last = Math.max(0, ...tenths) / 10;
        expect(sum).toBeLessThanOrEqual(last + 1e-9);
      }),
    );
  });
});

const time = (kind: string, share: number): StepTime => ({
  stepIds: ['x'],
  kind,
  minutes: 10 * share,
  planned: 10,
  endedAt: '2026-03-05T19:00:00.000Z',
  hadTrouble: false,
});
const stepSd = paceFrom(1, stepVariation).logSd;
const stepShift = paceFrom(1, stepVariation).logMean;

interface Seen {
  readonly learner: string;
  readonly before: Pace;
  readonly times: readonly StepTime[];
}
const learn = (people: readonly Seen[]) =>
  learnPace(people.map(({ times, ...one }) => ({ ...one, sums: sumUp(times) })));

describe('what is learnt of pace', () => {
  it('is the prior where nothing was seen', () => {
    const before = paceBefore('some');
    const { learners } = learn([{ learner: 'tern', before, times: [] }]);
    expect(learners.get('tern')).toEqual({ pace: before, count: 0 });
    // The plan is a beginner's; some practice saves three tenths (prior, common practice).
    expect(shareOf(before)).toBeCloseTo(0.7, 10);
  });

  it('follows the conjugate normal rule, worked by hand (Gelman et al., Bayesian Data Analysis, 2.5; from memory)', () => {
    // Precisions add: 1/s0² + n/s². The mean is weighted by them.
    const before = { logMean: 0, logSd: 0.5 };
    const seen = [2, 2, 2].map((share) => time('solder', share));
    const kinds = new Map([['solder', { pace: { logMean: 0, logSd: 0 }, count: 9 }]]);
    const weight = 1 / 0.25 + 3 / stepSd ** 2;
    const mean = (3 * (Math.log(2) - stepShift)) / stepSd ** 2 / weight;
    const after = afterTimes(before, seen, kinds);
    expect(after.logMean).toBeCloseTo(mean, 12);
    expect(after.logSd).toBeCloseTo(Math.sqrt(1 / weight), 12);
  });

  it('agrees with the joint posterior got by inverting the whole precision matrix', () => {
    const random = seeded(5);
    const kinds = ['insert', 'look', 'solder'];
    const people: Seen[] = ['tern', 'skua', 'knot', 'ruff'].map((learner, index) => ({
      learner,
      before: paceBefore('new'),
      times: Array.from({ length: 3 + index }, (_, n) =>
        time(kinds[(n * 7 + index) % 3] ?? '', lognormal(random, 1 + index / 3, 0.35)),
      ),
    }));
    const { learners, kinds: learnt } = learn(people);
    const { mean, variance } = wholePosterior(people, kinds);
    for (const [index, kind] of kinds.entries()) {
      expect(learnt.get(kind)?.pace.logMean).toBeCloseTo(mean[index] ?? 0, 9);
      expect(learnt.get(kind)?.pace.logSd).toBeCloseTo(Math.sqrt(variance[index] ?? 0), 9);
    }
    for (const [index, { learner }] of people.entries()) {
      expect(learners.get(learner)?.pace.logMean).toBeCloseTo(mean[3 + index] ?? 0, 9);
      expect(learners.get(learner)?.pace.logSd).toBeCloseTo(Math.sqrt(variance[3 + index] ?? 0), 9);
    }
  });

  it('finds the pace that a made-up room was given, within three of its own deviations', () => {
    const random = seeded(11);
    const truth = { solder: 1.3, insert: 0.8 };
    const paces = Array.from({ length: 24 }, () => paceFor(random, paceBefore('new')));
    const { kinds, learners } = learn(
      paces.map((pace, index) => ({
        learner: `learner ${index}`,
        before: paceBefore('new'),
        times: Array.from({ length: 40 }, (_, n) => {
          const kind = n % 3 === 0 ? 'insert' : 'solder';
          return time(kind, lognormal(random, truth[kind] * pace, stepVariation));
        }),
      })),
    );
    for (const [kind, share] of Object.entries(truth)) {
      const found = kinds.get(kind)?.pace ?? { logMean: 0, logSd: 0 };
      expect(Math.abs(Math.log(share) - found.logMean)).toBeLessThan(3 * found.logSd);
    }
    const off = paces.map((pace, index) => {
      const found = learners.get(`learner ${index}`)?.pace ?? { logMean: 0, logSd: 1 };
      return Math.abs(Math.log(pace) - found.logMean) / found.logSd;
    });
    expect(Math.max(...off)).toBeLessThan(4);
  });

  it('grows surer with what it sees, and says how much that was', () => {
    const of = (count: number) =>
      learn([
        {
          learner: 'tern',
          before: paceBefore('new'),
          times: Array.from({ length: count }, () => time('solder', 1.5)),
        },
      ]);
    expect(of(40).learners.get('tern')?.count).toBe(40);
    expect(of(40).learners.get('tern')?.pace.logSd).toBeLessThan(
      of(4).learners.get('tern')?.pace.logSd ?? 0,
    );
    expect(of(40).count).toBe(40);
  });
});

/** Mean and variance of kinds and learners together, the plain way: the full matrix, eliminated with pivots. */
function wholePosterior(people: readonly Seen[], kinds: readonly string[]) {
  const size = kinds.length + people.length;
  const kindPrior = paceFrom(1, kindVariation);
  const precision: number[][] = Array.from({ length: size }, () => Array(size).fill(0));
  const right: number[] = Array(size).fill(0);
  const bump = (row: number, column: number, by: number) => {
    const line = precision[row] as number[];
    line[column] = (line[column] ?? 0) + by;
  };
  for (let index = 0; index < size; index += 1) {
    const { logMean, logSd } = people[index - kinds.length]?.before ?? kindPrior;
    bump(index, index, 1 / logSd ** 2);
    right[index] = logMean / logSd ** 2;
  }
  for (const [index, { times }] of people.entries()) {
    for (const { kind, minutes, planned } of times) {
      const said = Math.log(minutes / planned) - stepShift;
      const both = [kinds.indexOf(kind), kinds.length + index];
      for (const row of both) {
        right[row] = (right[row] ?? 0) + said / stepSd ** 2;
        for (const column of both) bump(row, column, 1 / stepSd ** 2);
      }
    }
  }
  const solve = (b: readonly number[]): number[] => {
    const rows = precision.map((row, index) => [...row, b[index] ?? 0]);
    for (let pivot = 0; pivot < size; pivot += 1) {
      rows.sort((x, y) => Math.abs(y[pivot] ?? 0) - Math.abs(x[pivot] ?? 0));
      const found = rows.findIndex(
        (row) => row.slice(0, pivot).every((v) => Math.abs(v) < 1e-12) && row[pivot] !== 0,
      );
      const [line] = rows.splice(found, 1) as [number[]];
      rows.splice(pivot, 0, line);
      for (const [index, row] of rows.entries()) {
        if (index === pivot) continue;
        const times = (row[pivot] ?? 0) / (line[pivot] ?? 1);
        for (let column = 0; column <= size; column += 1)
          row[column] = (row[column] ?? 0) - times * (line[column] ?? 0);
      }
    }
    const solution: number[] = Array(size).fill(0);
    for (const row of rows) {
      const pivot = row.findIndex((value) => Math.abs(value) > 1e-12);
      solution[pivot] = (row[size] ?? 0) / (row[pivot] ?? 1);
    }
    return solution;
  };
  const unit = (index: number) => Array.from({ length: size }, (_, n) => (n === index ? 1 : 0));
  return {
    mean: solve(right),
    variance: Array.from({ length: size }, (_, index) => solve(unit(index))[index] ?? 0),
  };
}

describe('the normal distribution', () => {
  // Tables, as in Abramowitz and Stegun, table 26.1.
  it.each([
    [0, 0.5],
    [1, 0.8413447],
    [1.96, 0.9750021],
    [-1.2815516, 0.1],
    [-3, 0.0013499],
  ])('is read at %s as %s, and back', (z, expected) => {
    expect(normalCdf(z)).toBeCloseTo(expected, 6);
    expect(Math.abs(normalQuantile(expected) - z)).toBeLessThan(5e-4);
  });
});

describe('what went wrong meanwhile', () => {
  it('is told apart: hands alone make the pace', () => {
    const before = paceBefore('new');
    const clear = [1, 1.1, 0.9].map((share) => time('solder', share));
    const withTrouble = [...clear, { ...time('solder', 3.5), hadTrouble: true }];
    expect(afterTimes(before, withTrouble)).toEqual(afterTimes(before, clear));
    expect(sumUp(withTrouble)).toEqual(sumUp(clear));
  });

  it('moves the stated rate and length of a visit by its numbers, worked by hand', () => {
    // Stated: 1 in 40, weighed as 160 joints; 3 minutes, weighed as 10 visits.
    expect(troubleAJoint(noTrouble)).toBeCloseTo(1 / 40, 12);
    expect(minutesAVisit(noTrouble)).toBe(3);
    const seen = { joints: 240, troubles: 16, visits: 10, visitMinutes: 70 };
    expect(troubleAJoint(seen)).toBeCloseTo(20 / 400, 12);
    expect(minutesAVisit(seen)).toBe(5);
  });
});

describe('the range of a step in a room', () => {
  it('agrees with trying it out on learners who differ', () => {
    const paces = ['new', 'some', 'new', 'practised'] as const;
    const believed = paces.map(paceBefore);
    const { median, late } = stepRange(step('a', 10), believed, new Map());
    const random = seeded(9);
    const times = Array.from({ length: 20_000 }, (_, index) => {
      const pace = believed[index % believed.length] ?? paceBefore('new');
      return lognormal(random, 10 * paceFor(random, pace), stepVariation);
    }).sort((a, b) => a - b);
    expect(Math.abs(median / (times[10_000] ?? 0) - 1)).toBeLessThan(0.08);
    expect(Math.abs(late / (times[18_000] ?? 0) - 1)).toBeLessThan(0.08);
  });
});
