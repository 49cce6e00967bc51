import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { planKit } from '../../order/planKit.ts';
import { line, ohm, type } from '../../order/testing/kits.ts';
import { seeded } from '../../random.ts';
import type { Experience } from '../experience.ts';
import { paceBefore } from '../learnt/priors.ts';
import { withMinutes } from '../stepMinutes.ts';
import { askBackwards } from './backwards.ts';
import { nothingLearnt } from './beliefs.ts';
import { usualConditions, usualConditionsOf } from './conditions.ts';
import { exponential, lognormal } from './distributions.ts';
import { type Evening, seatAhead } from './evening.ts';
import { clockAt, forecastEvening } from './forecast.ts';
import { type Capacity, type Job, runRoom } from './room.ts';

const plenty: Capacity = { iron: 99, meter: 99, desoldering: 99, helper: 99 };
const mean = (numbers: readonly number[]) =>
  numbers.reduce((sum, one) => sum + one, 0) / numbers.length;

describe('the random numbers', () => {
  it('are the same for the same seed, and spread over 0 to 1', () => {
    const [a, b] = [seeded(5), seeded(5)];
    const drawn = Array.from({ length: 20_000 }, a);
    expect(Array.from({ length: 20_000 }, b)).toEqual(drawn);
    expect(mean(drawn)).toBeCloseTo(0.5, 2);
    expect(Math.min(...drawn)).toBeGreaterThanOrEqual(0);
    expect(Math.max(...drawn)).toBeLessThan(1);
  });

  it('a lognormal time has the mean and the variation that it should (closed form)', () => {
    const random = seeded(11);
    const drawn = Array.from({ length: 40_000 }, () => lognormal(random, 6, 0.35));
    const average = mean(drawn);
    expect(average).toBeCloseTo(6, 1);
    const spread = Math.sqrt(mean(drawn.map((one) => (one - average) ** 2)));
    expect(spread / average).toBeCloseTo(0.35, 1);
    expect(lognormal(random, 0, 0.35)).toBe(0);
  });
});

describe('a single queue', () => {
  /** Arrivals as a Poisson process, one shared meter; the mean wait of those after the first tenth. */
  function meanWait(seed: number, rate: number, service: (random: () => number) => number): number {
    const random = seeded(seed);
    let now = 0;
    const jobs: Job[] = Array.from({ length: 12_000 }, () => {
      now += exponential(random, 1 / rate);
      return { startsAt: now, activities: [{ needs: 'meter', minutes: service(random) }] };
    });
    const results = runRoom(jobs, { ...plenty, meter: 1 });
    return mean(results.slice(1200).map(({ waited }) => waited.meter));
  }

  /** Mean and half the 99 % interval over independent runs. */
  function interval(rate: number, service: (random: () => number) => number) {
    const runs = Array.from({ length: 8 }, (_, index) => meanWait(100 + index, rate, service));
    const average = mean(runs);
    const deviation = Math.sqrt(
      runs.reduce((sum, one) => sum + (one - average) ** 2, 0) / (runs.length - 1),
    );
    // Student's t for 7 degrees of freedom.
    return { average, half: (3.499 * deviation) / Math.sqrt(runs.length) };
  }

  // M/M/1: mean wait in the queue λ / (μ (μ − λ)) (any queueing textbook).
  it.each([0.5, 0.7])('waits as M/M/1 does at a load of %d', (load) => {
    const { average, half } = interval(load, (random) => exponential(random, 1));
    expect(Math.abs(average - load / (1 - load))).toBeLessThan(half);
  });

  // M/D/1: half of that, λ / (2 μ (μ − λ)) (Pollaczek and Khinchine).
  it.each([0.5, 0.7])('waits as M/D/1 does at a load of %d', (load) => {
    const { average, half } = interval(load, () => 1);
    expect(Math.abs(average - load / (2 * (1 - load)))).toBeLessThan(half);
  });

  it('nobody waits where there is one for each', () => {
    const jobs: Job[] = [1, 2, 3].map((minutes) => ({
      startsAt: 0,
      activities: [{ needs: 'iron', minutes }],
    }));
    const results = runRoom(jobs, { ...plenty, iron: 3 });
    expect(results.map(({ finishedAt }) => finishedAt)).toEqual([1, 2, 3]);
    expect(results.every(({ waited }) => waited.iron === 0)).toBe(true);
  });

  it('first come, first served, worked by hand', () => {
    const iron = (startsAt: number, minutes: number): Job => ({
      startsAt,
      activities: [
        { needs: 'iron', minutes },
        { needs: null, minutes: 1 },
      ],
    });
    const results = runRoom([iron(0, 5), iron(1, 2), iron(2, 4)], { ...plenty, iron: 1 });
    expect(results.map(({ over }) => over)).toEqual([
      [5, 6],
      [7, 8],
      [11, 12],
    ]);
    expect(results.map(({ waited }) => waited.iron)).toEqual([0, 4, 5]);
  });
});

