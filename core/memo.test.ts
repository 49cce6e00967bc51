import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { memo } from './memo.ts';

describe('a memo', () => {
  it('works a value out once, as long as it is kept', () => {
    let worked = 0;
    const squares = memo<number, number>({ name: 'squares', most: 3 });
    const square = (of: number) =>
      squares.of(of, () => {
        worked += 1;
        return of * of;
      });
    expect([square(2), square(2), square(3)]).toEqual([4, 4, 9]);
    expect(worked).toBe(2);
  });

  it('never keeps more than it may, and forgets what was not asked for the longest', () => {
    const kept = memo<string, string>({ name: 'letters', most: 2 });
    for (const letter of ['a', 'b']) kept.set(letter, letter);
    kept.get('a');
    kept.set('c', 'c');
    expect([kept.get('a'), kept.get('b'), kept.get('c')]).toEqual(['a', undefined, 'c']);
    expect(kept.size).toBe(2);
    kept.clear();
    expect(kept.size).toBe(0);
  });

  it('gives what would be worked out, whatever was asked for before', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 5 }),
        fc.array(fc.integer({ min: 0, max: 9 })),
        (most, keys) => {
          const kept = memo<number, string>({ name: 'texts', most });
          for (const key of keys) expect(kept.of(key, () => String(key))).toBe(String(key));
          expect(kept.size).toBeLessThanOrEqual(most);
        },
      ),
    );
  });
});
