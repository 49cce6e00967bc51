import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { inEnglish } from '../learning/testing/spoken.ts';
import { anyKit, line, ohm } from '../order/testing/kits.ts';
import { checkLine } from '../parts/checkLines.ts';
import type { Part } from '../parts/part.ts';
import { cellsOf, editRow, withoutRow, withRow, writeTable } from './editTable.ts';
import { guessMapping } from './guessMapping.ts';
import { readPartsList } from './readPartsList.ts';
import { readTable } from './readTable.ts';
import { tableOf } from './testing/readList.ts';
import { readTypedLine, type TypedLine, typedLine } from './typedLine.ts';

const led: Part = line('led-5mm', 'D1 D2', { kind: 'colour', colour: 'red' });
const read = (part: Part, more: Partial<TypedLine> = {}) =>
  readTypedLine({ ...typedLine(part), ...more }, part);

describe('a line in a form', () => {
  it('untouched, is the line as it was', () => {
    fc.assert(
      fc.property(anyKit, (parts) => {
        for (const part of parts.filter((sound) => checkLine(sound).length === 0)) {
          expect(read(part)).toEqual({ ok: true, value: part });
        }
      }),
    );
  });

  it('takes another kind of part, value and supply', () => {
    expect(
      read(line('resistor-axial', 'R1', ohm(470)), {
        family: 'capacitor-film',
        value: '47n',
        tolerance: '10',
        supply: 'not-in-kit',
      }),
    ).toMatchObject({
      ok: true,
      value: {
        family: 'capacitor-film',
        value: { kind: 'amount', unit: 'farad', amount: 47e-9, tolerancePercent: 10 },
        supply: 'not-in-kit',
      },
    });
  });

  it('takes a lot note with the marks that it turns and another pinout', () => {
    expect(read(led, { lotText: ' Flat at plus. ', turned: ['flat'] })).toMatchObject({
      value: { lotNote: { text: 'Flat at plus.', turned: ['flat'] } },
    });
    const transistor = line('transistor-to92', 'Q1', { kind: 'type', print: '2N3904' });
    expect(read(transistor, { lotText: 'C B E here', pinout: 'C, B,E' })).toMatchObject({
      value: { lotNote: { pinout: ['C', 'B', 'E'] } },
    });
  });

  it('no longer has a lot note once its text and marks are gone', () => {
    const noted = { ...led, lotNote: { text: 'x', turned: ['flat' as const] } };
    expect(read(noted, { lotText: '', turned: [] })).toEqual({ ok: true, value: led });
  });

  it.each([
    [{ places: 'D?' }, 'places', /not a place name/],
    [{ quantity: '3' }, 'quantity', /quantity is 3, but 2 place names/],
    [{ quantity: 'two' }, 'quantity', /whole number of pieces/],
    [{ value: 'purple' }, 'value', /no colour. Write red/],
    [{ family: 'resistor-axial', value: '4k7k' }, 'value', /is not a value in Ω/],
    [{ family: 'resistor-axial', value: '4k7', tolerance: 'lots' }, 'tolerance', /per cent/],
    [{ family: 'resistor-axial', value: '4.99k', bandCount: '4' }, 'bandCount', /2 digits/],
    [{ family: 'ic-dip', value: 'X', pins: '7' }, 'pins', /with 7 pins does not exist/],
    [{ turned: ['flat'] }, 'lotText', /Say in a sentence/],
    [{ supply: 'spare' }, 'supply', /spare has no place/],
  ] as const)('%j is refused at its field', (more, field, message) => {
    const result = read(led, more as Partial<TypedLine>);
    const problems = result.ok ? [] : result.problem;
    expect(problems.map((one) => [one.field, inEnglish(one.message)])).toContainEqual([
      field,
      expect.stringMatching(message),
    ]);
  });
});

describe('a row of a list that is corrected before it is taken over', () => {
  const csv = 'Ref,Qty,Part,Value\n"R1, R2",3,resistor,470\nC1,1,blob,104\n';
  const open = () => {
    const table = tableOf(csv);
    return { table, mapping: guessMapping(table) };
  };

  it('is read as corrected, and only that row changes', () => {
    const edited = editRow(open(), 2, { quantity: '2' });
    expect(readPartsList(edited.table, edited.mapping).problems.map(({ line }) => line)).toEqual([
      3,
    ]);
    expect(cellsOf(edited, 2)).toMatchObject({ designators: 'R1, R2', quantity: '2' });
    expect(cellsOf(edited, 3)).toEqual(cellsOf(open(), 3));
  });

  it('gets a column that the file does not have', () => {
    const edited = editRow(open(), 3, { family: 'film capacitor' });
    expect(edited.table.headings.at(-1)).toBe('kind of part');
    const { lines } = readPartsList(edited.table, edited.mapping);
    expect(lines.find(({ line }) => line === 3)).toMatchObject({
      confidence: 'told',
      part: { family: 'capacitor-film' },
    });
  });

  it('is the same list after it was written and read again', () => {
    const cell = fc.string({ maxLength: 8 }).map((text) => text.replace(/[\r\n]/g, ' ').trim());
    fc.assert(
      fc.property(
        fc.array(fc.tuple(cell, cell, cell), { minLength: 1, maxLength: 8 }),
        cell,
        (cells, corrected) => {
          const rows = cells
            .map((row) => ['x', ...row])
            .map((row, index) => ({ line: index + 2, cells: row }));
          const table = { headings: ['Ref', 'Qty', 'Part', 'Value'], rows };
          const edited = editRow({ table, mapping: guessMapping(table) }, 2, { value: corrected });
          const again = readTable(writeTable(edited.table));
          expect(again).toEqual({ ok: true, value: edited.table });
        },
      ),
    );
  });

  it('is one more, or left out, and the others stay where they are', () => {
    const list = open();
    const more = withRow(list);
    expect(more.table.rows.at(-1)).toEqual({
      line: more.line,
      cells: list.table.headings.map(() => ''),
    });
    expect(list.table.rows.map(({ line }) => line)).not.toContain(more.line);
    expect(withoutRow(more, more.line).table.rows).toEqual(list.table.rows);
    const rest = withoutRow(list, 3).table.rows;
    expect(rest).toEqual(list.table.rows.filter(({ line }) => line !== 3));
    expect(rest.length).toBe(list.table.rows.length - 1);
  });
});