describe('for any room', () => {
  const anyJobs = fc.array(
    fc.record({
      startsAt: fc.integer({ min: 0, max: 30 }),
      activities: fc.array(
        fc.record({
          needs: fc.constantFrom<'iron' | 'helper' | null>('iron', 'helper', null),
          minutes: fc.integer({ min: 0, max: 9 }),
        }),
        { minLength: 1, maxLength: 8 },
      ),
    }),
    { minLength: 1, maxLength: 8 },
  );

  it('time is work and waiting and nothing else', () => {
    fc.assert(
      fc.property(anyJobs, fc.integer({ min: 1, max: 3 }), (jobs, irons) => {
        const results = runRoom(jobs, { ...plenty, iron: irons, helper: 1 });
        for (const [index, job] of jobs.entries()) {
          const { finishedAt, waited, over } = results[index] ?? {
            finishedAt: 0,
            waited: plenty,
            over: [],
          };
          const work = job.activities.reduce((sum, { minutes }) => sum + minutes, 0);
          expect(finishedAt).toBeCloseTo(job.startsAt + work + waited.iron + waited.helper, 9);
          expect(over).toHaveLength(job.activities.length);
        }
      }),
    );
  });

  it('with enough of everything the last one is the slowest seat', () => {
    fc.assert(
      fc.property(anyJobs, (jobs) => {
        const last = Math.max(...runRoom(jobs, plenty).map(({ finishedAt }) => finishedAt));
        const alone = jobs.map(
          ({ startsAt, activities }) =>
            startsAt + activities.reduce((sum, { minutes }) => sum + minutes, 0),
        );
        expect(last).toBe(Math.max(...alone));
      }),
    );
  });
});

