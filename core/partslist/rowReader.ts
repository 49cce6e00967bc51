import { type BandCount, encodeBands } from '../bands/encode.ts';
import type { Said } from '../learning/said.ts';
import { families, familyOf } from '../parts/families/index.ts';
import type { PartFamily } from '../parts/family.ts';
import { flagsOf } from '../parts/flags.ts';
import { valueLabel } from '../parts/label.ts';
import { canBeMounted } from '../parts/mounted.ts';
import type { Part, PartValue, Supply } from '../parts/part.ts';
import { findOwnType, type OwnType, type OwnTypes } from '../parts/types/ownType.ts';
import {
  countBesideValue,
  findPins,
  findTolerance,
  findVolt,
  readCount,
  type Tolerance,
} from './cells/beside.ts';
import { findMounting } from './cells/mounting.ts';
import { inSigns } from './cells/spelled.ts';
import { type ColumnId, columnName, type Mapping } from './columns.ts';
import type { Doubt } from './confidence.ts';
import { readDesignators } from './designators.ts';
import type { Evidence } from './look.ts';
import { plain } from './plain.ts';
import type { CellProblem } from './problem.ts';
import { type ReadValue, readValue, type ValueCells } from './readValue.ts';
import { pinsOfType, type Recognition, recognise } from './recognise.ts';
import type { Table, TableRow } from './table.ts';
import { type RememberedFamilies, wordingOf } from './wording.ts';

type Amount = Extract<PartValue, { kind: 'amount' }>;

export interface ReadRow {
  readonly part: Part;
  readonly confidence: Recognition['confidence'];
  readonly doubts: readonly Doubt[];
}

/** Families of which the number of pins is part of what they are. */
const countsPins = ({ joints }: PartFamily): boolean => joints({ pins: 4 }) !== joints({ pins: 6 });

/** `5V1`: of a Zener diode its voltage says enough. */
const saysVoltage = (value: PartValue): boolean =>
  value.kind === 'type' && /^\d{1,3}(V\d?|[.,]\d\s?V|\s?V)$/i.test(value.print.trim());

/** “Do not populate” in the languages of lists. */
const isNotFitted = (cell: string): boolean =>
  /^(dn[pfsi]|nf|np|n\.?\s?b\.?|n\/?c|no pop|nopop|do not (populate|fit|place|install|stuff)|not (fitted|populated|placed|used|installed)|nicht (bestuckt|bestucken|besetzt)|unbestuckt|no (montar|poblar|colocar)|sin montar|non (monte|implante)|ne pas (monter|implanter)|niet (plaatsen|gemonteerd))$/.test(
    cell,
  );

function doubtfulValue({ value }: Part, isType: boolean): string {
  if (isType)
    return 'The line says two different things about this type. Check its number against the sheet.';
  if (value.kind === 'colour')
    return `The line names more than one colour; ${value.colour} is taken. Check it.`;
  return `This can be the print on the part or the value itself; it is read as ${valueLabel(value)}. Write it with its unit if that is wrong.`;
}

/** A number of one’s own: its kind was said when it was first met. */
const toldOf = (recognised: Recognition, { family }: OwnType): Recognition => ({
  ...recognised,
  family: familyOf({ family }),
  confidence: 'told',
  doubts: [],
});

const packageField = (body: string | undefined) => (body === undefined ? {} : { package: body });

/** What people said for earlier lists. */
export interface KnownBefore {
  readonly remembered: RememberedFamilies;
  readonly ownTypes: OwnTypes;
}

/** Reads one row and gathers what is wrong with it. */
export class RowReader {
  readonly problems: CellProblem[] = [];
  readonly #table: Table;
  readonly #mapping: Mapping;
  readonly #row: TableRow;
  readonly #known: KnownBefore;

  constructor(table: Table, mapping: Mapping, row: TableRow, known: KnownBefore) {
    this.#table = table;
    this.#mapping = mapping;
    this.#row = row;
    this.#known = known;
  }

