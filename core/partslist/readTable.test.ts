import fc from 'fast-check';
import Papa from 'papaparse';
import { describe, expect, it } from 'vitest';
import { inEnglish } from '../learning/testing/spoken.ts';
import { guessMapping, headingSignature } from './guessMapping.ts';
import { readTable } from './readTable.ts';
import { tableOf } from './testing/readList.ts';

const problem = (text: string) => {
  const table = readTable(text);
  return table.ok ? undefined : inEnglish(table.problem);
};

describe('a table', () => {
  it.each([',', ';', '\t', '|'])('is parted by %j without being told', (mark) => {
    const table = tableOf([`Ref${mark}Value`, `R1${mark}470`, `R2${mark}4k7`].join('\n'));
    expect(table.headings).toEqual(['Ref', 'Value']);
    expect(table.rows).toEqual([
      { line: 2, cells: ['R1', '470'] },
      { line: 3, cells: ['R2', '4k7'] },
    ]);
  });

  it('keeps the line numbers of the file when rows are empty, and fills short rows', () => {
    const table = tableOf('Ref,Value,Note\r\nR1,470\r\n\r\n,,\r\nR2,4k7,x\r\n');
    expect(table.rows).toEqual([
      { line: 2, cells: ['R1', '470', ''] },
      { line: 5, cells: ['R2', '4k7', 'x'] },
    ]);
  });

  // RFC 4180: a quoted cell may hold the separator, quotation marks and line ends.
  it('reads quoted cells', () => {
    const table = tableOf('Ref,What\n"R1, R2","say ""hi"""\n');
    expect(table.rows[0]?.cells).toEqual(['R1, R2', 'say "hi"']);
  });

  it.each([
    ['', /headings/],
    ['Ref\nR1', /at least two columns/],
    ['Ref,Value\n', /no rows/],
    ['Ref,Value\n"R1,470\nR2,4k7', /quotation mark is not closed/],
  ])('that is none (%j) is refused', (text, message) => {
    expect(problem(text)).toMatch(message);
  });

  it.each([
    // Nothing but the number can have been parted.
    ['1,R2,"Resistor 8,2 kΩ",grey', ['1', 'R2', 'Resistor 8,2 kΩ', 'grey']],
    ['1,R2,Resistor 8,2 kΩ,grey', ['1', 'R2', 'Resistor 8,2 kΩ', 'grey']],
    ['2,C1,Elko 4,7µF 63V,-', ['2', 'C1', 'Elko 4,7µF 63V', '-']],
    ['1,R3,Resistor 470,', ['1', 'R3', 'Resistor 470', '']],
  ])('parted by commas has the number of %j whole', (row, cells) => {
    const table = tableOf(`Qty,Ref,Part,Bands\n3,R1,Resistor 1 kΩ,brown\n${row}\n`);
    expect(table.rows[1]?.cells).toEqual(cells);
  });

  it('takes a place and a quantity for no number', () => {
    const table = tableOf(
      'Ref,Qty,Part,Value,Note\nR1,1,Resistor 4,7 kOhm,,left\nR2,1,Resistor,1k,\n',
    );
    expect(table.rows[0]?.cells).toEqual(['R1', '1', 'Resistor 4,7 kOhm', '', 'left']);
  });

  it('leaves a row with more cells as it is where several numbers may be parted', () => {
    const table = tableOf('Qty,Ref,Value\n1,R1,470\n1,2,4,7\n');
    expect(table.rows[1]?.cells).toEqual(['1', '2', '4', '7']);
  });

  it('has at most 2000 rows', () => {
    expect(problem(`Ref,Value\n${'R1,470\n'.repeat(2001)}`)).toMatch(/2001 rows/);
  });

  it('written by a CSV writer reads back cell by cell', () => {
    const cell = fc.string({ unit: 'grapheme-ascii', maxLength: 12 }).map((text) => text.trim());
    fc.assert(
      fc.property(fc.array(fc.tuple(cell, cell, cell), { minLength: 1, maxLength: 10 }), (rows) => {
        const filled = rows.map(([a, b, c]) => [a || 'x', b, c]);
        const table = readTable(Papa.unparse([['A', 'B', 'C'], ...filled]));
        expect(table.ok && table.value.rows.map(({ cells }) => cells)).toEqual(filled);
      }),
    );
  });

  it('never makes it crash', () => {
    fc.assert(
      fc.property(fc.string({ unit: 'binary', maxLength: 300 }), (text) => {
        const table = readTable(text);
        if (table.ok) expect(table.value.rows.length).toBeGreaterThan(0);
      }),
    );
  });
});

