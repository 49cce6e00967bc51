import { XMLParser } from 'fast-xml-parser';
import { strFromU8, unzipSync } from 'fflate';
import { type Said, said } from '../../learning/said.ts';
import { fail, ok, type Result } from '../../result.ts';
import { dateText, mostCells, type Sheet, withoutEmptyEnd } from './workbook.ts';

/** What of the file is read at most, unpacked. */
const mostBytes = 30_000_000;
/** Rows and columns are repeated to the end of the sheet; so many are looked at. */
const mostRows = 5000;
const mostColumns = 200;

type Node = Readonly<Record<string, unknown>>;

const parser = new XMLParser({
  ignoreAttributes: false,
  attributeNamePrefix: '@',
  preserveOrder: true,
  trimValues: false,
  parseTagValue: false,
  processEntities: { enabled: true, maxTotalExpansions: 1000 },
});

/** Reads every sheet of a spreadsheet in the OpenDocument format (ISO/IEC 26300): the texts as they were shown. */
export function readOds(bytes: Uint8Array): Result<readonly Sheet[], Said> {
  try {
    const files = unzipSync(bytes, {
      filter: ({ name, originalSize }) => name === 'content.xml' && originalSize < mostBytes,
    });
    const content = files['content.xml'];
    if (!content) return fail(said('lists.file.theSpreadsheetIsTooLarge'));
    const tables = within(parser.parse(strFromU8(content)) as Node[], 'table:table');
    const sheets = tables.map(sheetOf);
    const cells = sheets.reduce((sum, { rows }) => sum + rows.flat().length, 0);
    if (cells > mostCells) return fail(said('lists.file.theSpreadsheetIsTooLarge'));
    return ok(sheets);
  } catch {
    return fail(said('lists.file.theSpreadsheetIsDamaged'));
  }
}

function sheetOf(table: Node): Sheet {
  const dates: { row: number; column: number }[] = [];
  const rows: string[][] = [];
  for (const row of within(childrenOf(table), 'table:table-row')) {
    const cells = cellsOf(row);
    const times = Math.min(repeated(row, 'rows'), mostRows - rows.length);
    for (let n = 0; n < times; n += 1) {
      rows.push(cells.map(({ text }) => text));
      cells.forEach(({ isDate }, index) => {
        if (isDate) dates.push({ row: rows.length, column: index + 1 });
      });
    }
  }
  return { name: String(attribute(table, 'table:name') ?? ''), rows: withoutEmptyEnd(rows), dates };
}

interface Cell {
  readonly text: string;
  readonly isDate: boolean;
}

function cellsOf(row: Node): readonly Cell[] {
  const cells: Cell[] = [];
  for (const child of childrenOf(row)) {
    const name = nameOf(child);
    if (name !== 'table:table-cell' && name !== 'table:covered-table-cell') continue;
    const date = attribute(child, 'office:date-value');
    const cell: Cell =
      date === undefined
        ? { text: textOf(child), isDate: false }
        : { text: dateText(new Date(`${date.slice(0, 10)}T00:00:00Z`)), isDate: true };
    const times = Math.min(repeated(child, 'columns'), mostColumns - cells.length);
    for (let n = 0; n < times; n += 1) cells.push(cell);
  }
  return cells.slice(0, cells.findLastIndex(({ text }) => text !== '') + 1);
}

const repeated = (node: Node, what: 'rows' | 'columns'): number =>
  Number(attribute(node, `table:number-${what}-repeated`) ?? 1);

/** Paragraphs of a cell, one after the other; notes beside it are not its text. */
const textOf = (cell: Node): string =>
  childrenOf(cell)
    .filter((child) => nameOf(child) === 'text:p')
    .map(wordsOf)
    .join(' ')
    .trim();

function wordsOf(node: Node): string {
  if (typeof node['#text'] === 'string') return node['#text'];
  if (nameOf(node) === 'text:s') return ' ';
  return childrenOf(node).map(wordsOf).join('');
}

/** A node has its children under its name, and its attributes under `:@`. */
const nameOf = (node: Node): string => Object.keys(node).find((key) => key !== ':@') ?? '';

function childrenOf(node: Node): readonly Node[] {
  const children = node[nameOf(node)];
  return Array.isArray(children) ? children : [];
}

function attribute(node: Node, name: string): string | undefined {
  const value = (node[':@'] as Node | undefined)?.[`@${name}`];
  return value === undefined ? undefined : String(value);
}

/** All nodes of a name, however deep: rows may stand in groups. */
function within(nodes: readonly Node[], name: string): readonly Node[] {
  return nodes.flatMap((node) => (nameOf(node) === name ? [node] : within(childrenOf(node), name)));
}
