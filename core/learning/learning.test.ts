import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Deed } from '../build/event.ts';
import { event } from '../build/testing/log.ts';
import { planKit } from '../order/planKit.ts';
import { line, ohm, type } from '../order/testing/kits.ts';
import { calibrationOf } from '../pace/calibration.ts';
import { withMinutes } from '../pace/stepMinutes.ts';
import { knownFrom } from './ability.ts';
import { type Build, opportunitiesOf } from './builds.ts';
import { kitReport } from './kitReport.ts';
import type { MistakeId } from './mistakes/ids.ts';
import { mistakes } from './mistakes/index.ts';
import { proposalsFor } from './proposals.ts';
import { isFew, shareOfCount } from './shares.ts';
import { estimatesOf, expectedMistakes, practiseNext, readinessFor } from './skillEstimates.ts';
import { skillIds, skillWords } from './skills.ts';
import { afterOpportunity, chanceRight, traced } from './testing/knowledgeTracing.ts';
import { inEnglish } from './testing/spoken.ts';

describe('knowledge tracing, which ability is compared with', () => {
  // The equations of Corbett and Anderson (1995), worked by hand with their usual kind of numbers:
  // P(L) = 0.4, right: 0.4·0.9 / (0.4·0.9 + 0.6·0.2) = 0.75, then 0.75 + 0.25·0.1 = 0.775.
  // Wrong: 0.4·0.1 / (0.4·0.1 + 0.6·0.8) = 0.0769…, then + (1 − 0.0769…)·0.1 = 0.1692…
  const parameters = { initial: 0.4, learn: 0.1, slip: 0.1, guess: 0.2 };

  it('follows the worked example', () => {
    expect(afterOpportunity(0.4, true, parameters)).toBeCloseTo(0.775, 12);
    expect(afterOpportunity(0.4, false, parameters)).toBeCloseTo(1 / 13 + (12 / 13) * 0.1, 12);
    expect(chanceRight(0.4, parameters)).toBeCloseTo(0.4 * 0.9 + 0.6 * 0.2, 12);
    const course = traced([
      { wasRight: true, parameters },
      { wasRight: false, parameters },
    ]);
    expect(course).toHaveLength(3);
  });

  it('stays a chance, and a right one never says less than a wrong one', () => {
    const chance = fc.double({ min: 0.01, max: 0.99, noNaN: true });
    fc.assert(
      fc.property(
        chance,
        chance,
        fc.double({ min: 0.01, max: 0.45, noNaN: true }),
        (known, learn, slip) => {
          const given = { initial: known, learn, slip, guess: 0.4 };
          const right = afterOpportunity(known, true, given);
          const wrong = afterOpportunity(known, false, given);
          expect(right).toBeGreaterThanOrEqual(wrong - 1e-12);
          for (const one of [right, wrong]) {
            expect(one).toBeGreaterThanOrEqual(0);
            expect(one).toBeLessThanOrEqual(1 + 1e-12);
          }
        },
      ),
    );
  });
});

describe('shares', () => {
  // Wilson (1927): for 8 of 10 at 95 % the interval is 0.490 to 0.943 (tables of textbooks, from memory).
  it('have the interval of Wilson', () => {
    const { low, high } = shareOfCount(8, 10);
    expect(low).toBeCloseTo(0.49, 2);
    expect(high).toBeCloseTo(0.943, 2);
  });

  it('say nothing from nothing, and say when they are few', () => {
    expect(shareOfCount(0, 0)).toMatchObject({ low: 0, high: 1 });
    expect(shareOfCount(0, 10).low).toBe(0);
    expect(shareOfCount(0, 10).high).toBeGreaterThan(0.2);
    expect([isFew(shareOfCount(1, 19)), isFew(shareOfCount(1, 20))]).toEqual([true, false]);
  });
});

