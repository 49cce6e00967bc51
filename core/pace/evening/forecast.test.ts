import { describe, expect, it } from 'vitest';
import { foldSeat } from '../../build/foldSeat.ts';
import { event } from '../../build/testing/log.ts';
import { planKit } from '../../order/planKit.ts';
import { line, ohm, type } from '../../order/testing/kits.ts';
import { paceBefore } from '../learnt/priors.ts';
import { stepTimes } from '../learnt/stepTimes.ts';
import { coverageOf, crps } from '../scores.ts';
import { withMinutes } from '../stepMinutes.ts';
import { nothingLearnt } from './beliefs.ts';
import { usualConditions } from './conditions.ts';
import { type Evening, seatAhead, seatNow } from './evening.ts';
import { type Forecast, forecastEvening } from './forecast.ts';
import { forecastAt, lookBack } from './lookBack.ts';
import { behind } from './testing/behind.ts';
import { otherEvening, otherSite } from './testing/otherEvenings.ts';

const steps = withMinutes(
  planKit({
    parts: [
      line('resistor-axial', 'R1 R2 R3 R4', ohm(470)),
      line('resistor-axial', 'R5 R6', ohm(10_000)),
      line('diode-axial', 'D1 D2', type('1N4148')),
      line('socket-dip', 'X1', { kind: 'none' }, 8),
      line('ic-dip', 'U1', type('NE555'), 8),
    ],
    supplyVolt: 9,
  }).steps,
);
const startsAt = '2026-03-05T18:30:00.000Z';
const at = (minute: number) => new Date(Date.parse(startsAt) + minute * 60_000);
const conditions = usualConditions(3);

/** Three at their boards: the first goes on, the second stands still, the third has not come. */
function roomAt(minute: number, lengthMinutes = 120, more: Partial<Evening> = {}): Forecast {
  const logs = [
    steps
      .slice(0, 3)
      .map(({ id }, index) => event(16 + 6 * index, { kind: 'step-done', stepId: id })),
    steps.slice(0, 1).map(({ id }) => event(18, { kind: 'step-done', stepId: id })),
    [],
  ];
  const stepIds = steps.map(({ id }) => id);
  return forecastEvening(
    {
      steps,
      lengthMinutes,
      nowMinutes: minute,
      conditions,
      beliefs: nothingLearnt,
      seats: logs.map((log, index) => {
        const till = log.filter((one) => one.at <= at(minute).toISOString());
        const state = foldSeat(stepIds, till);
        const times = stepTimes(steps, till, state);
        return seatNow(
          `s${index}`,
          paceBefore('new'),
          steps,
          state,
          times,
          startsAt,
          10,
          at(minute),
        );
      }),
      ...more,
    },
    500,
    7,
  );
}

describe('the forecast from where the seats are', () => {
  it('knows that somebody stands still: later, and less sure, than who goes on', () => {
    const { seats } = roomAt(45);
    const [goesOn, stands, absent] = seats;
    expect(stands?.done.p50).toBeGreaterThan(goesOn?.done.p50 ?? 0);
    expect(stands?.chance).toBeLessThan(goesOn?.chance ?? 0);
    // Who is not there begins now at the earliest.
    expect(absent?.done.p05).toBeGreaterThan(45);
  });

  it('moves by no jump while nothing happens', () => {
    let before = roomAt(29);
    for (let minute = 30; minute <= 60; minute += 1) {
      const now = roomAt(minute);
      for (const [index, { chance, done }] of now.seats.entries()) {
        const was = before.seats[index];
        expect(Math.abs(chance - (was?.chance ?? 0))).toBeLessThan(0.08);
        expect(Math.abs(done.p50 - (was?.done.p50 ?? 0))).toBeLessThan(4);
      }
      before = now;
    }
  });

  it('is certain of who is done, and gives nobody a chance when the time is up', () => {
    const log = steps.map(({ id }, index) => event(12 + index, { kind: 'step-done', stepId: id }));
    const stepIds = steps.map(({ id }) => id);
    const state = foldSeat(stepIds, log);
    const times = stepTimes(steps, log, state);
    const done = seatNow('s', paceBefore('new'), steps, state, times, startsAt, 10, at(60));
    const { seats, last } = roomAt(60, 120, { seats: [done] });
    expect(seats[0]).toMatchObject({ chance: 1, needed: 0 });
    expect(last.p50).toBe(60);
    for (const seat of roomAt(121).seats) expect(seat.chance).toBe(0);
  });

  it('a later step is reached no more often than an earlier one; ranges are in order', () => {
    for (const { reaches, done } of roomAt(40, 80).seats) {
      const chances = [...reaches.values()];
      expect(chances).toEqual([...chances].sort((a, b) => b - a));
      const { p05, p25, p50, p75, p80, p90, p95 } = done;
      const inOrder = [p05, p25, p50, p75, p80, p90, p95];
      expect(inOrder).toEqual([...inOrder].sort((a, b) => a - b));
    }
  });

  it('a break that is still to come, or under way, moves the end by what is left of it', () => {
    const breaks = [{ at: 50, minutes: 15 }];
    const without = roomAt(45).last.p50;
    const ahead = roomAt(45, 120, { conditions: { ...conditions, breaks } }).last.p50;
    expect(ahead - without).toBeCloseTo(15, 5);
    expect(roomAt(55, 120, { conditions: { ...conditions, breaks } }).last.p50).toBeCloseTo(
      roomAt(55).last.p50,
      5,
    );
  });

  it('what is not known widens it: forecasts that were too sure are told wider', () => {
    const width = ({ last }: Forecast) => last.p95 - last.p05;
    const wide = roomAt(45, 120, { beliefs: { ...nothingLearnt, widened: 2 } });
    expect(width(wide)).toBeGreaterThan(1.3 * width(roomAt(45)));
  });

  it('a room that was seen often is surer of its kinds of steps', () => {
    const width = (count: number) => {
      const kinds = new Map(
        [...new Set(steps.map((step) => (step.kind === 'check' ? step.check : step.kind)))].map(
          (kind) => [kind, { pace: { logMean: -0.04, logSd: count === 0 ? 0.3 : 0.05 }, count }],
        ),
      );
      const seats = Array.from({ length: 3 }, (_, n) =>
        seatAhead(`s${n}`, paceBefore('new'), steps),
      );
      const { last } = roomAt(0, 120, { seats, beliefs: { ...nothingLearnt, kinds } });
      return last.p95 - last.p05;
    };
    expect(width(100)).toBeLessThan(0.9 * width(0));
  });
});

