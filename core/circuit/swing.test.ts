import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { courseOf } from './swing.ts';

const sampled = (seconds: number, points: number, value: (at: number) => number) => {
  const time = Array.from({ length: points }, (_, index) => (index * seconds) / (points - 1));
  return [time, time.map(value)] as const;
};

describe('what a course of points says', () => {
  it('a sine has its frequency, half duty and no mean', () => {
    const [time, values] = sampled(1, 4001, (at) => Math.sin(2 * Math.PI * 10 * at));
    const { hertz, duty, mean, least, most } = courseOf(time, values, 0.2, 0.01);
    expect(hertz).toBeCloseTo(10, 2);
    expect(duty).toBeCloseTo(0.5, 2);
    expect(mean).toBeCloseTo(0, 3);
    expect([least, most]).toEqual([expect.closeTo(-1, 3), expect.closeTo(1, 3)]);
  });

  it('pulses have their duty, whatever the steps between points', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.1, max: 0.9, noNaN: true }),
        fc.integer({ min: 3, max: 40 }),
        (share, hertz) => {
          const [time, values] = sampled(1, 20_001, (at) => ((at * hertz) % 1 < share ? 5 : 0));
          const course = courseOf(time, values, 0, 0.1);
          if (course.hertz === undefined) return hertz < 6;
          expect(course.hertz).toBeCloseTo(hertz, 1);
          expect(course.duty).toBeCloseTo(share, 1);
          return Math.abs(course.mean - 5 * share) < 0.1;
        },
      ),
      { numRuns: 60, seed: 2 },
    );
  });

  it('what stands still, or drifts one way, has no frequency', () => {
    const [time, still] = sampled(1, 100, () => 3);
    expect(courseOf(time, still, 0, 0.01)).toEqual({
      mean: expect.closeTo(3, 9),
      least: 3,
      most: 3,
    });
    const [, drift] = sampled(1, 100, (at) => at);
    expect(courseOf(time, drift, 0, 0.01).hertz).toBeUndefined();
  });

  it('a ripple smaller than what counts is no swing', () => {
    const [time, values] = sampled(1, 4000, (at) => 5 + 0.001 * Math.sin(60 * at));
    expect(courseOf(time, values, 0, 0.01).hertz).toBeUndefined();
  });
});
