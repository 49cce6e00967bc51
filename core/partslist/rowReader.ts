import { type BandCount, encodeBands } from '../bands/encode.ts';
import { families } from '../parts/families/index.ts';
import type { PartFamily } from '../parts/family.ts';
import { flagsOf } from '../parts/flags.ts';
import type { Part, PartValue, Supply } from '../parts/part.ts';
import { type ColumnId, columnName, type Mapping } from './columns.ts';
import { readDesignators } from './designators.ts';
import { plain } from './plain.ts';
import type { CellProblem } from './problem.ts';
import { findPins, findTolerance, findVolt, readValue, type ValueCells } from './readValue.ts';
import { type Recognition, recognise } from './recognise.ts';
import type { Table, TableRow } from './table.ts';
import { type RememberedFamilies, wordingOf } from './wording.ts';

type Amount = Extract<PartValue, { kind: 'amount' }>;

/** Reads one row and gathers what is wrong with it. */
export class RowReader {
  readonly problems: CellProblem[] = [];
  readonly #table: Table;
  readonly #mapping: Mapping;
  readonly #row: TableRow;
  readonly #remembered: RememberedFamilies;

  constructor(table: Table, mapping: Mapping, row: TableRow, remembered: RememberedFamilies) {
    this.#table = table;
    this.#mapping = mapping;
    this.#row = row;
    this.#remembered = remembered;
  }

