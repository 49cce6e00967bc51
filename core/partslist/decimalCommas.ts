import type { TableRow } from './table.ts';

/** What may stand behind the comma of a number: `2 kΩ`, `7k`, `25`, `5 mm radial`. */
const decimals = /^\d{1,3}(?:\s?[\p{L}%ΩΩµ]|$)/u;

/** What stands before it, and is no place name: `Resistor 8`. */
const wholes = /(?<![^\s(])\d{1,4}$/;

/**
 * A row of a table parted by commas that has one cell more than there are headings, with the number put together again
 * that was written with a comma and not in quotation marks: “Resistor 8”, “2 kΩ”.
 *
 * @param width how many cells such a row has
 * @returns the same cells where it is not clear which number that is
 */
export function withDecimalComma(cells: readonly string[], width: number): readonly string[] {
  const filled = cells.findLastIndex((cell) => cell !== '') + 1;
  if (filled !== width + 1) return cells;
  const parted = cells
    .slice(0, filled - 1)
    .flatMap((cell, at) => (wholes.test(cell) && decimals.test(cells[at + 1] ?? '') ? [at] : []));
  const [only, ...others] = parted;
  if (only === undefined || others.length > 0) return cells;
  return [
    ...cells.slice(0, only),
    `${cells[only]},${cells[only + 1]}`,
    ...cells.slice(only + 2, filled),
  ];
}

/** The rows with cells that no heading stands over, where most rows have none: something in them may be parted. */
export function rowsWithMoreCells(table: {
  readonly headings: readonly string[];
  readonly rows: readonly TableRow[];
}): readonly number[] {
  const width = table.headings.findLastIndex((heading) => heading !== '') + 1;
  const wider = table.rows.filter(({ cells }) => cells.slice(width).some((cell) => cell !== ''));
  return wider.length * 2 > table.rows.length ? [] : wider.map(({ line }) => line);
}
