/** A word or phrase as it stands on a page: its upper left corner and size, y downwards, all in one unit. */
export interface PlacedWord {
  readonly text: string;
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
}

/** A table found among words. */
export interface FoundTable<Word extends PlacedWord = PlacedWord> {
  readonly rows: readonly (readonly string[])[];
  /** The words that stand in each cell of the rows, in reading order. */
  readonly cells: readonly (readonly (readonly Word[])[])[];
  /** Lines around the table that are no rows of it: a title, notes. */
  readonly beside: readonly string[];
}

/** Neighbours with less than this between them, in heights of the line, are one text: a blank is a third. */
const wordGap = 0.45;
/** The same in a face whose signs are all as wide as a blank, in signs. */
const signGap = 1.2;
/** Words that are lower or higher than this, in heights, are on another line. */
const lineShift = 0.5;

/** Words that stand close together, as one text. */
interface Phrase<Word extends PlacedWord> extends PlacedWord {
  readonly words: readonly Word[];
}

interface Line<Word extends PlacedWord> {
  readonly y: number;
  readonly height: number;
  readonly cells: readonly Phrase<Word>[];
}

/**
 * Finds the table that words on a page make: lines by their height, columns by the white that runs down between them.
 * Lines of a cell that was broken are put together again.
 *
 * @param pages the words of each page
 */
export function wordsAsTable<Word extends PlacedWord>(
  pages: readonly (readonly Word[])[],
): FoundTable<Word> {
  const gap = gapOf(pages.flat());
  const lines = pages.map((words) => linesOf(words.flatMap(phrases), gap));
  const rowLike = lines.flat().filter(({ cells }) => cells.length > 1);
  const columns = columnsOf(withoutTitle(rowLike));
  if (columns.length < 2) {
    // No table: each line by itself, as somebody may have written it.
    return { rows: [], cells: [], beside: lines.flat().map(textOfLine) };
  }
  const rows: Phrase<Word>[][] = [];
  const beside: string[] = [];
  for (const page of lines) {
    const pitch = pitchOf(page.filter(({ cells }) => cells.length > 1));
    let last: Line<Word> | undefined;
    for (const line of page) {
      if (spansColumns(line, columns)) {
        beside.push(textOfLine(line));
        last = undefined;
        continue;
      }
      const row = rowOf(line, columns);
      const before = rows.at(-1);
      // On each page the headings stand again.
      if (before && inOne(row) === inOne(rows[0])) {
        last = undefined;
        continue;
      }
      // A row that was broken by the end of its page goes on at the top of the next, below its headings.
      const distance = last ? line.y - last.y : 0;
      if (before && isContinued(row, before, distance, pitch)) {
        rows[rows.length - 1] = before.map((cell, index) => joined(cell, row[index] ?? nothing));
      } else {
        rows.push(row);
      }
      last = line;
    }
  }
  // Headings of several lines are whole only now.
  const headings = inOne(rows[0]);
  const kept = withoutTitleColumns(
    rows.filter((row, index) => index === 0 || inOne(row) !== headings),
  );
  return {
    rows: kept.map((row) => row.map(({ text }) => text)),
    cells: kept.map((row) => row.map(({ words }) => words)),
    beside,
  };
}

const inOne = (row: readonly PlacedWord[] = []) => row.map(({ text }) => text).join('\n');

const nothing = { text: '', x: 0, y: 0, width: 0, height: 0, words: [] };

const textOfLine = ({ cells }: Line<PlacedWord>): string => cells.map(({ text }) => text).join(' ');

/** Phrases with wide blanks in them are several: the text of a page set in columns by blanks. */
function phrases<Word extends PlacedWord>(word: Word): readonly Word[] {
  const text = word.text.trimEnd();
  if (text.trim() === '') return [];
  const perSign = word.width / Math.max(1, word.text.length);
  return [...text.matchAll(/\S+(?:\s\S+)*/g)].map((found) => ({
    ...word,
    text: found[0],
    x: word.x + found.index * perSign,
    width: found[0].length * perSign,
  }));
}

/** How far words of one text may stand apart, in heights: more in a face with signs of one width. */
function gapOf(words: readonly PlacedWord[]): number {
  const signs = words
    .filter(({ text }) => /^\S{2,}$/.test(text))
    .map(({ text, width, height }) => width / text.length / height);
  const usual = median(signs);
  const isEven = signs.every((width) => Math.abs(width - usual) < 0.03 * usual);
  return isEven && signs.length > 3 ? Math.max(wordGap, signGap * usual) : wordGap;
}

function linesOf<Word extends PlacedWord>(words: readonly Word[], gap: number): Line<Word>[] {
  const sorted = [...words].sort((a, b) => middle(a) - middle(b));
  const lines: { middle: number; words: Word[] }[] = [];
  for (const word of sorted) {
    const line = lines.at(-1);
    if (line && middle(word) - line.middle < lineShift * word.height) line.words.push(word);
    else lines.push({ middle: middle(word), words: [word] });
  }
  return lines.map(({ words: own }) => ({
    y: Math.min(...own.map(({ y }) => y)),
    height: median(own.map(({ height }) => height)),
    cells: cellsOf(own, gap),
  }));
}

const middle = ({ y, height }: PlacedWord): number => y + height / 2;

