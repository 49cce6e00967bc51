import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { seeded } from '../../../random.ts';
import { cases } from '../../../testing/cases.ts';
import { fullKit } from '../../testing/practiceKits.ts';
import { anySeed } from '../../testing/seeds.ts';
import { inEnglish } from '../../testing/spoken.ts';
import { noKit } from '../drill.ts';
import { hole } from './hole.ts';
import { turn } from './turn.ts';

describe('which way round', () => {
  it('has one right way for polarised parts, and none that matters for the others', () => {
    fc.assert(
      fc.property(anySeed, fc.constantFrom(...turn.items(fullKit)), (seed, item) => {
        const task = turn.make(item, seeded(seed), fullKit);
        const ways = ([0, 90, 180, 270] as const).filter(
          (way) => turn.judge(task, way, 'usual').isRight,
        );
        const either = turn.judge(task, 'either', 'usual').isRight;
        if (either) expect(ways).toHaveLength(2);
        else expect(ways).toEqual([task.board]);
        expect(task.hand).not.toBe(task.board);
      }),
      { numRuns: cases(1000) },
    );
  });

  it('is seen from below as often as it lies there, with left and right changed in the words', () => {
    const tasks = Array.from({ length: 400 }, (_, seed) =>
      turn.make('ic-dip', seeded(seed), noKit),
    );
    const below = tasks.filter(({ side }) => side === 'bottom');
    expect(below.length).toBeGreaterThan(90);
    expect(below.length).toBeLessThan(190);
    const words = (task: (typeof tasks)[number], side: 'top' | 'bottom') =>
      turn
        .describe({ ...task, side })
        .map((one) => inEnglish(one))
        .slice(1)
        .join(' ');
    const other = { left: 'right', right: 'left' } as const;
    for (const task of below)
      expect(words(task, 'bottom')).toBe(
        words(task, 'top').replace(
          /points (left|right)/g,
          (_, way: 'left' | 'right') => `points ${other[way]}`,
        ),
      );
    // What lies on the surface is looked at from its own side.
    const flat = Array.from({ length: 50 }, (_, seed) => turn.make('ic-so', seeded(seed), noKit));
    expect(new Set(flat.map(({ side }) => side))).toEqual(new Set(['top']));
  });

  // Common practice: a resistor does not care, an LED and a chip do.
  it.each([
    ['resistor-axial', true],
    ['led-5mm', false],
    ['ic-dip', false],
  ])('%s: either way %s', (family, isEither) => {
    const task = turn.make(family, seeded(3), noKit);
    expect(turn.judge(task, 'either', 'usual').isRight).toBe(isEither);
  });

  it('changes left and right on the solder side, and only those', () => {
    fc.assert(
      fc.property(anySeed, (seed) => {
        const top = hole.make('led-5mm-top', seeded(seed), noKit);
        const bottom = hole.make('led-5mm-bottom', seeded(seed), noKit);
        expect(bottom.board).toBe(top.board);
        for (const seen of bottom.holes) {
          const above = top.holes.find(({ pin }) => pin === seen.pin);
          expect(seen.xMm).toBeCloseTo(-(above?.xMm ?? 9), 9);
          expect(seen.yMm).toBeCloseTo(above?.yMm ?? 9, 9);
        }
      }),
    );
  });
});
