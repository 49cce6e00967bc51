/** A table as it stands in the file, before anybody knows what its columns mean. */
export interface Table {
  readonly headings: readonly string[];
  readonly rows: readonly TableRow[];
  /** The line of the file that the headings stand in, counted from 1; absent where that is the first. */
  readonly headingLine?: number;
}

export interface TableRow {
  /** Line of the file, counted from 1 as a spreadsheet does. */
  readonly line: number;
  /** As many as there are headings. */
  readonly cells: readonly string[];
}
