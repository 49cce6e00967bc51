import { type Filling, type Said, said } from '../../learning/said.ts';
import type { Confidence } from '../../partslist/confidence.ts';
import type { Mapping } from '../../partslist/guessMapping.ts';
import type { CellProblem } from '../../partslist/problem.ts';
import { type KnownBefore, RowReader } from '../../partslist/rowReader.ts';
import type { Table, TableRow } from '../../partslist/table.ts';
import { breaksProblem, type PriceBreak, readBreaks } from '../offers.ts';
import { type StockPart, stockKey, stockPartOf } from '../stockPart.ts';
import type { DrawerColumnId, DrawerMapping } from './columns.ts';

/** What somebody sells a part for, as a list says it. */
export interface ReadOffer {
  readonly supplier: string;
  readonly packSize: number;
  readonly breaks: readonly PriceBreak[];
}

/** A drawer as a list says it; what the list leaves open is absent. */
export interface ReadDrawer {
  /** Line of the file; the first, where several lines are of one drawer. */
  readonly line: number;
  readonly part: StockPart;
  readonly confidence: Confidence;
  readonly location: string;
  readonly pieces?: number;
  readonly minimum?: number;
  readonly offers: readonly ReadOffer[];
}

export interface DrawerListReading {
  readonly drawers: readonly ReadDrawer[];
  readonly problems: readonly CellProblem[];
}

const mostPieces = 1_000_000;
const longestName = 60;

/**
 * Reads a list of drawers whose columns are known. Lines of one part in one place are one drawer with several offers.
 * Nothing is dropped silently: what cannot be read is an error that names row, column and what to write instead.
 *
 * @param known what people said of earlier lists
 */
export function readDrawers(
  table: Table,
  mapping: DrawerMapping,
  known: KnownBefore = { remembered: {}, ownTypes: {} },
): DrawerListReading {
  if (mapping.description === undefined && mapping.value === undefined) {
    return {
      drawers: [],
      problems: [
        {
          severity: 'error',
          line: null,
          column: said('lists.column.description'),
          message: said('lists.list.noColumnSaysWhatThePartsAre'),
        },
      ],
    };
  }
  const problems: CellProblem[] = [];
  const read = table.rows.map((row) => new DrawerRow(table, mapping, row, known).read(problems));
  const drawers = new Map<string, ReadDrawer>();
  for (const drawer of read) {
    if (!drawer) continue;
    const key = `${stockKey(drawer.part)}|${drawer.location}`;
    const before = drawers.get(key);
    if (before && before.pieces !== undefined && drawer.pieces !== undefined) {
      if (before.pieces !== drawer.pieces) problems.push(countedTwice(drawer.line, before.line));
    }
    drawers.set(
      key,
      before ? { ...drawer, ...before, offers: [...before.offers, ...drawer.offers] } : drawer,
    );
  }
  return {
    drawers: [...drawers.values()],
    problems: problems.sort((a, b) => (a.line ?? 0) - (b.line ?? 0)),
  };
}

const countedTwice = (line: number, before: number): CellProblem => ({
  severity: 'error',
  line,
  column: said('lists.column.onHand'),
  message: said('lists.drawers.countedTwice', { before }),
});

class DrawerRow {
  readonly #table: Table;
  readonly #mapping: DrawerMapping;
  readonly #row: TableRow;
  readonly #known: KnownBefore;
  readonly #problems: CellProblem[] = [];

  constructor(table: Table, mapping: DrawerMapping, row: TableRow, known: KnownBefore) {
    this.#table = table;
    this.#mapping = mapping;
    this.#row = row;
    this.#known = known;
  }

  read(problems: CellProblem[]): ReadDrawer | undefined {
    const found = this.#part();
    const location = this.#text('location');
    const pieces = this.#whole('onHand', 0);
    const minimum = this.#whole('minimum', 0);
    const offers = this.#offers();
    problems.push(...this.#problems);
    if (!found || this.#problems.some(({ severity }) => severity === 'error')) return undefined;
    return {
      line: this.#row.line,
      ...found,
      location,
      ...(pieces === undefined ? {} : { pieces }),
      ...(minimum === undefined ? {} : { minimum }),
      offers,
    };
  }

  /** A drawer has no place on a board; how many lie in it is read by itself, as there can be thousands. */
  #part(): Pick<ReadDrawer, 'part' | 'confidence'> | undefined {
    const mapping: Mapping = { ...this.#mapping, quantity: this.#row.cells.length };
    const table = { ...this.#table, headings: [...this.#table.headings, ''] };
    const row = { ...this.#row, cells: [...this.#row.cells, '1'] };
    const reader = new RowReader(table, mapping, row, this.#known);
    const read = reader.read();
    this.#problems.push(...reader.problems);
    return read && { part: stockPartOf(read.part), confidence: read.confidence };
  }

  #text(id: DrawerColumnId): string {
    const text = this.#cell(id);
    if (text.length <= longestName) return text;
    this.#error(id, said('lists.drawers.tooLong', { most: longestName }));
    return '';
  }

  #whole(id: DrawerColumnId, least: number): number | undefined {
    const cell = this.#cell(id);
    if (cell === '' || cell === '–' || cell === '-') return undefined;
    const plain = cell
      .replace(/^(?:ca\.?|~)\s*/i, '')
      .replace(/(?<!\s)\s*(?:pcs?\.?|stk\.?|stück|st\.?|uds?\.?|pieces|x)$/i, '');
    const digits = /^\d{1,3}(?:[.,' ]\d{3})+$/.test(plain) ? plain.replace(/\D/g, '') : plain;
    const count = /^\d+(?:[.,]0+)?$/.test(digits) ? Number(digits.replace(',', '.')) : Number.NaN;
    if (count >= least && count <= mostPieces) return count;
    this.#error(id, said('lists.drawers.noCount', { cell }));
    return undefined;
  }

  #offers(): ReadOffer[] {
    const supplier = this.#text('supplier');
    const price = this.#cell('packPrice');
    if (supplier === '' && price === '') return [];
    // A price with nobody who asks for it, or somebody without a price, is no offer; the rest of the row is one.
    if (supplier === '' || price === '') {
      this.#warn(
        supplier === '' ? 'supplier' : 'packPrice',
        said(supplier === '' ? 'lists.drawers.noSupplier' : 'lists.drawers.noPrice'),
      );
      return [];
    }
    const breaks = readBreaks(price);
    if (!breaks || breaksProblem(breaks)) {
      this.#error('packPrice', said('lists.drawers.noMoney', { cell: price }));
      return [];
    }
    const packSize = this.#whole('packSize', 1) ?? 1;
    return [{ supplier, packSize, breaks }];
  }

  #cell(id: DrawerColumnId): string {
    const index = this.#mapping[id];
    return index === undefined ? '' : (this.#row.cells[index] ?? '').trim();
  }

  #heading(id: DrawerColumnId): Filling {
    const index = this.#mapping[id];
    return (index !== undefined && this.#table.headings[index]) || said(`lists.column.${id}`);
  }

  #error(id: DrawerColumnId, message: Said): void {
    this.#problems.push({
      severity: 'error',
      line: this.#row.line,
      column: this.#heading(id),
      message,
    });
  }

  #warn(id: DrawerColumnId, message: Said): void {
    this.#problems.push({
      severity: 'warning',
      line: this.#row.line,
      column: this.#heading(id),
      message,
    });
  }
}
