import { readCount } from './cells/beside.ts';
import { readDesignators } from './designators.ts';
import { guessMapping } from './guessMapping.ts';
import { splitLine } from './plainLines.ts';
import type { Table, TableRow } from './table.ts';

/** Heading of the column that is added; as a list of typed lines has it. */
const placesHeading = 'Designator';
/** Below this share of the rows the names are rather words that look like places: “LED D5”, “class X2”. */
const fewest = 1 / 3;

/**
 * Gives the places a column of their own where a list names them among its words: “R1, R3: 1 kΩ”, “Resistencia R1 R2”.
 * A row whose quantity is another number than that of its places is left as it is.
 *
 * @returns the same table where it has such a column, or hardly any row names places
 */
export function withPlacesApart(table: Table): Table {
  const { designators, description, value, quantity } = guessMapping(table);
  const words = description ?? value;
  if (designators !== undefined || words === undefined) return table;
  const apart = table.rows.map((row) => parted(row, words, quantity));
  const named = apart.filter((row) => row !== undefined).length;
  if (named < table.rows.length * fewest) return table;
  return {
    ...table,
    headings: [...table.headings, placesHeading],
    rows: table.rows.map((row, index) => apart[index] ?? { ...row, cells: [...row.cells, ''] }),
  };
}

function parted(row: TableRow, words: number, quantity: number | undefined): TableRow | undefined {
  const { places, words: rest, quantity: beside } = splitLine(row.cells[words] ?? '');
  const names = readDesignators(places);
  const isNamed = names.ok && names.value.length > 0 && rest !== '';
  if (!isNamed) return undefined;
  const counts = [beside, quantity === undefined ? '' : (row.cells[quantity] ?? '')].map(readCount);
  if (counts.some((count) => count !== undefined && count !== names.value.length)) return undefined;
  return {
    ...row,
    cells: [...row.cells.map((cell, index) => (index === words ? rest : cell)), places],
  };
}
