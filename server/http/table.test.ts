import fc from 'fast-check';
import Papa from 'papaparse';
import readXlsxFile from 'read-excel-file/node';
import { describe, expect, it } from 'vitest';
import { csvOf, type Table, xlsxOf } from './table.ts';

/** What a cell may hold that files of tables often lose: signs of a formula, breaks, digits that are no number. */
const cell = fc.oneof(
  fc.integer({ min: -1_000_000, max: 1_000_000 }),
  fc.constantFrom(
    '=1+1',
    '@SUM(A1)',
    '00470',
    '1/4',
    '4k7',
    'R1, R4',
    'zwei\nZeilen',
    'Ω "µ" 电阻',
    '-5 V',
    'constructor',
  ),
  fc.stringMatching(/^[a-zà-ÿ0-9 ;,"<&>]{1,12}$/).map((text) => text.trim() || 'x'),
);
const table: fc.Arbitrary<Table> = fc.integer({ min: 1, max: 5 }).chain((width) =>
  fc.record({
    headings: fc.array(fc.stringMatching(/^[A-Za-zäöüñ]{1,9}$/), {
      minLength: width,
      maxLength: width,
    }),
    rows: fc.array(fc.array(cell, { minLength: width, maxLength: width }), {
      minLength: 1,
      maxLength: 8,
    }),
  }),
);

describe('a table as a file', () => {
  it('of a spreadsheet has every cell as it was: text as text, numbers as numbers', async () => {
    await fc.assert(
      fc.asyncProperty(table, async (given) => {
        const [sheet] = await readXlsxFile(await xlsxOf(given));
        expect(sheet?.data).toEqual([given.headings, ...given.rows]);
      }),
      { numRuns: 40 },
    );
  });

  it('as CSV has every cell, and none that a spreadsheet would run as a formula', () => {
    fc.assert(
      fc.property(table, (given) => {
        const rows = Papa.parse<string[]>(
          csvOf(given)
            .replace(/^\uFEFF/, '')
            .trimEnd(),
        ).data;
        expect(rows.length).toBe(given.rows.length + 1);
        for (const [index, row] of given.rows.entries()) {
          const read = rows[index + 1] ?? [];
          for (const [column, value] of row.entries()) {
            expect(read[column]?.replace(/^'/, '')).toBe(String(value));
            if (typeof value === 'string') expect(read[column]).not.toMatch(/^[=@-]/);
          }
        }
      }),
    );
  });
});
