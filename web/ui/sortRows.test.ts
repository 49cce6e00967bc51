import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { nextSorting, sortRows } from './sortRows.ts';

describe('rows of a list', () => {
  it('go up, down, and as they came', () => {
    const up = nextSorting(undefined, 'name');
    expect(up).toEqual({ column: 'name', direction: 'ascending' });
    const down = nextSorting(up, 'name');
    expect(down).toEqual({ column: 'name', direction: 'descending' });
    expect(nextSorting(down, 'name')).toBeUndefined();
    expect(nextSorting(down, 'place')).toEqual({ column: 'place', direction: 'ascending' });
  });

  // Unicode collation (UTS #10): accents come after letters, digits by their number where that is asked for.
  it.each([
    ['en', ['R10', 'R2', 'r1'], ['r1', 'R2', 'R10']],
    ['de', ['Zange', 'Öse', 'Ofen'], ['Ofen', 'Öse', 'Zange']],
    ['es', ['ñu', 'nube', 'oso'], ['nube', 'ñu', 'oso']],
  ])('of texts are ordered as %s does', (locale, rows, ordered) => {
    expect(sortRows(rows, (row) => row, 'ascending', locale)).toEqual(ordered);
  });

  it('are the same rows, with what is not known last either way', () => {
    const row = fc.record({ id: fc.nat(), value: fc.option(fc.integer(), { nil: null }) });
    fc.assert(
      fc.property(fc.array(row), fc.constantFrom('ascending', 'descending'), (rows, direction) => {
        const sorted = sortRows(rows, ({ value }) => value, direction, 'en');
        expect([...sorted].sort((a, b) => a.id - b.id)).toEqual(
          [...rows].sort((a, b) => a.id - b.id),
        );
        const values = sorted.map(({ value }) => value);
        const known = values.filter((value) => value !== null);
        expect(values.slice(0, known.length)).toEqual(known);
        const steps = known.slice(1).map((value, index) => value - (known[index] ?? 0));
        expect(steps.every((step) => (direction === 'ascending' ? step >= 0 : step <= 0))).toBe(
          true,
        );
      }),
    );
  });
});