  /** @returns undefined where the row cannot be read, or names a part that is not fitted; `problems` says which */
  read(): ReadRow | undefined {
    const said = this.#cell('description');
    const description = inSigns(said);
    const value = this.#cell('value');
    const cells = { value: inSigns(value), description, remarks: this.#cell('remarks') };
    const body = this.#cell('package');
    const text = `${description} ${cells.value}`.trim();
    if (this.#isLeftOut(cells)) return undefined;
    const designators = this.#designators();
    if (text === '' && body === '')
      return this.#error(
        'description',
        'Nothing says what this part is; write for example “resistor 4k7”.',
      );

    // Word for word as the list has it.
    const asWritten = text === '' ? body : `${said} ${value}`.trim();
    const evidence = { text: `${text} ${body}`.trim(), designators: designators ?? [] };
    const recognised = this.#family(asWritten, evidence);
    if (!recognised) return undefined;
    const own = recognised.typed ? undefined : findOwnType(text, this.#known.ownTypes);
    const recognition = own ? toldOf(recognised, own.type) : recognised;
    const { family } = recognition;
    const read = this.#value(family, cells, recognition, own?.print);
    const quantity = this.#quantity(designators, cells.value);
    const pins = this.#pins(recognition, `${text} ${body}`) ?? own?.type.pins;
    if (!designators || !read || quantity === undefined || this.#hasErrors()) return undefined;
    const doubts = this.#doubts(recognition, read, pins);
    const confidence =
      doubts.length > 0 && recognition.confidence === 'sure' ? 'unsure' : recognition.confidence;
    const { remarks } = cells;
    const mounting = canBeMounted({ family: family.id })
      ? findMounting(`${asWritten} ${remarks}`)
      : undefined;
    const part: Part = {
      designators,
      quantity,
      family: family.id,
      value: read.value,
      description: asWritten,
      supply: this.#supply(),
      ...(pins === undefined ? {} : { pins }),
      ...packageField(body === '' ? own?.type.package : body.slice(0, 60)),
      ...(mounting === undefined ? {} : { mounting }),
      ...(own?.type.lotNote ? { lotNote: own.type.lotNote } : {}),
      ...(remarks === '' ? {} : { remarks }),
    };
    this.#warnOf(recognition, doubts, part);
    for (const { kind, says } of flagsOf(part)) {
      this.#warn(kind === 'no-value' && cells.value === '' ? 'description' : 'value', says);
    }
    return { part, confidence, doubts };
  }

  /** Marked as not fitted: said, and not read. */
  #isLeftOut(cells: ValueCells): boolean {
    const cell = plain(this.#cell('fitted'));
    const marked =
      isNotFitted(cell) || isNotFitted(plain(cells.value)) || isNotFitted(plain(cells.description));
    if (!marked) return false;
    this.#warn(
      cell === '' ? 'value' : 'fitted',
      `${this.#cell('designators') || 'This row'} is marked as not fitted, so it is left out.`,
    );
    return true;
  }

  #doubts(recognition: Recognition, read: ReadValue, pins: number | undefined): Doubt[] {
    if (recognition.confidence === 'told') return read.isDoubtful ? ['value'] : [];
    const doubts = new Set<Doubt>(recognition.doubts);
    if (read.isDoubtful) doubts.add('value');
    const { family, typed } = recognition;
    // A number that no catalogue has tells nothing of pins, leads or voltages.
    if (!typed && family.recognise.kinds && !saysVoltage(read.value)) {
      doubts.add('value');
      if (pins === undefined && family.role === 'chip') doubts.add('pins');
    }
    if (family.role === 'chip' && pins === undefined) doubts.add('pins');
    if (typed?.packaged.makersDiffer && family.pinoutMatters) doubts.add('pins');
    return [...doubts];
  }

  /** What the list says outright, what a person said of the same words before, or what the words are like. */
  #family(asWritten: string, evidence: Evidence): Recognition | undefined {
    const cell = this.#cell('family');
    if (cell !== '') {
      const told = plain(cell);
      const family = families.find(
        ({ id, words }) => told === id || told === plain(words.one) || told === plain(words.many),
      );
      if (family)
        return {
          ...recognise(evidence),
          family,
          confidence: 'told',
          others: [],
          doubts: [],
        };
      return this.#error(
        'family',
        `“${cell}” is no kind of part; write one like “resistor” or “ceramic capacitor”, or leave it empty.`,
      );
    }
    const known = this.#known.remembered[wordingOf(asWritten, evidence.designators)];
    const family = known === undefined ? undefined : families.find(({ id }) => id === known);
    const read = recognise(evidence);
    if (!family) return read;
    return { ...read, family, confidence: 'told', others: [], doubts: [] };
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

