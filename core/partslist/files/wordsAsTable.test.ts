import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { type PlacedWord, wordsAsTable } from './wordsAsTable.ts';

const size = 10;
/** Text set in a fixed width, as on a page of text. */
const word = (text: string, x: number, y: number): PlacedWord => ({
  text,
  x,
  y,
  width: text.length * 5,
  height: size,
});
const table = (rows: readonly (readonly string[])[], columns: readonly number[], pitch = 16) =>
  rows.flatMap((row, line) =>
    row.flatMap((text, index) =>
      text === '' ? [] : [word(text, columns[index] ?? 0, line * pitch)],
    ),
  );
const list = [
  ['Ref', 'Qty', 'Value'],
  ['R1, R2', '2', '4k7'],
  ['C1', '1', '100n'],
  ['IC1', '', 'NE555'],
];

describe('a table of words on a page', () => {
  it('is found by the white between its columns, gaps in it included', () => {
    expect(wordsAsTable([table(list, [0, 120, 160])]).rows).toEqual(list);
  });

  it('is found below a title and above notes, which are told', () => {
    const title = word('Parts of the little lamp, edition of spring', 0, -40);
    const note = word('Mind the way round of the chip before you solder it.', 0, 100);
    const found = wordsAsTable([[title, ...table(list, [0, 120, 160]), note]]);
    expect(found.rows).toEqual(list);
    expect(found.beside).toEqual([title.text, note.text]);
  });

  it('has the words of a cell together, and the lines of a broken cell', () => {
    const words = [
      ...table(
        [
          ['Place', 'What'],
          ['R1,', 'metal film'],
          ['C1', 'ceramic'],
        ],
        [0, 120],
        30,
      ),
      word('resistor', 174, 30),
      word('R2, R3', 0, 42),
    ];
    expect(wordsAsTable([words]).rows).toEqual([
      ['Place', 'What'],
      ['R1, R2, R3', 'metal film resistor'],
      ['C1', 'ceramic'],
    ]);
  });

  it('set in columns by blanks is the same', () => {
    const lines = ['Ref      Qty   Value', 'R1, R2   2     4k7', 'C1       1     100n'];
    const words = lines.map((text, index) => word(text, 0, index * 14));
    expect(wordsAsTable([words]).rows).toEqual([
      ['Ref', 'Qty', 'Value'],
      ['R1, R2', '2', '4k7'],
      ['C1', '1', '100n'],
    ]);
  });

  it('goes on over pages', () => {
    const [first, second] = [list.slice(0, 2), list.slice(2)];
    const found = wordsAsTable([
      table(first, [0, 120, 160]),
      // The headings stand on each page.
      table([...list.slice(0, 1), ...second], [0, 120, 160]),
    ]);
    expect(found.rows).toEqual(list);
  });

  it('of prose is none', () => {
    const words = ['Dear all,', 'the kit is great.'].map((text, index) =>
      word(text, 0, index * 14),
    );
    expect(wordsAsTable([words])).toMatchObject({
      rows: [],
      beside: ['Dear all,', 'the kit is great.'],
    });
  });

  it('loses no word, wherever they stand', () => {
    const placed = fc.record({
      text: fc.stringMatching(/^[A-Za-z0-9]{1,8}$/),
      x: fc.integer({ min: 0, max: 500 }),
      y: fc.integer({ min: 0, max: 700 }),
    });
    fc.assert(
      fc.property(fc.array(placed, { maxLength: 40 }), (all) => {
        const words = all.map(({ text, x, y }, n) => word(`${text}${n}`, x, y));
        const { rows, beside } = wordsAsTable([words]);
        const signs = (text: string) => [...text.replace(/\s/g, '')].sort().join('');
        expect(signs([...rows.flat(), ...beside].join(''))).toBe(
          signs(words.map(({ text }) => text).join('')),
        );
      }),
    );
  });
});
