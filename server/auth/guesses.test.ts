import { describe, expect, it } from 'vitest';
import { Guesses } from './guesses.ts';

describe('guesses', () => {
  const waits = (guesses: Guesses, account: string) => {
    try {
      guesses.refuseTooSoon(account);
      return 0;
    } catch (error) {
      return Number(/Wait (\d+|a) second/.exec((error as Error).message)?.[1]?.replace('a', '1'));
    }
  };

  it('have to wait twice as long each time, up to a minute', () => {
    let now = 0;
    const guesses = new Guesses(() => now);
    const waited: number[] = [];
    for (let tries = 0; tries < 12; tries += 1) {
      guesses.wrong('Knot');
      const seconds = waits(guesses, 'Knot');
      waited.push(seconds);
      now += seconds * 1000;
      expect(waits(guesses, 'Knot')).toBe(0);
    }
    expect(waited).toEqual([0, 0, 0, 0, 2, 4, 8, 16, 32, 60, 60, 60]);
  });

  it('of one name keep nobody else waiting, and are forgotten with the right one', () => {
    const guesses = new Guesses(() => 0);
    for (let tries = 0; tries < 9; tries += 1) guesses.wrong('Knot');
    expect(waits(guesses, 'Knot')).toBeGreaterThan(0);
    expect(waits(guesses, 'Ruff')).toBe(0);
    guesses.right('Knot');
    expect(waits(guesses, 'Knot')).toBe(0);
  });

  it('that come while one waits do not make it longer', () => {
    const guesses = new Guesses(() => 0);
    for (let tries = 0; tries < 6; tries += 1) guesses.wrong('Knot');
    const first = waits(guesses, 'Knot');
    for (let tries = 0; tries < 50; tries += 1) waits(guesses, 'Knot');
    expect(waits(guesses, 'Knot')).toBe(first);
  });
});
