/** A sheet of a spreadsheet, as texts; a cell below others that it is merged with is empty. */
export interface Sheet {
  readonly name: string;
  readonly rows: readonly (readonly string[])[];
  /** Cells that the spreadsheet took for dates, counted from 1 as it does: `1/4` is often no day. */
  readonly dates: readonly { readonly row: number; readonly column: number }[];
}

/** What a spreadsheet holds at most; a kit has some hundred lines. */
export const mostCells = 200_000;

/**
 * A day as somebody may have typed it: `1/4` becomes the first of April, or the fourth of January. Which of them it was
 * cannot be known, so both are written.
 */
export function dateText(date: Date): string {
  const [day, month] = [date.getUTCDate(), date.getUTCMonth() + 1];
  return day === month ? `${day}/${month}` : `${day}/${month} (${month}/${day})`;
}

/** Rows until the last that has anything in it. */
export const withoutEmptyEnd = (rows: readonly (readonly string[])[]) =>
  rows.slice(0, rows.findLastIndex((row) => row.some((cell) => cell !== '')) + 1);

/** The sheet that most looks like a list: the one with the most rows of two cells and more. */
export const likeliestSheet = (sheets: readonly Sheet[]): number => {
  const counts = sheets.map(
    ({ rows }) => rows.filter((row) => row.filter((cell) => cell !== '').length >= 2).length,
  );
  return Math.max(0, counts.indexOf(Math.max(...counts)));
};
