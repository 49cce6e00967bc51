import readWorkbook, { type CellValue } from 'read-excel-file/universal';
import { type Said, said } from '../../learning/said.ts';
import { fail, ok, type Result } from '../../result.ts';
import { dateText, mostCells, type Sheet, withoutEmptyEnd } from './workbook.ts';

/** Reads every sheet of a workbook (ECMA-376); of a formula its result as it was saved. */
export async function readXlsx(bytes: Uint8Array): Promise<Result<readonly Sheet[], Said>> {
  try {
    const sheets = await readWorkbook(new Blob([new Uint8Array(bytes)]));
    const cells = sheets.reduce(
      (sum, { data }) => sum + data.reduce((n, row) => n + row.length, 0),
      0,
    );
    if (cells > mostCells) return fail(said('lists.file.theSpreadsheetIsTooLarge'));
    return ok(sheets.map(({ sheet, data }) => sheetOf(sheet, data)));
  } catch {
    return fail(said('lists.file.theSpreadsheetIsDamaged'));
  }
}

function sheetOf(name: string, data: readonly (readonly (CellValue | null)[])[]): Sheet {
  return {
    name,
    rows: withoutEmptyEnd(data.map((row) => row.map(textOf))),
    dates: data.flatMap((row, y) =>
      row.flatMap((cell, x) => (cell instanceof Date ? [{ row: y + 1, column: x + 1 }] : [])),
    ),
  };
}

function textOf(cell: CellValue | null): string {
  if (cell === null) return '';
  if (cell instanceof Date) return dateText(cell);
  // A sum of tenths has sixteen figures in a spreadsheet’s memory, and nobody wrote them.
  if (typeof cell === 'number') return String(Number(cell.toPrecision(12)));
  return String(cell)
    .replace(/(?<!\s)\s*\n\s*/g, ' ')
    .trim();
}
