import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { type Bit, both, byTable, either, isNumber, not, numberOf, oneOf } from './bits.ts';

/** What an expression of numbers alone comes to. */
const worth = (bit: Bit): number => Number(new Function(`return ${bit}`)());

/** What a simulator makes of `pwl(x, x1, y1, x2, y2 …)` at a number: straight lines between the points. */
function along(text: string, number: number): number {
  const [, list = ''] = /^pwl\(x,(.*)\)$/.exec(text) ?? [];
  if (list === '') return Number(text);
  const figures = list.split(',').map(Number);
  const points = Array.from({ length: figures.length / 2 }, (_, index) => ({
    x: figures[2 * index] ?? 0,
    y: figures[2 * index + 1] ?? 0,
  }));
  for (const [index, { x }] of points.entries()) {
    const before = points[index - 1];
    if (before) expect(x).toBeGreaterThan(before.x);
  }
  const after = points.findIndex(({ x }) => x >= number);
  const [one, other] = [points[after - 1], points[after]];
  if (!one || !other) return (points.at(after < 0 ? -1 : 0) ?? { y: Number.NaN }).y;
  return one.y + ((other.y - one.y) * (number - one.x)) / (other.x - one.x);
}

const row = fc.array(fc.boolean(), { minLength: 1, maxLength: 16 });
const bits = fc.array(fc.constantFrom('0', '1', '(0)', '(1)'), { minLength: 1, maxLength: 5 });

describe('bits as expressions', () => {
  it('a table has its row at every number, and goes on at its ends', () => {
    fc.assert(
      fc.property(row, (all) => {
        const table = byTable('x', all);
        for (const [number, isHigh] of all.entries()) {
          for (const off of [-0.3, 0, 0.3]) {
            expect(along(table, number + off)).toBeCloseTo(isHigh ? 1 : 0, 6);
          }
        }
        expect(along(table, -5)).toBe(all[0] ? 1 : 0);
        expect(along(table, all.length + 5)).toBe(all.at(-1) ? 1 : 0);
      }),
    );
  });

  it('where it comes round, what is half way from the last to the first is the same from both sides', () => {
    fc.assert(
      fc.property(row, (all) => {
        const table = byTable('x', all, true);
        expect(along(table, -0.5)).toBeCloseTo(along(table, all.length - 0.5), 6);
        for (const [number, isHigh] of all.entries()) {
          expect(along(table, number)).toBeCloseTo(isHigh ? 1 : 0, 6);
        }
      }),
    );
  });

  it('what never changes drops out, and nothing else does', () => {
    fc.assert(
      fc.property(bits, (all) => {
        const values = all.map(worth);
        const sum = values.reduce((total, value) => total + value, 0);
        expect(worth(both(...all))).toBe(values.every((value) => value === 1) ? 1 : 0);
        expect(worth(either(...all))).toBe(values.some((value) => value === 1) ? 1 : 0);
        expect(worth(oneOf(...all))).toBe(sum);
        expect(worth(not(all[0] ?? '0'))).toBe(1 - (values[0] ?? 0));
        const number = values.reduce((total, value, index) => total + value * 2 ** index, 0);
        expect(worth(numberOf(all))).toBe(number);
        expect(worth(isNumber(number, all))).toBe(1);
        expect(worth(isNumber(number + 1, all))).toBe(0);
      }),
    );
  });
});