describe('evenings as the forecast does not believe them to be', () => {
  // The benchmark does the same with 200: these few show that nothing is far off.
  const evenings = [501, 502, 503, 504, 505, 506].flatMap((seed) => {
    const site = otherSite(seed, steps);
    const room = usualConditions(8);
    const all = Array.from({ length: 4 }, (_, index) => ({
      evening: behind(
        `${seed} ${index}`,
        otherEvening(site, steps, 8, room.capacity),
        steps,
        room,
        95,
      ),
    }));
    return all.map(({ evening }, index) => {
      const { learnt, widened } = lookBack(all.slice(0, index).map((one) => one.evening.asSeen));
      const { kinds, spread, trouble, learners } = learnt;
      const beliefs = { kinds, spread, trouble, widened };
      return { evening, forecast: forecastAt(evening.asSeen, 0, beliefs, learners, 300) };
    });
  });

  it('nine in ten people, more or less, finish within the range of nine in ten', () => {
    const covered = coverageOf(
      evenings.flatMap(({ evening, forecast }) =>
        forecast.seats.map(({ done }, seat) => ({
          low: done.p05,
          high: done.p95,
          came: evening.finished[seat] ?? null,
        })),
      ),
    );
    expect(covered).toBeGreaterThan(0.8);
    expect(covered).toBeLessThan(0.98);
  });

  it('the middle is no worse than the plan’s minutes, told as a certainty', () => {
    const scores = evenings.flatMap(({ evening, forecast }) =>
      forecast.seats.map(({ done }, seat) => {
        const came = evening.finished[seat] ?? 0;
        const planned = 10 + steps.reduce((sum, { minutes }) => sum + minutes, 0);
        const { p05, p25, p50, p75, p95 } = done;
        return { ours: crps([p05, p25, p50, p75, p95], came), plan: crps([planned], came) };
      }),
    );
    const sum = (of: 'ours' | 'plan') => scores.reduce((total, one) => total + one[of], 0);
    expect(sum('ours')).toBeLessThan(0.8 * sum('plan'));
  });
});

describe('the score of a forecast', () => {
  it('is the distance for a single sample, and praises what is narrow and right, worked by hand', () => {
    expect(crps([10], 13)).toBe(3);
    // Mean |x − y| is 1; half the mean distance of two samples, (0 + 2 + 2 + 0) / 4 / 2, is 0.5.
    expect(crps([9, 11], 10)).toBeCloseTo(0.5, 12);
    expect(crps([9, 11], 10)).toBeLessThan(crps([5, 15], 10));
  });
});

describe('many evenings behind', () => {
  it('all teach, and only the latest are looked back at', () => {
    const site = otherSite(900, steps);
    const room = usualConditions(3);
    const all = Array.from(
      { length: 27 },
      (_, index) =>
        behind(`${index}`, otherEvening(site, steps, 3, room.capacity), steps, room, 95).asSeen,
    );
    const asked: string[] = [];
    const { told, learnt } = lookBack(all, ({ id }) => {
      asked.push(id);
      return [];
    });
    expect(asked).toEqual(all.slice(3).map(({ id }) => id));
    expect(told.size).toBe(27);
    expect(learnt.count).toBeGreaterThan(27 * 3);
  });
});
