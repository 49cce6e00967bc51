import { describe, expect, it } from 'vitest';
import type { BuildEvent } from '../build/event.ts';
import { event } from '../build/testing/log.ts';
import { planKit } from '../order/planKit.ts';
import { line, ohm, type } from '../order/testing/kits.ts';
import { hastySteps } from '../pace/learnt/hasty.ts';
import { withMinutes } from '../pace/stepMinutes.ts';
import { type Build, opportunitiesOf, stateOfBuild } from './builds.ts';
import { estimatesOf } from './skillEstimates.ts';

const steps = withMinutes(
  planKit({
    parts: [
      line('resistor-axial', 'R1 R2', ohm(470)),
      line('resistor-axial', 'R3', ohm(10_000)),
      line('transistor-to92', 'Q1', type('2N3904')),
    ],
    supplyVolt: 6,
  }).steps,
);

const buildOf = (number: number, events: readonly BuildEvent[]): Build => ({
  workshopId: `workshop ${number}`,
  workshopTitle: `Evening ${number}`,
  kitName: 'Lamp',
  startsAt: '2026-03-05T18:30:00.000Z',
  seatNumber: 1,
  steps,
  events,
});

/** Every step tapped, each so many minutes after the one before. */
const tapped = (
  number: number,
  between: (minutes: number) => number,
  more: (stepId: string, minute: number) => readonly BuildEvent[] = () => [],
): Build => {
  let minute = number * 1000;
  return buildOf(number, [
    event(minute, { kind: 'greeted' }),
    ...steps.flatMap(({ id, minutes }) => {
      minute += between(minutes);
      return [event(minute, { kind: 'step-done', stepId: id }), ...more(id, minute)];
    }),
  ]);
};
const skill = (builds: readonly Build[], id = 'heating') => {
  const all = estimatesOf(opportunitiesOf(builds));
  return all.find((one) => one.skill === id) ?? all[0];
};

describe('a tap that is faster than hands', () => {
  it('shows nothing: who taps through proves nothing at all', () => {
    for (const every of [0.02, 0.1, 0.15]) {
      const fast = tapped(1, () => every);
      expect(opportunitiesOf([fast])).toEqual([]);
      expect(hastySteps(steps, stateOfBuild(fast)).size).toBe(steps.length);
    }
  });

  it('is none where several steps are tapped together after the time that they took', () => {
    const total = steps.reduce((sum, { minutes }) => sum + minutes, 0);
    const atOnce = buildOf(1, [
      event(0, { kind: 'greeted' }),
      ...steps.map(({ id }, index) =>
        event(total + index * 0.05, { kind: 'step-done', stepId: id }),
      ),
    ]);
    expect(hastySteps(steps, stateOfBuild(atOnce)).size).toBe(0);
  });

  it('is none at a practised hand’s pace, a third of the plan', () => {
    expect(hastySteps(steps, stateOfBuild(tapped(1, (minutes) => minutes / 3))).size).toBe(0);
  });

  it('counts where somebody looked, or something went wrong', () => {
    const [first] = steps;
    const looked = tapped(
      1,
      () => 0.05,
      (stepId, minute) =>
        stepId === first?.id
          ? [event(minute + 1, { kind: 'checked-good', stepId }, 'instructor')]
          : [],
    );
    const found = opportunitiesOf([looked]);
    expect(found.length).toBeGreaterThan(0);
    expect(found.every(({ grade, wasRight }) => grade === 'seen' && wasRight)).toBe(true);
    const wrong = tapped(
      1,
      () => 0.05,
      (stepId, minute) =>
        stepId === first?.id
          ? [event(minute, { kind: 'mistake', stepId, mistake: 'wrong-value' })]
          : [],
    );
    expect(opportunitiesOf([wrong]).every(({ wasRight }) => !wasRight)).toBe(true);
  });
});

describe('a skill is known', () => {
  const claims = Array.from({ length: 30 }, (_, index) => tapped(index, (minutes) => minutes));
  const looked = (number: number) =>
    tapped(
      number,
      (minutes) => minutes,
      (stepId, minute) => [event(minute + 0.5, { kind: 'checked-good', stepId }, 'instructor')],
    );

  it('never by claims alone, however many', () => {
    const all = estimatesOf(opportunitiesOf(claims));
    expect(all.some(({ chance }) => chance >= 0.9)).toBe(true);
    expect(all.filter(({ isKnown }) => isKnown)).toEqual([]);
    expect(all.every(({ confirmed }) => confirmed === 0)).toBe(true);
  });

  it('once somebody has looked, and with fewer steps than by claims', () => {
    const seen = [1, 2, 3, 4].map(looked);
    const all = estimatesOf(opportunitiesOf(seen)).filter(({ right }) => right.of >= 8);
    expect(all.length).toBeGreaterThan(0);
    expect(all.every(({ isKnown, confirmed }) => isKnown && confirmed > 1)).toBe(true);
    const sameByClaims = estimatesOf(opportunitiesOf(claims.slice(0, 4)));
    for (const { skill: id, low } of all)
      expect(low).toBeGreaterThan(sameByClaims.find(({ skill: one }) => one === id)?.low ?? 1);
  });

  it('not with 21 of 32 right, whoever looked', () => {
    const soldering = { stepId: '', at: '2026-03-05T19:00:00.000Z' };
    const mixed = Array.from({ length: 32 }, (_, index) => ({
      skill: 'reading-values' as const,
      wasRight: index % 3 !== 0,
      grade: 'seen' as const,
      in: { kind: 'step' as const, workshopId: 'w', stepId: `${soldering.stepId}${index}` },
      at: soldering.at,
    }));
    const [found] = estimatesOf(mixed).filter(({ right }) => right.of > 0);
    expect(found?.right).toMatchObject({ count: 21, of: 32 });
    expect(found?.isKnown).toBe(false);
  });

  it('is shown with its share, which never contradicts the tick', () => {
    const found = skill([1, 2, 3].map(looked));
    if (found?.isKnown) expect(found.right.count / found.right.of).toBeGreaterThan(0.8);
  });
});