/** Words that stand close together are one text. */
function cellsOf<Word extends PlacedWord>(words: readonly Word[], most: number): Phrase<Word>[] {
  const cells: Phrase<Word>[] = [];
  for (const word of [...words].sort((a, b) => a.x - b.x)) {
    const before = cells.at(-1);
    const gap = before ? word.x - (before.x + before.width) : Number.POSITIVE_INFINITY;
    if (before && gap < most * word.height) {
      const blank = gap > 0.12 * word.height ? ' ' : '';
      cells[cells.length - 1] = {
        ...before,
        text: `${before.text}${blank}${word.text}`,
        width: word.x + word.width - before.x,
        words: [...before.words, word],
      };
    } else {
      const { text, x, y, width, height } = word;
      cells.push({ text, x, y, width, height, words: [word] });
    }
  }
  return cells;
}

/** Lines above the first that is as full as most are: a title that was set wide looks like a row. */
function withoutTitle<Word extends PlacedWord>(
  lines: readonly Line<Word>[],
): readonly Line<Word>[] {
  const usual = median(lines.map(({ cells }) => cells.length));
  return lines.slice(
    Math.max(
      0,
      lines.findIndex(({ cells }) => cells.length >= usual),
    ),
  );
}

interface Column {
  readonly from: number;
  readonly to: number;
}

/** A title that was set so wide that it made columns of its own has none: they go to the column before. */
function withoutTitleColumns<Word extends PlacedWord>(
  rows: readonly (readonly Phrase<Word>[])[],
): readonly (readonly Phrase<Word>[])[] {
  const [first, second] = rows;
  const filled = (row: readonly Phrase<Word>[] = []) =>
    row.filter(({ text }) => text !== '').length;
  if (!first || rows.length < 4 || filled(first) >= filled(second)) return rows;
  const isTitles = first.map((_, at) => rows.slice(1).every((row) => row[at]?.text === ''));
  const own = isTitles.findIndex((titles) => !titles);
  return rows.map((row) =>
    row.reduce<Phrase<Word>[]>((cells, cell, at) => {
      if (!isTitles[at]) cells.push(cell);
      else if (at > own) cells[cells.length - 1] = joined(cells.at(-1) ?? nothing, cell);
      return cells;
    }, []),
  );
}

/** Where in more than a few lines something stands, with white between. */
function columnsOf(lines: readonly Line<PlacedWord>[]): Column[] {
  const cells = lines.flatMap((line) => line.cells);
  const edges = [...new Set(cells.flatMap(({ x, width }) => [x, x + width]))].sort((a, b) => a - b);
  // A few lines that run over the white, as a title does, do not close it.
  const allowed = Math.max(lines.length < 6 ? 0 : 1, Math.floor(lines.length * 0.08));
  const columns: Column[] = [];
  for (let index = 0; index + 1 < edges.length; index += 1) {
    const [from, to] = [edges[index] ?? 0, edges[index + 1] ?? 0];
    const at = (from + to) / 2;
    const covering = cells.filter(({ x, width }) => x <= at && at <= x + width).length;
    if (covering <= allowed) continue;
    const before = columns.at(-1);
    if (before && before.to === from) columns[columns.length - 1] = { from: before.from, to };
    else columns.push({ from, to });
  }
  return columns;
}

/** A line with one text that runs over several columns is no row. */
function spansColumns({ cells }: Line<PlacedWord>, columns: readonly Column[]): boolean {
  const [only] = cells;
  if (cells.length !== 1 || !only) return false;
  const right = only.x + only.width;
  const touched = columns.filter(({ from, to }) => only.x < to && right > from);
  return touched.length > 1 || touched.length === 0;
}

function rowOf<Word extends PlacedWord>(
  { cells }: Line<Word>,
  columns: readonly Column[],
): Phrase<Word>[] {
  const row: Phrase<Word>[] = columns.map(() => nothing);
  for (const cell of cells) {
    const overlap = columns.map(
      ({ from, to }) => Math.min(to, cell.x + cell.width) - Math.max(from, cell.x),
    );
    const at = overlap.indexOf(Math.max(...overlap));
    row[at] = joined(row[at] ?? nothing, cell);
  }
  return row;
}

/** From row to row: as far as most lines are apart, those of broken cells being nearer. */
const pitchOf = (lines: readonly Line<PlacedWord>[]): number =>
  quantile(
    lines.slice(1).map(({ y }, index) => y - (lines[index]?.y ?? 0)),
    0.75,
  );

/** Whether a row goes on with the cells of the one before: close below it, or behind a comma. */
function isContinued(
  row: readonly PlacedWord[],
  before: readonly PlacedWord[],
  distance: number,
  pitch: number,
): boolean {
  const count = (cells: readonly PlacedWord[]) => cells.filter(({ text }) => text !== '').length;
  const goesOn = row.every(({ text }, index) => text === '' || before[index]?.text !== '');
  if (!goesOn || count(row) >= count(before)) return false;
  const isOpen = row.some(
    ({ text }, index) => text !== '' && /[,;/–-]$/.test(before[index]?.text ?? ''),
  );
  const isNear = distance < 0.85 * pitch;
  return isNear || (isOpen && count(row) * 2 <= count(before));
}

function joined<Word extends PlacedWord>(before: Phrase<Word>, more: Phrase<Word>): Phrase<Word> {
  if (more.words.length === 0) return before;
  if (before.words.length === 0) return more;
  const words = [...before.words, ...more.words];
  return { ...before, text: `${before.text} ${more.text}`, words };
}

const median = (values: readonly number[]): number => quantile(values, 0.5);

function quantile(values: readonly number[], share: number): number {
  const sorted = [...values].sort((a, b) => a - b);
  return sorted[Math.floor(sorted.length * share)] ?? 0;
}
