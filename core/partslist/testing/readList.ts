import { guessMapping } from '../guessMapping.ts';
import { withPlacesApart } from '../placesApart.ts';
import { type PartsListReading, readPartsList } from '../readPartsList.ts';
import { readTable } from '../readTable.ts';
import type { Table } from '../table.ts';

/** Reads a table that a test knows to be sound. */
export function tableOf(csv: string): Table {
  const table = readTable(csv);
  if (!table.ok) throw new Error(table.problem.says);
  return withPlacesApart(table.value);
}

/** Reads a list with the columns as guessed. */
export function readList(csv: string): PartsListReading {
  const table = tableOf(csv);
  return readPartsList(table, guessMapping(table));
}
