import { describe, expect, it } from 'vitest';
import { planKit } from '../order/planKit.ts';
import { line, ohm, type } from '../order/testing/kits.ts';
import { isFarBehind, minutesAhead, plannedStepAt } from './againstPlan.ts';
import { elapsedMinutes, phaseOf } from './phase.ts';
import { stepMinutes, totalMinutes, withMinutes } from './stepMinutes.ts';
import { minutesSince } from './waiting.ts';

const steps = withMinutes(
  planKit({
    parts: [line('resistor-axial', 'R1 R2', ohm(470)), line('led-5mm', 'D1')],
    supplyVolt: 6,
  }).steps,
);

describe('minutes of a step', () => {
  // Common practice: a 17-joint adapter takes a beginner 10 to 20 minutes.
  it('puts a beginner’s 17-joint adapter between 10 and 20 minutes', () => {
    const adapter = planKit({
      parts: [line('pin-header', 'J1', { kind: 'none' }, 17)],
      supplyVolt: null,
    }).steps.filter((step) => step.kind === 'solder');
    const minutes = totalMinutes(withMinutes(adapter));
    expect(minutes).toBeGreaterThanOrEqual(10);
    expect(minutes).toBeLessThanOrEqual(20);
  });

  // Taping or bending a piece takes some 20 s (common practice).
  it('counts every piece that has to be held, and hot joints', () => {
    const [plain] = planKit({
      parts: [line('resistor-axial', 'R1', ohm(1))],
      supplyVolt: null,
    }).steps;
    if (plain?.kind !== 'solder') throw new Error('no step');
    const held = (places: string[]) =>
      stepMinutes({ ...plain, holding: [{ places, method: 'tape', dropMm: 2 }] });
    const places = Array.from({ length: 10 }, (_, index) => `R${index}`);
    expect(held(places) - stepMinutes(plain)).toBeCloseTo(3, 5);
    expect(stepMinutes({ ...plain, hotJoints: 10 }) - stepMinutes(plain)).toBeCloseTo(3, 5);
  });

  it('grows with joints and pieces and is given in halves', () => {
    const one = planKit({ parts: [line('resistor-axial', 'R1', ohm(1))], supplyVolt: null })
      .steps[0];
    const four = planKit({
      parts: [line('resistor-axial', 'R1 R2 R3 R4', ohm(1))],
      supplyVolt: null,
    }).steps[0];
    if (!one || !four) throw new Error('no step');
    expect(stepMinutes(four)).toBeGreaterThan(stepMinutes(one));
    expect(stepMinutes(one) * 2).toBe(Math.round(stepMinutes(one) * 2));
  });

  it('is longer where joints hang on a plane or a large pad (common practice)', () => {
    const [plain] = steps;
    if (plain?.kind !== 'solder') throw new Error('no step');
    expect(stepMinutes({ ...plain, hotJoints: 4 })).toBeGreaterThan(stepMinutes(plain));
  });

  it('no step takes no time', () => {
    for (const { minutes } of steps) expect(minutes).toBeGreaterThan(0);
    expect(totalMinutes(steps)).toBe(steps.reduce((sum, { minutes }) => sum + minutes, 0));
  });
});

describe('against the plan', () => {
  const [first, second] = steps;
  if (!first || !second) throw new Error('no steps');

  it('the plan is at no step before it begins and after it ends', () => {
    expect(plannedStepAt(steps, -1)).toBeNull();
    expect(plannedStepAt(steps, 0)).toBe(first);
    expect(plannedStepAt(steps, first.minutes)).toBe(second);
    expect(plannedStepAt(steps, totalMinutes(steps))).toBeNull();
  });

  it('a seat is on plan as long as the plan allows its step', () => {
    expect(minutesAhead(steps, first.id, 0)).toBe(0);
    expect(minutesAhead(steps, first.id, first.minutes)).toBe(0);
    expect(minutesAhead(steps, second.id, first.minutes + 0.5)).toBe(0);
  });

  it('is behind by what it is over, ahead by what it is early', () => {
    expect(minutesAhead(steps, first.id, first.minutes + 7)).toBe(-7);
    expect(minutesAhead(steps, second.id, first.minutes - 2)).toBe(2);
    expect(minutesAhead(steps, null, totalMinutes(steps) - 10)).toBe(10);
    expect(minutesAhead(steps, null, totalMinutes(steps) + 5)).toBe(-5);
  });

  it('is far behind from ten minutes on', () => {
    expect([5, 0, -9, -10, -30].map(isFarBehind)).toEqual([false, false, false, true, true]);
  });
});

describe('the clock', () => {
  const workshop = { startsAt: '2026-03-05T18:30:00Z', lengthMinutes: 120 };
  const at = (time: string) => new Date(`2026-03-05T${time}:00Z`);

  it.each([
    ['18:00', 'ahead'],
    ['18:16', 'running'],
    ['19:30', 'running'],
    ['20:44', 'running'],
    ['20:46', 'over'],
  ])('at %s the workshop is %s', (time, phase) => {
    expect(phaseOf(workshop, at(time))).toBe(phase);
  });

  it('counts from the start, and waiting in whole minutes, never below none', () => {
    expect(elapsedMinutes(workshop.startsAt, at('18:20'))).toBe(-10);
    expect(elapsedMinutes(workshop.startsAt, at('19:00'))).toBe(30);
    expect(minutesSince('2026-03-05T18:30:00Z', new Date('2026-03-05T18:33:59Z'))).toBe(3);
    expect(minutesSince('2026-03-05T18:30:00Z', at('18:00'))).toBe(0);
  });
});

describe('a kit with everything', () => {
  it('is planned within an evening for Fern Minder’s size', () => {
    const kit = [
      line('socket-dip', 'X1', { kind: 'none' }, 8),
      line('ic-dip', 'U1', type('LM393'), 8),
      line('resistor-axial', 'R1 R2 R3 R4 R5 R6', ohm(1000)),
    ];
    const minutes = totalMinutes(withMinutes(planKit({ parts: kit, supplyVolt: 3 }).steps));
    expect(minutes).toBeGreaterThan(20);
    expect(minutes).toBeLessThan(60);
  });
});
