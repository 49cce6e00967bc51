import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { inEnglish } from '../learning/testing/spoken.ts';
import { readDesignators } from './designators.ts';

describe('place names', () => {
  // Common practice: how lists write them.
  it.each([
    ['R1', 'R1'],
    ['R1-R4, R7', 'R1 R2 R3 R4 R7'],
    ['R1,R2 & R5', 'R1 R2 R5'],
    ['R1-4', 'R1 R2 R3 R4'],
    ['R1 – R3', 'R1 R2 R3'],
    ['R1 to R3', 'R1 R2 R3'],
    ['R1..R3', 'R1 R2 R3'],
    ['C1 C2', 'C1 C2'],
    ['C1; C2; C3', 'C1 C2 C3'],
    ['d1 und d2', 'D1 D2'],
    ['LED1/LED2', 'LED1 LED2'],
    ['R9-R11', 'R9 R10 R11'],
    // Left and right channel, halves of a chip, a place with what goes in first.
    ['R3L R3R', 'R3L R3R'],
    ['u1a, u1b', 'U1A U1B'],
    ['IC1 socket', 'IC1'],
    ['IC2 Fassung', 'IC2'],
    ['', ''],
  ])('%j is %s', (text, names) => {
    expect(readDesignators(text)).toEqual({
      ok: true,
      value: names === '' ? [] : names.split(' '),
    });
  });

  it.each([
    ['R', 'not a place name'],
    ['R4-R1', 'lower number first'],
    ['R1-C4', 'goes from R to C'],
    ['R1-R999', 'not a range'],
    ['1R', 'not a place name'],
    // A value, and no place.
    ['R47K', 'not a place name'],
    ['R1, ???', 'not a place name'],
  ])('%j is refused: %s', (text, message) => {
    const names = readDesignators(text);
    expect(names.ok ? '' : inEnglish(names.problem)).toContain(message);
  });

  it('a range holds exactly the numbers between its ends', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 500 }),
        fc.integer({ min: 0, max: 150 }),
        (from, more) => {
          const names = readDesignators(`R${from}-R${from + more}`);
          expect(names.ok && names.value).toEqual(
            Array.from({ length: more + 1 }, (_, i) => `R${from + i}`),
          );
        },
      ),
    );
  });

  it('never make it crash', () => {
    fc.assert(
      fc.property(fc.string(), (text) => {
        const names = readDesignators(text);
        if (names.ok) for (const name of names.value) expect(name).toMatch(/^[A-Z]{1,4}\d+$/);
      }),
    );
  });
});
