import { type Filling, type Said, said } from '../learning/said.ts';
import { familyOf } from '../parts/families/index.ts';
import { sharesPlace } from '../parts/goesInto.ts';
import type { Part } from '../parts/part.ts';
import type { OwnTypes } from '../parts/types/ownType.ts';
import { sizesInOneLine } from './cells/socket.ts';
import type { Doubt } from './confidence.ts';
import { rowsWithMoreCells } from './decimalCommas.ts';
import { columnName, type Mapping } from './guessMapping.ts';
import type { CellProblem } from './problem.ts';
import { type ReadRow, RowReader } from './rowReader.ts';
import type { Table } from './table.ts';
import type { RememberedFamilies } from './wording.ts';

export interface ReadLine extends ReadRow {
  readonly line: number;
}

export interface PartsListReading {
  /** The lines that could be read, in the order of the file. */
  readonly lines: readonly ReadLine[];
  readonly problems: readonly CellProblem[];
}

/**
 * Reads a parts list whose columns are known. Nothing is dropped silently: what cannot be read is an error that names
 * row, column and what to write instead.
 *
 * @param remembered families by wording, as a person corrected them for earlier lists
 * @param ownTypes what was said of numbers that the catalogue does not know
 */
export function readPartsList(
  table: Table,
  mapping: Mapping,
  remembered: RememberedFamilies = {},
  ownTypes: OwnTypes = {},
): PartsListReading {
  const problems: CellProblem[] = [...missingColumns(mapping)];
  if (problems.length > 0) return { lines: [], problems };
  const lines: ReadLine[] = [];
  const wider = new Set(rowsWithMoreCells(table));
  for (const row of table.rows) {
    const reader = new RowReader(table, mapping, row, { remembered, ownTypes });
    const part = reader.read();
    problems.push(...reader.problems);
    const isWider = wider.has(row.line);
    if (isWider) problems.push(moreCells(row.line));
    const read = part && isWider ? inDoubt(part) : part;
    if (read) lines.push(...bySize(read).map((one) => ({ line: row.line, ...one })));
  }
  problems.push(...doubles(lines, columnName(table, mapping, 'designators')));
  return withSocketsCounted({
    lines,
    problems: problems.sort((a, b) => (a.line ?? 0) - (b.line ?? 0)),
  });
}

const moreCells = (line: number): CellProblem => ({
  severity: 'warning',
  line,
  column: said('lists.column.value'),
  message: said('lists.row.moreCells'),
});

/** Its cells may stand under the wrong headings. */
const inDoubt = (row: ReadRow): ReadRow => ({
  ...row,
  doubts: [...new Set<Doubt>([...row.doubts, 'value'])],
  confidence: row.confidence === 'unknown' ? 'unknown' : 'unsure',
});

/** Sockets of two sizes in one line are two lines, one of each. */
function bySize(row: ReadRow): readonly ReadRow[] {
  const { part } = row;
  const sizes = familyOf(part).role === 'socket' ? sizesInOneLine(part.description) : [];
  if (sizes.length === 0 || part.designators.length > 0 || part.quantity !== sizes.length)
    return [row];
  return sizes.map((pins) => ({ ...row, part: { ...part, quantity: 1, pins } }));
}

/** A socket has as many pins as the chip of its place, where the list counts only those. */
function withSocketsCounted({ lines, problems }: PartsListReading): PartsListReading {
  const counted = new Map(
    lines.flatMap(({ line, part }) => {
      if (part.pins !== undefined || familyOf(part).role !== 'socket') return [];
      const chips = lines.filter(
        (other) => sharesPlace(other.part, part) && meet(other.part, part),
      );
      const [pins, ...others] = new Set(chips.map((chip) => chip.part.pins));
      return pins === undefined || others.length > 0 ? [] : [[line, pins] as const];
    }),
  );
  const without = (doubts: readonly Doubt[]) => doubts.filter((doubt) => doubt !== 'pins');
  return {
    lines: lines.map((row) => {
      const pins = counted.get(row.line);
      if (pins === undefined || row.part.pins !== undefined) return row;
      const doubts = without(row.doubts);
      const isSure = row.confidence === 'unsure' && doubts.length === 0;
      return {
        ...row,
        part: { ...row.part, pins },
        doubts,
        confidence: isSure ? 'sure' : row.confidence,
      };
    }),
    problems: problems.filter(
      ({ line, message }) =>
        !(line !== null && counted.has(line) && message.says === 'lists.row.countJoints'),
    ),
  };
}

const meet = (one: Part, other: Part): boolean =>
  one.designators.some((place) => other.designators.includes(place));

function missingColumns(mapping: Mapping): CellProblem[] {
  const problem = (column: Filling, message: Said): CellProblem => ({
    severity: 'error',
    line: null,
    column,
    message,
  });
  const found: CellProblem[] = [];
  if (mapping.designators === undefined && mapping.quantity === undefined) {
    found.push(
      problem(said('lists.column.designators'), said('lists.list.noColumnSaysWhereThePartsGo')),
    );
  }
  if (mapping.description === undefined && mapping.value === undefined) {
    found.push(
      problem(said('lists.column.description'), said('lists.list.noColumnSaysWhatThePartsAre')),
    );
  }
  return found;
}

function doubles(lines: readonly ReadLine[], column: Filling): CellProblem[] {
  const firstLine = new Map<string, ReadLine>();
  const problems: CellProblem[] = [];
  for (const one of lines) {
    const { line, part } = one;
    for (const name of part.designators) {
      const before = firstLine.get(name);
      if (before === undefined) {
        firstLine.set(name, one);
        continue;
      }
      if (sharesPlace(before.part, part)) continue;
      problems.push({
        severity: 'error',
        line,
        column,
        message:
          before.line === line
            ? said('lists.line.twiceInLine', { name })
            : said('lists.line.inRowAlready', { name, row: before.line }),
      });
    }
  }
  return problems;
}