describe('guessing what the columns mean', () => {
  // Headings as they stand in lists of several countries and drawing programs (common practice).
  it.each([
    ['Ref,Qty,Part,Value,Tol', ['designators', 'quantity', 'description', 'value', 'tolerance']],
    ['Reference;Menge;Bauteil;Wert', ['designators', 'quantity', 'description', 'value']],
    ['Repère;Quantité;Désignation;Valeur', ['designators', 'quantity', 'description', 'value']],
    ['Aantal,Onderdeel,Waarde,Designator', ['quantity', 'description', 'value', 'designators']],
    [
      'QTY,REFDES,DESCRIPTION,RATED VOLTAGE',
      ['quantity', 'designators', 'description', 'ratedVolt'],
    ],
    [
      'Count;Component;Ref.;Bands;In the kit',
      ['quantity', 'description', 'designators', 'bandCount', 'supply'],
    ],
  ])('%s', (headings, meanings) => {
    const mark = headings.includes(';') ? ';' : ',';
    const table = tableOf(
      `${headings}\n${headings
        .split(mark)
        .map(() => 'x')
        .join(mark)}\n`,
    );
    const mapping = guessMapping(table);
    expect(meanings.map((id) => mapping[id as keyof typeof mapping])).toEqual(
      meanings.map((_, index) => index),
    );
  });

  it('looks at the cells where a heading says nothing', () => {
    const table = tableOf('A,B,C,D\n"R1, R2",2,4k7,5 %\nC1,1,100n,10 %\nR7-R9,3,10k,1 %\n');
    expect(guessMapping(table)).toMatchObject({
      designators: 0,
      quantity: 1,
      value: 2,
      tolerance: 3,
    });
  });

  it('takes the column of words for what the parts are, where no heading says so', () => {
    const table = tableOf('Wo;Was;Wert\nR1;Widerstand;470\nLED1;LED rot;\nQ1;Transistor;2N3904\n');
    expect(guessMapping(table)).toEqual({ designators: 0, description: 1, value: 2 });
  });

  it('gives no column two meanings and no meaning two columns', () => {
    const heading = fc.constantFrom(
      'Ref',
      'Qty',
      'Value',
      'Part',
      'Designator',
      'Type',
      'Wert',
      'x',
      '',
      'Tolerance',
    );
    fc.assert(
      fc.property(fc.array(heading, { minLength: 2, maxLength: 8 }), (headings) => {
        const mapping = guessMapping({
          headings,
          rows: [{ line: 2, cells: headings.map(() => 'R1') }],
        });
        const indices = Object.values(mapping);
        expect(new Set(indices).size).toBe(indices.length);
        for (const index of indices) expect(index).toBeLessThan(headings.length);
      }),
    );
  });

  it('remembers headings whatever their capitals and accents', () => {
    expect(headingSignature(['Repère', 'Qté'])).toBe(headingSignature(['REPERE', ' qte']));
    expect(headingSignature(['a', 'b'])).not.toBe(headingSignature(['b', 'a']));
  });
});

it('two columns and an empty line are two columns', () => {
  const table = readTable('Ref;Value\n\nR1;470\nR2;1k\n\n');
  expect(table.ok && table.value.headings).toEqual(['Ref', 'Value']);
});