  read(): { part: Part; confidence: Recognition['confidence'] } | undefined {
    const description = this.#cell('description');
    const cells = { value: this.#cell('value'), description };
    const designators = this.#designators();
    const text = `${description} ${cells.value}`.trim();
    if (text === '')
      return this.#error(
        'description',
        'Nothing says what this part is; write for example “resistor 4k7”.',
      );

    const recognition = this.#family(text, designators ?? []);
    if (!recognition) return undefined;
    const { family, confidence } = recognition;
    const value = this.#value(family, cells);
    const quantity = this.#quantity(designators);
    const pins = this.#pins(family, text);
    if (!designators || !value || quantity === undefined || this.#hasErrors()) return undefined;
    if (confidence === 'unsure' || confidence === 'unknown') this.#warnUnsure(recognition);
    const part: Part = {
      designators,
      quantity,
      family: family.id,
      value,
      description: text,
      supply: this.#supply(),
      ...(pins === undefined ? {} : { pins }),
    };
    for (const { kind, message } of flagsOf(part)) {
      this.#warn(kind === 'no-value' && cells.value === '' ? 'description' : 'value', message);
    }
    return { part, confidence };
  }

  /** What the list says outright, what a person said of the same words before, or what the words are like. */
  #family(text: string, designators: readonly string[]): Recognition | undefined {
    const cell = this.#cell('family');
    if (cell !== '') {
      const told = plain(cell);
      const family = families.find(
        ({ id, words }) => told === id || told === plain(words.one) || told === plain(words.many),
      );
      if (family) return { family, confidence: 'told', others: [] };
      return this.#error(
        'family',
        `“${cell}” is no kind of part; write one like “resistor” or “ceramic capacitor”, or leave it empty.`,
      );
    }
    const known = this.#remembered[wordingOf(text, designators)];
    const family = known === undefined ? undefined : families.find(({ id }) => id === known);
    return family ? { family, confidence: 'told', others: [] } : recognise({ text, designators });
  }

  #supply(): Supply {
    const said = plain(this.#cell('supply'));
    if (/^(no|n|nein|nee|non|0|false)$/.test(said)) return 'not-in-kit';
    return /^(spares?|reserve|ersatz|extra|rechange|repuesto)$/.test(said) ? 'spare' : 'in-kit';
  }

  #designators(): string[] | undefined {
    const cell = this.#cell('designators');
    const names = readDesignators(cell);
    if (names.ok) return names.value;
    return this.#error('designators', `${names.problem}.`);
  }

  #quantity(designators: readonly string[] | undefined): number | undefined {
    const cell = this.#cell('quantity');
    const places = designators?.length ?? 0;
    if (cell === '') {
      if (places > 0 || designators === undefined) return places;
      return this.#error(
        'quantity',
        'There is neither a place name nor a quantity; write how many pieces there are.',
      );
    }
    const count = Number(cell.match(/^(\d{1,4})\s*(x|pcs|pieces|stk|st)?\.?$/i)?.[1]);
    if (!(count > 0))
      return this.#error(
        'quantity',
        `“${cell}” is not a number of pieces; write a whole number such as 2.`,
      );
    if (places > 0 && count !== places) {
      return this.#error(
        'quantity',
        `The quantity is ${count}, but ${places} place name${places === 1 ? ' is' : 's are'} given; make them agree.`,
      );
    }
    return count;
  }

  #value(family: PartFamily, cells: ValueCells): PartValue | undefined {
    const read = readValue(family, cells);
    // A list that leaves a value out can still be taken over; the part is flagged.
    if (!read.ok && cells.value === '') return { kind: 'none' };
    if (!read.ok) return this.#error('value', `${capitalised(read.problem)}.`);
    const value = read.value;
    if (value.kind !== 'amount') return value;
    const tolerancePercent = this.#tolerance(cells);
    const ratedVolt =
      value.unit === 'farad'
        ? findVolt(this.#cell('ratedVolt'), `${cells.value} ${cells.description}`)
        : undefined;
    const amount = {
      ...value,
      ...(tolerancePercent === undefined ? {} : { tolerancePercent }),
      ...(ratedVolt === undefined ? {} : { ratedVolt }),
    };
    const bandCount = this.#bandCount(amount);
    return bandCount === undefined ? amount : { ...amount, bandCount };
  }

  #tolerance(cells: ValueCells): number | undefined {
    const cell = this.#cell('tolerance');
    if (cell === '')
      return findTolerance(
        cells.value.match(/[\d.,]+\s*%/)?.[0] ?? cells.description.match(/[\d.,]+\s*%/)?.[0] ?? '',
      );
    const tolerance = findTolerance(cell);
    if (tolerance === undefined || tolerance > 100) {
      this.#error(
        'tolerance',
        `“${cell}” is not a tolerance; write per cent such as 5 %, or a letter such as J.`,
      );
    }
    return tolerance;
  }

  #bandCount(value: Amount): BandCount | undefined {
    const cell = this.#cell('bandCount');
    const written =
      cell === ''
        ? this.#cell('description').match(/\b([3-6])[ -]?band/i)?.[1]
        : cell.match(/^[3-6]$/)?.[0];
    if (cell !== '' && written === undefined) {
      return this.#error(
        'bandCount',
        `“${cell}” is not a number of bands; write 3, 4, 5 or 6, or leave it empty.`,
      );
    }
    if (written === undefined || value.unit !== 'ohm') return undefined;
    const count = Number(written) as BandCount;
    const bands = encodeBands(
      {
        ohm: value.amount,
        tolerancePercent: value.tolerancePercent ?? (count === 3 ? 20 : 5),
        tempcoPpm: 100,
      },
      count,
    );
    if (!bands.ok)
      return this.#error(
        cell === '' ? 'description' : 'bandCount',
        `${capitalised(bands.problem)}.`,
      );
    return count;
  }

  #pins({ role }: PartFamily, text: string): number | undefined {
    const pins = findPins(this.#cell('pins'), text);
    const twoRows = role === 'chip' || role === 'socket';
    if (
      pins !== undefined &&
      (pins < 1 || pins > 64 || (twoRows && (pins % 2 === 1 || pins < 4)))
    ) {
      return this.#error('pins', `${pins} pins cannot be; write the number of pins, such as 8.`);
    }
    return pins;
  }

  #warnUnsure({ family, confidence, others }: Recognition): void {
    const or = others[0] ? ` Or “${others[0].words.one}”?` : '';
    this.#warn(
      'description',
      confidence === 'unknown'
        ? 'This part is not recognised; choose what it is in the table below, or write it, for example “resistor”.'
        : `Read as ${family.words.one}, but not sure.${or} If it is wrong, choose what it is in the table below.`,
    );
  }

  #warn(id: ColumnId, message: string): void {
    this.problems.push({
      severity: 'warning',
      line: this.#row.line,
      column: columnName(this.#table, this.#mapping, id),
      message,
    });
  }

  #cell(id: ColumnId): string {
    const index = this.#mapping[id];
    return index === undefined ? '' : (this.#row.cells[index] ?? '');
  }

  #error(id: ColumnId, message: string): undefined {
    this.problems.push({
      severity: 'error',
      line: this.#row.line,
      column: columnName(this.#table, this.#mapping, id),
      message,
    });
    return undefined;
  }

  #hasErrors(): boolean {
    return this.problems.some(({ severity }) => severity === 'error');
  }
}

const capitalised = (text: string) => text.charAt(0).toUpperCase() + text.slice(1);