describe('the taxonomy of mistakes', () => {
  it('has for each a class, a skill, a cause, a remedy, a severity, and costs more later than at once', () => {
    for (const { skill, severity, costs, words } of mistakes) {
      expect(skillIds).toContain(skill);
      expect([1, 2, 3]).toContain(severity);
      expect(costs.later).toBeGreaterThanOrEqual(costs.atOnce);
      expect(words.cause.length).toBeGreaterThan(10);
      expect(words.whatNow.length).toBeGreaterThan(10);
    }
  });

  it('reaches every skill, and each can be practised', () => {
    expect(new Set(mistakes.map(({ skill }) => skill))).toEqual(new Set(skillIds));
    for (const id of skillIds) expect(skillWords[id].practise).toMatch(/\.$/);
  });
});

const parts = [
  line('resistor-axial', 'R1 R4', ohm(470)),
  line('resistor-axial', 'R2 R3', ohm(47_000)),
  line('transistor-to92', 'Q1 Q2', type('2N3904')),
];
const steps = withMinutes(planKit({ parts, supplyVolt: 6 }).steps);
const stepOf = (place: string) =>
  steps.find(
    (step) => step.kind !== 'check' && step.parts.some((p) => p.designators.includes(place)),
  )?.id ?? '';

interface Slip {
  readonly place: string;
  readonly mistake: MistakeId;
}

/** A build at a workshop, each step in its planned minutes but for those that are slower. */
function build(
  workshop: number,
  seatNumber: number,
  slips: readonly Slip[] = [],
  slow: Readonly<Record<string, number>> = {},
): Build {
  let minute = workshop * 10_000 + 5;
  const log = (deed: Deed) => ({ ...event(minute, deed), seatId: `${workshop} ${seatNumber}` });
  const events = steps.flatMap((step) => {
    minute += step.minutes * (slow[step.id] ?? 1);
    const made = slips.filter(({ place }) => stepOf(place) === step.id);
    return [
      ...made.map(({ place, mistake }) =>
        log({ kind: 'mistake', stepId: step.id, mistake, designator: place }),
      ),
      log({ kind: 'step-done', stepId: step.id }),
    ];
  });
  return {
    workshopId: `workshop ${workshop}`,
    workshopTitle: `Evening ${workshop}`,
    kitName: 'Twin',
    startsAt: '2026-03-05T18:30:00.000Z',
    seatNumber,
    steps,
    events,
  };
}

describe('skills of a learner', () => {
  const wrongValues = [
    { place: 'R1', mistake: 'wrong-value' as const },
    { place: 'R2', mistake: 'wrong-value' as const },
  ];

  it('count each step as one chance for each skill that can show there', () => {
    const found = opportunitiesOf([build(1, 1, wrongValues.slice(0, 1))]);
    const reading = found.filter(({ skill }) => skill === 'reading-values');
    expect(reading.filter(({ wasRight }) => !wasRight)).toMatchObject([
      { in: { stepId: stepOf('R1') } },
    ]);
    // A resistor cannot be the wrong way round.
    expect(
      found.filter(
        (one) =>
          one.skill === 'polarity' && one.in.kind === 'step' && one.in.stepId === stepOf('R1'),
      ),
    ).toEqual([]);
    expect(found.map(({ at }) => at)).toEqual(found.map(({ at }) => at).sort());
  });

  it('sink with mistakes, grow with builds, and tell how much stands behind them', () => {
    const of = (...builds: Build[]) =>
      estimatesOf(opportunitiesOf(builds)).find(({ skill }) => skill === 'reading-values');
    const good = of(build(1, 1));
    const bad = of(build(1, 1, wrongValues));
    const better = of(build(1, 1, wrongValues), build(2, 1), build(3, 1), build(4, 1));
    expect(bad?.chance).toBeLessThan(good?.chance ?? 0);
    expect(better?.chance).toBeGreaterThan(bad?.chance ?? 1);
    expect(better?.right).toMatchObject({ count: 4 * (bad?.right.of ?? 0) - 2 });
    expect(better?.course.length).toBe((better?.right.of ?? 0) + 1);
  });

  it('say what to practise next, and for which kit somebody is ready', () => {
    const novice = estimatesOf(opportunitiesOf([build(1, 1, wrongValues)]));
    expect(practiseNext(novice, steps)[0]).toBe('reading-values');
    const master = estimatesOf(
      opportunitiesOf(Array.from({ length: 40 }, (_, index) => build(index, 1))),
    );
    const [few, many] = [master, novice].map((one) => expectedMistakes(one, steps));
    expect(few?.expected).toBeLessThan(many?.expected ?? 0);
    expect(few?.from).toBeLessThanOrEqual(few?.expected ?? 0);
    expect(few?.to).toBeGreaterThan(few?.expected ?? 0);
    expect(readinessFor(expectedMistakes(master, steps))).toBe('ready');
    expect(readinessFor({ expected: 20 })).toBe('not-yet');
    const reading = master.find(({ skill }) => skill === 'reading-values');
    expect(reading?.low).toBeGreaterThan(knownFrom);
    expect(practiseNext(master, steps)).not.toContain('reading-values');
  });
});

