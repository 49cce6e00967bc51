import { describe, expect, it } from 'vitest';
import { planKit } from '../../order/planKit.ts';
import { line, ohm } from '../../order/testing/kits.ts';
import { type PlannedStep, withMinutes } from '../stepMinutes.ts';
import { usualConditions } from './conditions.ts';
import { crowdingOf, withoutWaiting } from './crowding.ts';
import { type EveningBehind, lookBack } from './lookBack.ts';
import { behind } from './testing/behind.ts';
import { otherEvening, otherSite } from './testing/otherEvenings.ts';

const steps = withMinutes(
  planKit({
    parts: [
      line('resistor-axial', 'R1 R2 R3 R4', ohm(470)),
      line('resistor-axial', 'R5 R6', ohm(10_000)),
      line('led-5mm', 'D1 D2'),
      line('socket-dip', 'X1', { kind: 'none' }, 8),
    ],
    supplyVolt: 6,
  }).steps,
);
const soldered = steps.filter(({ kind }) => kind === 'solder');
const enough = usualConditions(12).capacity;

/** Of all soldering steps, by their minutes. */
function longer(seats: number, irons: number): number {
  const crowding = crowdingOf(soldered, seats, { ...enough, iron: irons, meter: seats });
  const minutes = (share: (step: PlannedStep) => number) =>
    soldered.reduce((sum, step) => sum + step.minutes * share(step), 0);
  return minutes(({ id }) => crowding.get(id) ?? 1) / minutes(() => 1);
}

describe('how crowded a room is', () => {
  it('is not at all where each seat has its own', () => {
    expect(longer(12, 12)).toBe(1);
  });

  it.each([
    [12, 1],
    [12, 2],
    [12, 3],
    [30, 5],
  ])('keeps to the bounds of a closed queue: %d seats at %d irons', (seats, irons) => {
    // Denning and Buzen, The operational analysis of queueing network models, ACM Computing Surveys 10 (1978): with N
    // customers, a demand of D in all and of half of it at a station of m servers, a round takes at least
    // max(D, N D / 2 m), and at most the time that all N take one after the other at one server of the m.
    const least = Math.max(1, (0.5 * seats) / irons);
    const found = longer(seats, irons);
    // The first to be done leave the last alone: the room is not full to the end.
    expect(found).toBeGreaterThan(0.85 * least);
    expect(found).toBeLessThan(0.5 + (0.5 * seats) / irons + 0.5);
  });

  it('grows with the seats and shrinks with the irons', () => {
    const some = [2, 3, 4, 6].map((irons) => longer(12, irons));
    expect(some).toEqual(some.toSorted((a, b) => b - a));
    expect(longer(16, 4)).toBeGreaterThan(longer(12, 4));
  });

  it('is taken off step times, of several steps together on the average', () => {
    const time = {
      stepIds: ['a', 'b'],
      kind: 'solder',
      minutes: 12,
      planned: 6,
      endedAt: '2026-03-05T18:40:00.000Z',
      hadTrouble: false,
    };
    const crowding = new Map([
      ['a', 1],
      ['b', 2],
    ]);
    expect(withoutWaiting([time], crowding)).toEqual([{ ...time, minutes: 8 }]);
    expect(withoutWaiting([time], new Map())).toEqual([time]);
  });
});

describe('what is learnt in rooms with few irons', () => {
  /** What six evenings of a site teach of soldering: the share of the plan’s minutes. */
  const learntAt = (irons: number, isTold: boolean): number[] =>
    [1, 2, 3, 4].map((seed) => {
      const site = otherSite(seed, steps);
      const usual = usualConditions(12);
      const conditions = { ...usual, capacity: { ...usual.capacity, iron: irons } };
      const evenings = Array.from({ length: 6 }, (_, index): EveningBehind => {
        const made = otherEvening(site, steps, 12, conditions.capacity);
        const { asSeen } = behind(`${index}`, made, steps, conditions, 150);
        return isTold ? asSeen : { ...asSeen, conditions: { ...usual, capacity: everything } };
      });
      return Math.exp(lookBack(evenings).learnt.kinds.get('solder')?.pace.logMean ?? 0);
    });
  const everything = { iron: 12, meter: 12, desoldering: 12, helper: 12 };
  const off = (found: readonly number[], truth: readonly number[]) =>
    found.reduce((sum, one, index) => sum + Math.abs(Math.log(one / (truth[index] ?? 1))), 0) /
    found.length;

  it('is of the hands, as in rooms where nobody waits', () => {
    const alone = learntAt(12, true);
    const told = off(learntAt(4, true), alone);
    // These people hold the iron for more of a step than the forecast believes.
    expect(told).toBeLessThan(0.2);
    // Not knowing of the irons, waiting is taken for slow hands.
    expect(off(learntAt(4, false), alone)).toBeGreaterThan(2.5 * told);
  });
});
