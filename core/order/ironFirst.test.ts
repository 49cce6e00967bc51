import { describe, expect, it } from 'vitest';
import { hasIronFirst } from './ironFirst.ts';

const steps = [
  { id: 'a', kind: 'solder' },
  { id: 'look', kind: 'check' },
  { id: 'b', kind: 'solder' },
  { id: 'c', kind: 'solder' },
] as const;

describe('who has the iron first', () => {
  it('changes with every step of soldering, checks between them or not', () => {
    const turns = (seat: number, partner: number) =>
      steps.map(({ id }) => hasIronFirst(steps, id, seat, partner));
    expect(turns(3, 4)).toEqual([true, null, false, true]);
    expect(turns(4, 3)).toEqual([false, null, true, false]);
  });

  it('is one of the two at each step, however far apart they sit', () => {
    for (const [one, other] of [
      [1, 2],
      [2, 9],
      [60, 5],
    ] as const) {
      for (const { id } of steps.filter(({ kind }) => kind === 'solder')) {
        expect(hasIronFirst(steps, id, one, other)).toBe(!hasIronFirst(steps, id, other, one));
      }
    }
  });

  it('is nobody at a step that is not in the plan', () => {
    expect(hasIronFirst(steps, 'gone', 1, 2)).toBeNull();
  });
});
