import { type BandCount, encodeBands } from '../bands/encode.ts';
import { type Said, said } from '../learning/said.ts';
import { families, familyOf } from '../parts/families/index.ts';
import { recognised } from '../parts/families/recognised.ts';
import type { PartFamily } from '../parts/family.ts';
import { flagsOf } from '../parts/flags.ts';
import { canBeMounted, canHang } from '../parts/mounted.ts';
import type { Part, PartValue, Supply } from '../parts/part.ts';
import { findType } from '../parts/types/findType.ts';
import { findOwnType, type OwnType, type OwnTypes } from '../parts/types/ownType.ts';
import { bandsIn } from './cells/bandWords.ts';
import {
  countBesideValue,
  findTolerance,
  findVolt,
  isLength,
  readCount,
  type Tolerance,
} from './cells/beside.ts';
import { isMarkedAsLeftOut, isNoPart, isNotFitted } from './cells/leftOut.ts';
import { withoutLibrary, withoutMixedLibrary } from './cells/libraryName.ts';
import { findMounting, findWires, hasCellLeads, withoutWires } from './cells/mounting.ts';
import { withoutSocket } from './cells/socket.ts';
import { inSigns } from './cells/spelled.ts';
import { fromChinese } from './chinese.ts';
import { type ColumnId, looksLikeBody, plainHeading } from './columns.ts';
import type { Doubt } from './confidence.ts';
import { countPins, hasAnyPins, hasOtherPins } from './countPins.ts';
import { readDesignators } from './designators.ts';
import { columnName, type Mapping } from './guessMapping.ts';
import { type Evidence, isNamedByPlace, lettersOf } from './look.ts';
import { plain } from './plain.ts';
import type { CellProblem } from './problem.ts';
import { type ReadValue, readValue, type ValueCells } from './readValue.ts';
import {
  hasMoreColours,
  isFixedOtherwise,
  isMetalThough,
  leavesBodyOpen,
  type Recognition,
  recognise,
  recogniseBeside,
} from './recognise.ts';
import { doubtsInWords } from './sayDoubt.ts';
import type { Table, TableRow } from './table.ts';
import { hasForeignUnit, hasUnreadNumber, saysTurns } from './unreadNumber.ts';
import { type RememberedFamilies, wordingOf } from './wording.ts';

type Amount = Extract<PartValue, { kind: 'amount' }>;

export interface ReadRow {
  readonly part: Part;
  readonly confidence: Recognition['confidence'];
  readonly doubts: readonly Doubt[];
}

/** Of a ferrite bead, how many ohms it has at a frequency. */
const isImpedance = ({ job }: PartFamily, cell: string): boolean =>
  job === 'inductor' && /\d\s?(?:[RΩΩ]|ohms?)(?![a-z])/i.test(cell);

/** `5V1`: of a Zener diode its voltage says enough. */
const saysVoltage = (value: PartValue): boolean =>
  value.kind === 'type' && /^\d{1,3}(V\d?|[.,]\d\s?V|\s?V)$/i.test(value.print.trim());

const isRare = (family: PartFamily, value: PartValue): boolean =>
  value.kind === 'amount' && value.amount >= (recognised(family).rareFrom ?? Infinity);

/** A remark that is nothing but the name of a body: “0805”, “SOD-123”, “6*7”. */
const bodyIn = (remark: string): string =>
  /^(?:0402|0603|0805|1206|1210|2010|2512)$/.test(remark) ||
  /^(?:through hole |tht )?\d{1,2}(?:[.,]\d)?\s?[x×*]\s?\d{1,2}\s?(?:mm)?$/i.test(remark) ||
  (looksLikeBody(remark) && !remark.includes(':'))
    ? remark
    : '';

/** “CR1220”, and “holder” under remarks: the line may mean what it goes into. */
const namesHolder = /holder|halter|fassung|portapila|support|houder|\bclip\b/i;