describe('an evening', () => {
  const steps = withMinutes(
    planKit({
      parts: [
        line('resistor-axial', 'R1 R2 R3 R4', ohm(470)),
        line('led-5mm', 'D1 D2'),
        line('socket-dip', 'X1', { kind: 'none' }, 8),
        line('ic-dip', 'U1', type('LM393'), 8),
      ],
      supplyVolt: 6,
    }).steps,
  );
  const usual = usualConditions(8);
  const seatsOf = (experience: Experience) =>
    Array.from({ length: 8 }, (_, index) => seatAhead(`s${index}`, paceBefore(experience), steps));
  const evening: Evening = {
    steps,
    seats: seatsOf('new'),
    conditions: { ...usual, capacity: { iron: 8, meter: 2, desoldering: 1, helper: 1 } },
    beliefs: nothingLearnt,
    nowMinutes: 0,
    lengthMinutes: 75,
  };
  const { conditions } = evening;
  const forecast = (more: Partial<Evening>) => forecastEvening({ ...evening, ...more }, 300, 1);

  it('is surer the longer it lasts, and surer than sure it cannot be', () => {
    const chances = [40, 60, 80, 120, 240].map(
      (lengthMinutes) => forecast({ lengthMinutes }).chance,
    );
    expect(chances).toEqual([...chances].sort((a, b) => a - b));
    expect(chances[0]).toBe(0);
    expect(chances.at(-1)).toBe(1);
  });

  it('scarce irons make people wait, and one more makes them wait less', () => {
    const waits = [2, 3, 4, 8].map(
      (iron) =>
        forecast({ conditions: { ...conditions, capacity: { ...conditions.capacity, iron } } })
          .waits.iron,
    );
    expect(waits).toEqual([...waits].sort((a, b) => b - a));
    expect(waits[0]).toBeGreaterThan(5);
    expect(waits.at(-1)).toBe(0);
  });

  it('practised hands are done sooner, late ones later', () => {
    const last = forecast({}).last.p50;
    expect(forecast({ seats: seatsOf('practised') }).last.p50).toBeLessThan(last * 0.7);
    const late = { percent: 100, minutes: 40 };
    expect(forecast({ conditions: { ...conditions, late } }).last.p50).toBeGreaterThan(last);
  });

  it('breaks move everything behind them by their length', () => {
    const breaks = [
      { at: 30, minutes: 10 },
      { at: 60, minutes: 5 },
    ];
    // By hand: what is worked at 25 is before both; at 31 behind the first, at 55 behind both (65 > 60).
    const at = (nowMinutes: number) => ({ conditions: { ...conditions, breaks }, nowMinutes });
    expect([25, 31, 49, 55].map((worked) => clockAt(worked, at(0)))).toEqual([25, 41, 59, 70]);
    // From minute 45 on the first is behind, and counts no more.
    expect([49, 61].map((worked) => clockAt(worked, at(45)))).toEqual([49, 66]);
  });

  it('reaches an earlier step at least as often as a later one', () => {
    const { reached } = forecast({ lengthMinutes: 55 });
    expect(reached).toEqual([...reached].sort((a, b) => b - a));
  });

  it('is asked backwards: how long, how far, what beforehand, and what helps', () => {
    const ask = (more: Partial<Evening>) => {
      const asked = { ...evening, ...more };
      return askBackwards(asked, forecastEvening(asked, 300, 1), 300, 1);
    };
    const tight = ask({ lengthMinutes: 60 });
    const asLong = { lengthMinutes: Math.ceil(tight.minutesFor.most) };
    // The length that was told does what was said of it.
    expect(forecast(asLong).chance).toBeGreaterThanOrEqual(0.79);
    expect(tight.minutesFor.nearlyAll).toBeGreaterThan(tight.minutesFor.most);
    expect(tight.upTo === null || steps[tight.upTo]?.kind === 'check').toBe(true);
    const prepared = tight.prepare?.steps ?? 0;
    expect(prepared).toBeGreaterThan(0);
    const without = (count: number) =>
      forecast({
        lengthMinutes: 60,
        seats: evening.seats.map((seat) => ({ ...seat, left: seat.left.slice(count) })),
      }).chance;
    expect(without(prepared)).toBeGreaterThanOrEqual(0.8);
    expect(without(prepared - 1)).toBeLessThan(0.8);
    // With all the time of the world nothing helps, and nothing has to be left.
    expect(ask({ lengthMinutes: 400 })).toMatchObject({ upTo: null, prepare: null });
    expect(ask({ lengthMinutes: 400 }).helps.map(({ id }) => id)).not.toContain('half-hour');
    // Two irons for eight are what people wait for: more of them help most.
    const few = { ...conditions, capacity: { ...conditions.capacity, iron: 2 } };
    const tools = ask({ lengthMinutes: 110, conditions: few }).helps.map(({ id }) => id);
    expect(tools.filter((id) => id !== 'half-hour')[0]).toBe('iron');
  });

  it('two who work together share an iron, and take turns', () => {
    const seated = (partners: readonly (number | null)[]) =>
      usualConditionsOf(partners.map((partner) => ({ partner })));
    expect(seated([2, 1, null, 5, 4]).capacity.iron).toBe(3);
    const paired = { ...conditions, capacity: seated([2, 1, 4, 3, 6, 5, 8, 7]).capacity };
    expect(forecast({ conditions: paired }).waits.iron).toBeGreaterThan(1);
  });

  it('the same seed gives the same evening, and the doubt shrinks with the runs', () => {
    expect(forecast({})).toEqual(forecast({}));
    const [few, many] = [100, 400].map(
      (runs) => forecastEvening({ ...evening, lengthMinutes: 90 }, runs, 3).doubt,
    );
    expect(many ?? 1).toBeLessThan(few ?? 0);
  });
});
