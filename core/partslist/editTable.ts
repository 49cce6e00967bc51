import Papa from 'papaparse';
import { type ColumnId, columns } from './columns.ts';
import type { Mapping } from './guessMapping.ts';
import type { Table } from './table.ts';

export interface MappedTable {
  readonly table: Table;
  readonly mapping: Mapping;
}

export type RowCells = Readonly<Partial<Record<ColumnId, string>>>;

/** The cells of a row by what their columns mean; columns that the file does not have are empty. */
export function cellsOf({ table, mapping }: MappedTable, line: number): Record<ColumnId, string> {
  const row = table.rows.find((candidate) => candidate.line === line);
  const cell = (id: ColumnId) => {
    const index = mapping[id];
    return index === undefined ? '' : (row?.cells[index] ?? '');
  };
  return Object.fromEntries(columns.map(({ id }) => [id, cell(id)])) as Record<ColumnId, string>;
}

/**
 * Corrects one row of a list before it is taken over. A column that the file does not have is added at its end as
 * soon as a cell of it is filled.
 */
export function editRow(
  { table, mapping }: MappedTable,
  line: number,
  cells: RowCells,
): MappedTable {
  const missing = columns.filter(({ id }) => mapping[id] === undefined && (cells[id] ?? '') !== '');
  const added = Object.fromEntries(
    missing.map(({ id }, index) => [id, table.headings.length + index]),
  );
  const wide: Mapping = { ...mapping, ...added };
  const byIndex = new Map<number, string>();
  for (const [id, text] of Object.entries(cells) as [ColumnId, string][]) {
    const index = wide[id];
    if (index !== undefined) byIndex.set(index, text.trim());
  }
  const blanks = missing.map(() => '');
  const rows = table.rows.map((row) => ({
    ...row,
    cells: [...row.cells, ...blanks].map((cell, index) =>
      row.line === line ? (byIndex.get(index) ?? cell) : cell,
    ),
  }));
  const headings = [...table.headings, ...missing.map((column) => column.headings[0] ?? column.id)];
  return { table: { headings, rows }, mapping: wide };
}

/** The list with one row more at its end, which is empty, and the line that it has. */
export function withRow({ table, mapping }: MappedTable): MappedTable & { readonly line: number } {
  const line = Math.max(table.headingLine ?? 1, ...table.rows.map((row) => row.line)) + 1;
  const cells = table.headings.map(() => '');
  return { table: { ...table, rows: [...table.rows, { line, cells }] }, mapping, line };
}

/** The list without a row. */
export const withoutRow = ({ table, mapping }: MappedTable, line: number): MappedTable => ({
  table: { ...table, rows: table.rows.filter((row) => row.line !== line) },
  mapping,
});

/** The table as CSV, so that what was corrected is what is sent and stored. */
export const writeTable = ({ headings, rows }: Table): string =>
  Papa.unparse([[...headings], ...rows.map(({ cells }) => [...cells])]);
