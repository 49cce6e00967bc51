import { describe, expect, it } from 'vitest';
import type { Grey } from '../../picture/raster.ts';
import type { ColumnId } from '../columns.ts';
import { decideCells, type SheetCell } from './decide.ts';
import type { LookedAtCell } from './lookAtCells.ts';

const page: Grey = { width: 40, height: 20, data: new Uint8Array(800).fill(255) };
const box = { x: 0, y: 0, width: 40, height: 20 };
/** A cell that was read twice; alike where one reading is given. */
const cell = (alone: string, onPage = alone, trust = 0.9): LookedAtCell => ({
  box,
  alone: { text: alone, trust },
  onPage: { text: onPage, trust },
});
const headings = ['Ref', 'Qty', 'Part', 'Value'].map((text) => cell(text));
const meanings: ColumnId[] = ['designators', 'quantity', 'description', 'value'];

const decided = (
  ...rows: readonly (readonly LookedAtCell[])[]
): readonly (readonly SheetCell[])[] =>
  decideCells({ page, rows: [headings, ...rows], meanings, above: 1 }).slice(1);
const texts = (rows: readonly (readonly SheetCell[])[]) =>
  rows.map((row) => row.map(({ text }) => text));
const doubts = (rows: readonly (readonly SheetCell[])[]) =>
  rows.map((row) => row.map(({ doubt }) => doubt?.says.replace('lists.photo.', '') ?? ''));

const row = (places: string, count: string, part: string, value: string) =>
  [places, count, part, value].map((text) => cell(text));
const list = [
  row('R1, R2', '2', 'Resistor', '4k7'),
  row('R3', '1', 'Resistor', '10k'),
  row('R4', '1', 'Resistor', '100R'),
  row('C1', '1', 'Ceramic capacitor', '100nF'),
  row('C2', '1', 'Ceramic capacitor', '22pF'),
  row('C3', '1', 'Electrolytic capacitor', '100uF/16V'),
];
const withRow = (at: number, ...cells: readonly LookedAtCell[]) =>
  decided(...list.map((own, index) => (index === at ? cells : own)));

describe('a sheet that both looks read alike', () => {
  it('is taken as it is, and nothing is asked', () => {
    const rows = decided(...list);
    expect(texts(rows)).toEqual(list.map((own) => own.map(({ alone }) => alone.text)));
    expect(doubts(rows).flat().join('')).toBe('');
  });
});

describe('a cell is asked', () => {
  it('where the looks differ and neither is known', () => {
    const rows = withRow(
      3,
      ...row('C1', '1', 'Ceramic capacitor', '').slice(0, 3),
      cell('xzq', 'xzy'),
    );
    expect(doubts(rows)[3]?.[3]).toBe('readTwoWays');
  });

  it('where a value had to be put right', () => {
    const rows = withRow(5, ...row('C3', '1', 'Electrolytic capacitor', '1000pF'));
    expect(texts(rows)[5]?.[3]).toBe('1000µF');
    expect(doubts(rows)[5]?.[3]).toBe('corrected');
  });

  it('where the number of pieces is not that of the places', () => {
    const rows = withRow(0, ...row('R1, R2', '3', 'Resistor', '4k7'));
    expect(doubts(rows)[0]?.[1]).toBe('countDisagrees');
  });

  it('where a place stands in two rows, in both', () => {
    const rows = withRow(4, ...row('C1', '1', 'Ceramic capacitor', '22pF'));
    expect(doubts(rows)[3]?.[0]).toBe('placeTwice');
    expect(doubts(rows)[4]?.[0]).toBe('placeTwice');
  });

  it('where its number is far beyond the others', () => {
    const rows = withRow(2, ...row('R40', '1', 'Resistor', '100R'));
    expect(doubts(rows)[2]?.[0]).not.toBe('');
  });

  it('where nothing could be made of it', () => {
    const rows = withRow(2, cell('&&'), ...row('', '1', 'Resistor', '100R').slice(1));
    expect(doubts(rows)[2]?.[0]).toBe('noPlace');
  });
});

describe('rows help each other', () => {
  it('with numbers that leave no gap: one look is enough', () => {
    const rows = withRow(2, cell('R4', '4'), ...row('', '1', 'Resistor', '100R').slice(1));
    expect(texts(rows)[2]?.[0]).toBe('R4');
    expect(doubts(rows)[2]?.[0]).toBe('');
  });

  it('with words that others say letter by letter', () => {
    const rows = withRow(
      1,
      ...row('R3', '1', '', '10k').slice(0, 2),
      cell('Resistor', 'Resislor'),
      cell('10k'),
    );
    expect(texts(rows)[1]?.[2]).toBe('Resistor');
    expect(doubts(rows)[1]?.[2]).toBe('');
  });

  it('with the letters that their kinds of part have', () => {
    const rows = withRow(
      4,
      cell('E2', 'C2'),
      ...row('', '1', 'Ceramic capacitor', '22pF').slice(1),
    );
    expect(texts(rows)[4]?.[0]).toBe('C2');
  });
});

describe('what is rare', () => {
  it('stays as it was read and is asked, with the usual value that it could be', () => {
    const rows = withRow(1, ...row('R3', '1', 'Resistor', '50k'));
    expect(rows[1]?.[3]).toMatchObject({
      text: '50k',
      doubt: { says: 'lists.photo.orUsual', fill: { value: '56k' } },
    });
  });

  it('is usual for what turns (common practice: 1, 2, 5), and then nothing is asked', () => {
    const rows = decided(
      ...list,
      row('RV1', '1', 'Trimmer', '50k'),
      row('RV2', '1', 'Trimmer', '10k'),
    );
    expect(texts(rows)[6]?.[3]).toBe('50k');
    expect(doubts(rows)[6]?.join('')).toBe('');
  });
});

describe('letters that one row has', () => {
  it('are believed where its words tell the kind of part', () => {
    const rows = decided(...list, row('Q1', '1', 'Transistor', 'BC547'));
    expect(doubts(rows)[6]?.[0]).toBe('');
  });

  it('are asked where they do not', () => {
    const rows = decided(...list, row('U1', '1', 'Transistor', 'BC547'));
    expect(doubts(rows)[6]?.[0]).not.toBe('');
  });
});

describe('a page that could hardly be read', () => {
  it('is asked cell by cell', () => {
    const poor = list.map((own) => own.map((one) => cell(one.alone.text, one.alone.text, 0.3)));
    expect(
      doubts(decided(...poor))
        .flat()
        .every((says) => says !== ''),
    ).toBe(true);
  });
});

describe('Chinese words', () => {
  it('of the trade are known, and one that differs in one character is put right and asked', () => {
    const known = withRow(3, cell('C1'), cell('1'), cell('瓷片 电容', '瓷 片电容'), cell('100nF'));
    expect(known[3]?.[2]).toMatchObject({ text: '瓷片电容' });
    expect(known[3]?.[2]?.doubt).toBeUndefined();
    const alike = withRow(3, cell('C1'), cell('1'), cell('资片电容'), cell('100nF'));
    expect(alike[3]?.[2]).toMatchObject({
      text: '瓷片电容',
      doubt: { says: 'lists.photo.corrected' },
    });
    const near = withRow(3, cell('C1'), cell('1'), cell('发光二板管'), cell('100nF'));
    expect(near[3]?.[2]).toMatchObject({
      text: '发光二极管',
      doubt: { says: 'lists.photo.corrected' },
    });
  });
});