describe('the report on a kit', () => {
  const mixUp = { place: 'R4', mistake: 'wrong-value' as const };
  const builds = [
    build(1, 1, [mixUp], { [stepOf('Q1')]: 2 }),
    build(1, 2, [{ place: 'Q2', mistake: 'backwards' as const }], { [stepOf('Q1')]: 2.2 }),
    build(2, 1, [mixUp], { [stepOf('Q1')]: 1.9 }),
    build(2, 2, [], { [stepOf('Q1')]: 2.1 }),
  ];
  const report = kitReport(parts, builds);

  it('counts builds, not entries, and every figure has the entries that it counts', () => {
    expect(report).toMatchObject({ workshops: 2, builds: 4, finished: { count: 4, of: 4 } });
    const step = report.steps.find(({ step: { id } }) => id === stepOf('R1'));
    expect(step?.stumbled).toMatchObject({ count: 2, of: 4 });
    expect(step?.entries.map(({ workshopId }) => workshopId).sort()).toEqual([
      'workshop 1',
      'workshop 2',
    ]);
    expect(report.entries).toHaveLength(3);
    for (const { stumbled, entries } of report.steps) {
      const seats = new Set(
        entries.map(({ workshopId, seatNumber }) => `${workshopId} ${seatNumber}`),
      );
      expect(seats.size).toBe(stumbled.count);
    }
  });

  it('finds the pair that was mixed up and the step that takes twice its plan', () => {
    const [pair] = report.pairs;
    expect(pair?.mixedUp.count).toBe(2);
    expect(
      [...(pair?.pair.a.designators ?? []), ...(pair?.pair.b.designators ?? [])].sort(),
    ).toEqual(['R1', 'R2', 'R3', 'R4']);
    const slow = report.steps.find(({ step: { id } }) => id === stepOf('Q1'));
    expect(slow?.pace?.share).toBeCloseTo(2.05, 1);
    expect(slow?.pace?.count).toBe(4);
    const usual = report.steps.find(({ step: { id } }) => id === stepOf('R2'));
    expect(usual?.pace?.share).toBeCloseTo(1, 6);
  });

  it('proposes what follows from it, with the figures and an honest word that they are few', () => {
    const found = proposalsFor(report);
    expect(found.map(({ id }) => id).sort()).toEqual(['mix-up', 'slow-step']);
    for (const { few, because } of found) {
      expect(few).toBe(true);
      expect(inEnglish(because)).toMatch(/\d/);
    }
  });

  it('says nothing of a kit that nobody has built', () => {
    const nothing = kitReport(parts, []);
    expect(nothing).toMatchObject({ workshops: 0, builds: 0, steps: [], entries: [] });
    expect(proposalsFor(nothing)).toEqual([]);
  });
});

describe('whether forecasts were any good', () => {
  it('compares what was told with what came, bin by bin', () => {
    const told = (chance: number, finished: boolean) => ({ chance, finished });
    const { bins, brier, count } = calibrationOf([
      told(0.9, true),
      told(0.9, true),
      told(0.9, false),
      told(0.1, false),
      told(1, true),
    ]);
    expect(bins).toMatchObject([
      { from: 0, finished: 0, of: 1 },
      { from: 0.8, finished: 3, of: 4 },
    ]);
    // Brier (1950): (0.1² + 0.1² + 0.9² + 0.1² + 0²) / 5
    expect(brier).toBeCloseTo((0.01 + 0.01 + 0.81 + 0.01) / 5, 12);
    expect(count).toBe(5);
    expect(calibrationOf([]).brier).toBeNull();
  });
});