  #quantity(designators: readonly string[] | undefined, value: string): number | undefined {
    const cell = this.#cell('quantity');
    const places = designators?.length ?? 0;
    if (cell === '') {
      if (places > 0 || designators === undefined) return places;
      const beside = countBesideValue(value);
      if (beside !== undefined) return beside;
      return this.#error(
        'quantity',
        'There is neither a place name nor a quantity; write how many pieces there are.',
      );
    }
    const count = readCount(cell);
    if (count === undefined)
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

  #value(
    family: PartFamily,
    cells: ValueCells,
    { typed }: Recognition,
    own: string | undefined,
  ): ReadValue | undefined {
    const number = typed && family === typed.family ? typed.type.print : own;
    const read = readValue(family, cells, number);
    // A list that leaves a value out can still be taken over; the part is flagged.
    // A value cell that says “LED” says no colour either.
    if (!read.ok && (cells.value === '' || family.valueKind === 'colour'))
      return { value: { kind: 'none' }, isDoubtful: false };
    if (!read.ok) return this.#error('value', `${capitalised(read.problem)}.`);
    const { value, isDoubtful } = read.value;
    if (value.kind !== 'amount') return read.value;
    const tolerance = this.#tolerance(cells);
    const ratedVolt =
      value.unit === 'farad'
        ? findVolt(this.#cell('ratedVolt'), `${cells.value} ${cells.description}`)
        : undefined;
    const amount = {
      ...value,
      ...tolerance,
      ...(ratedVolt === undefined ? {} : { ratedVolt }),
    };
    const bandCount = this.#bandCount(amount);
    return { isDoubtful, value: bandCount === undefined ? amount : { ...amount, bandCount } };
  }

  #tolerance(cells: ValueCells): Tolerance | undefined {
    const cell = this.#cell('tolerance');
    if (cell === '') {
      const written = `${cells.value} ${cells.description}`;
      return /%/.test(written) ? findTolerance(written) : undefined;
    }
    const tolerance = findTolerance(cell);
    if (tolerance === undefined || tolerance.tolerancePercent > 100) {
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

  #pins(recognition: Recognition, text: string): number | undefined {
    const { family } = recognition;
    const said = findPins(this.#cell('pins'), text);
    const pins = said ?? (countsPins(family) ? pinsOfType(recognition) : undefined);
    const twoRows = family.role === 'chip' || family.role === 'socket';
    if (
      pins !== undefined &&
      (pins < 1 || pins > 64 || (twoRows && (pins % 2 === 1 || pins < 4)))
    ) {
      return this.#error('pins', `${pins} pins cannot be; write the number of pins, such as 8.`);
    }
    return countsPins(family) || this.#cell('pins') !== '' ? pins : undefined;
  }

  #warnOf(
    { family, confidence, others, typed }: Recognition,
    doubts: readonly Doubt[],
    part: Part,
  ): void {
    if (confidence === 'unknown') {
      this.#warn(
        'description',
        'This part is not recognised; choose what it is in the table below, or write it, for example “resistor”.',
      );
      return;
    }
    const number = part.value.kind === 'type' ? part.value.print : '';
    if (!typed && doubts.includes('value') && family.recognise.kinds) {
      this.#warn(
        'value',
        `${number === '' ? 'No type is written' : `The type ${number} is not known here`}: its leads, voltages and number of pins are not assumed. Compare its sheet${part.pins === undefined && family.role === 'chip' ? ', and write its number of pins' : ''}.`,
      );
    } else if (doubts.includes('family')) {
      const or = others[0] ? ` Or “${others[0].words.one}”?` : '';
      this.#warn(
        'description',
        `Read as ${family.words.one}, but not sure.${or} If it is wrong, choose what it is in the table below.`,
      );
    } else if (doubts.includes('value')) {
      this.#warn('value', doubtfulValue(part, typed !== undefined));
    }
    if (doubts.includes('package')) {
      this.#warn(
        'description',
        `The body that the list names does not go with ${typed ? typed.type.type.number : family.words.one}. Check which of the two is right.`,
      );
    }
    if (doubts.includes('pins') && typed) {
      this.#warn(
        'pins',
        typed.packaged.makersDiffer
          ? `Makers order the leads of ${typed.type.type.number} differently: compare the sheet of this batch.`
          : `${typed.type.type.number} has ${typed.packaged.pins} pins, but the list says something else. Check it.`,
      );
    }
  }

  #warn(id: ColumnId, message: string | Said): void {
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