/** A number of one’s own: its kind was said when it was first met. */
const toldOf = (found: Recognition, { family }: OwnType): Recognition => ({
  ...found,
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
    const value = this.#cell('value');
    const details = `${this.#cell('details')} ${this.#makersNumber()}`.trim();
    const written = `${this.#cell('description')} ${details}`.trim();
    const description = inSigns(`${withoutLibrary(this.#cell('description'))} ${details}`.trim());
    // What the part hangs on says nothing of what it is.
    const what = withoutSocket(withoutWires(description));
    const cells = { value: inSigns(value), description: what, remarks: this.#cell('remarks') };
    const body = this.#cell('package') || bodyIn(cells.remarks);
    const text = `${what} ${cells.value}`.trim();
    if (this.#isLeftOut(cells)) return undefined;
    if (isNoPart(`${written} ${value} ${body}`)) {
      this.#warn('description', said('lists.row.noPart'));
      return undefined;
    }
    const designators = this.#designators();
    if (text === '' && body === '' && !isNamedByPlace(designators ?? []))
      return this.#error('description', said('lists.row.nothingSaysWhatThisPartIsWrite'));

    // Word for word as the list has it.
    const asWritten =
      text === '' ? body || lettersOf(designators ?? []) : `${written} ${value}`.trim();
    const evidence = {
      text: `${text} ${this.#drawn(body)}`.trim(),
      ...(text === '' ? {} : { called: text }),
      designators: designators ?? [],
    };
    const found = this.#family(asWritten, evidence, cells.remarks);
    if (!found) return undefined;
    const own = found.typed ? undefined : findOwnType(text, this.#known.ownTypes);
    const recognition = own ? toldOf(found, own.type) : found;
    const { family } = recognition;
    const { role } = family;
    const read = this.#orMakersNumber(this.#value(family, cells, recognition, own?.print), family);
    const quantity = this.#quantity(designators, cells.value);
    const pins = this.#pins(recognition, `${text} ${body}`) ?? own?.type.pins;
    if (!designators || !read || quantity === undefined || this.#hasErrors()) return undefined;
    const doubts = this.#doubts(recognition, read, pins, `${text} ${body}`);
    const confidence =
      doubts.length > 0 && recognition.confidence === 'sure' ? 'unsure' : recognition.confidence;
    const { remarks } = cells;
    const says = `${asWritten} ${remarks}`;
    const wires =
      findWires(says) ??
      (role === 'battery' && hasCellLeads(says) ? ({ kind: 'on-wires' } as const) : undefined);
    const mounting =
      (wires && canHang({ family: family.id }, wires) ? wires : undefined) ??
      (canBeMounted({ family: family.id }) ? findMounting(says) : undefined);
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
    for (const { column, message } of doubtsInWords(recognition, doubts, part, read.why))
      this.#warn(column, message);
    if (
      family.role === 'chip' &&
      (what !== withoutWires(description) || withoutSocket(body) !== body)
    )
      this.#warn('description', said('lists.row.addTheSocket'));
    for (const { kind, says } of flagsOf(part)) {
      // Where the value is in doubt and the kind is not, it is said already why it is missing.
      const isSaid = doubts.includes('value') && !doubts.includes('family');
      if (kind === 'no-value' && isSaid) continue;
      this.#warn(kind === 'no-value' && cells.value === '' ? 'description' : 'value', says);
    }
    return { part, confidence, doubts };
  }

  /** Footprint and symbol: what they are called tells the kind, and is no word for the part itself. */
  #drawn(body: string): string {
    const symbol = withoutLibrary(this.#cell('symbol'));
    return `${withoutSocket(withoutMixedLibrary(body))} ${symbol}`.trim();
  }

  /** Its maker’s number, where that is a type that is known and nothing else in the line says the type. */
  #makersNumber(): string {
    const number = this.#cell('partNumber');
    const says = `${this.#cell('description')} ${this.#cell('details')} ${this.#cell('value')}`;
    return findType(number) && !findType(says) ? number : '';
  }

  /** Of a kind that is told by its number, its maker’s is better than none, also where no catalogue has it. */
  #orMakersNumber(read: ReadValue | undefined, { kinds }: PartFamily): ReadValue | undefined {
    const print = this.#cell('partNumber').slice(0, 60);
    const isMissing = kinds !== undefined && read?.value.kind === 'none' && /\d/.test(print);
    return isMissing ? { value: { kind: 'type', print }, isDoubtful: true } : read;
  }

  /** Marked as not fitted: said, and not read. */
  #isLeftOut(cells: ValueCells): boolean {
    const cell = plain(this.#cell('fitted'));
    const column = this.#mapping.fitted;
    const heading = column === undefined ? '' : (this.#table.headings[column] ?? '');
    const marked =
      isMarkedAsLeftOut(plainHeading(heading), cell) ||
      isNotFitted(plain(cells.value)) ||
      isNotFitted(plain(cells.description));
    if (!marked) return false;
    this.#warn(
      cell === '' ? 'value' : 'fitted',
      this.#cell('designators') === ''
        ? said('lists.row.notFitted')
        : said('lists.row.placesNotFitted', { places: this.#cell('designators') }),
    );
    return true;
  }

  #doubts(
    recognition: Recognition,
    read: ReadValue,
    pins: number | undefined,
    text: string,
  ): Doubt[] {
    if (recognition.confidence === 'told') return read.isDoubtful ? ['value'] : [];
    const doubts = new Set<Doubt>(recognition.doubts);
    if (read.isDoubtful || hasForeignUnit(text)) doubts.add('value');
    if (isRare(recognition.family, read.value)) doubts.add('family');
    const { family, typed } = recognition;
    const { role } = family;
    // A number that no catalogue has tells nothing of pins, leads or voltages.
    if (!typed && family.kinds && !saysVoltage(read.value)) {
      doubts.add('value');
      if (pins === undefined && family.role === 'chip') doubts.add('pins');
    }
    if (family.role === 'chip' && pins === undefined) doubts.add('pins');
    if (!typed && pins === undefined && hasAnyPins(family, text)) doubts.add('pins');
    if (typed?.packaged.makersDiffer && family.pinoutMatters) doubts.add('pins');
    if (hasOtherPins(recognition, this.#cell('pins'), text)) doubts.add('pins');
    if (this.#cell('package') === '' && isFixedOtherwise(family, this.#unread()))
      doubts.add('package');
    // “NE555”, “Sockel”: the chip with a socket, or a socket for it.
    if (role === 'socket' && findType(this.#cell('value'))) doubts.add('family');
    if (hasMoreColours(family, this.#cell('remarks'))) doubts.add('family');
    const remarked = `${text} ${this.#cell('remarks')}`;
    if (leavesBodyOpen(family, `${remarked} ${this.#unread()}`)) doubts.add('package');
    if (isMetalThough(family, remarked)) doubts.add('package');
    // A cell that is put in has no footprint: its holder has, or it is soldered by its tags.
    const isHeld = this.#cell('package') !== '' || namesHolder.test(this.#cell('remarks'));
    if (role === 'battery' && isHeld && !hasCellLeads(text)) doubts.add('family');
    return [...doubts];
  }

  /** What the list says outright, what a person said of the same words before, or what the words are like. */
  #family(asWritten: string, evidence: Evidence, remarks: string): Recognition | undefined {
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
      return this.#error('family', said('lists.row.isNoKindOfPartWriteOne', { cell }));
    }
    const known = this.#known.remembered[wordingOf(asWritten, evidence.designators)];
    const family = known === undefined ? undefined : families.find(({ id }) => id === known);
    if (!family) return recogniseBeside(evidence, remarks);
    return { ...recognise(evidence), family, confidence: 'told', others: [], doubts: [] };
  }

  #supply(): Supply {
    const supply = plain(this.#cell('supply'));
    if (/^(no|n|nein|nee|non|0|false)$/.test(supply)) return 'not-in-kit';
    return /^(spares?|reserve|ersatz|extra|rechange|repuesto)$/.test(supply) ? 'spare' : 'in-kit';
  }

  #designators(): string[] | undefined {
    const cell = this.#cell('designators');
    const names = readDesignators(cell);
    if (names.ok) return names.value;
    return this.#error('designators', names.problem);
  }

  #quantity(designators: readonly string[] | undefined, value: string): number | undefined {
    const cell = this.#cell('quantity');
    const places = designators?.length ?? 0;
    if (cell === '') {
      if (places > 0 || designators === undefined) return places;
      const beside = countBesideValue(value);
      if (beside !== undefined) return beside;
      return this.#error('quantity', said('lists.row.thereIsNeitherAPlaceNameNor'));
    }
    if (isLength(cell) && places === 0) {
      this.#warn('quantity', said('lists.row.aLengthIsOnePiece', { cell }));
      return 1;
    }
    const count = readCount(fromChinese(cell));
    if (count === undefined)
      return this.#error('quantity', said('lists.row.isNotANumberOfPiecesWrite', { cell }));
    if (places > 0 && count !== places) {
      return this.#error(
        'quantity',
        said('lists.line.quantityAndPlaces', { quantity: count, count: places }),
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
    // As its own cell has it: “U” before it is the letter of a place, and no maker.
    const inCell = typed && findType(cells.value);
    const print = inCell?.type === typed?.type.type ? inCell?.print : typed?.type.print;
    const number = typed && family === typed.family ? print : own;
    const read = readValue(family, cells, number);
    // A list that leaves a value out can still be taken over; the part is flagged.
    // A value cell that says “LED” says no colour either, and “Ferrite bead 600R@100MHz” no henries.
    const saysNone =
      !/\d/.test(cells.value) ||
      family.valueKind === 'colour' ||
      isImpedance(family, cells.value) ||
      (family.job === 'inductor' && saysTurns(cells.value));
    if (!read.ok && saysNone)
      return { value: { kind: 'none' }, isDoubtful: hasUnreadNumber(family, cells.description) };
    if (!read.ok) return this.#error('value', read.problem);
    const { value } = read.value;
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
    return { ...read.value, value: bandCount === undefined ? amount : { ...amount, bandCount } };
  }

  #tolerance(cells: ValueCells): Tolerance | undefined {
    const cell = this.#cell('tolerance');
    if (cell === '') {
      const written = `${cells.value} ${cells.description}`;
      return /%/.test(written) ? findTolerance(written) : undefined;
    }
    const tolerance = findTolerance(cell);
    if (tolerance === undefined || tolerance.tolerancePercent > 100) {
      this.#error('tolerance', said('lists.row.isNotAToleranceWritePerCent', { cell }));
    }
    return tolerance;
  }

  #bandCount(value: Amount): BandCount | undefined {
    const cell = this.#cell('bandCount');
    const written =
      cell === ''
        ? this.#cell('description').match(/\b([3-6])[ -]?band/i)?.[1]
        : (cell.match(/^[3-6]$/)?.[0] ?? bandsIn(cell)?.length);
    if (cell !== '' && written === undefined) {
      return this.#error('bandCount', said('lists.row.isNotANumberOfBandsWrite', { cell }));
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
    if (!bands.ok) return this.#error(cell === '' ? 'description' : 'bandCount', bands.problem);
    return count;
  }

  #pins(recognition: Recognition, text: string): number | undefined {
    const counted = countPins(recognition, this.#cell('pins'), text);
    return 'wrong' in counted ? this.#error('pins', counted.wrong) : counted.pins;
  }

  #warn(id: ColumnId, message: Said): void {
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

  /** What stands in columns whose meaning nobody knows. */
  #unread(): string {
    const read = new Set(Object.values(this.#mapping));
    return this.#row.cells.filter((_, index) => !read.has(index)).join(' ');
  }

  #error(id: ColumnId, message: Said): undefined {
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
