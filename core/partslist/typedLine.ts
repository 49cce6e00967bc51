import type { BandCount } from '../bands/encode.ts';
import { encodeBands } from '../bands/encode.ts';
import { type Said, said } from '../learning/said.ts';
import { checkLine, type LineProblem } from '../parts/checkLines.ts';
import type { FamilyId } from '../parts/families/ids.ts';
import { familyOf } from '../parts/families/index.ts';
import { canHold } from '../parts/holds.ts';
import { toleranceLabel, valueLabel } from '../parts/label.ts';
import { turnableSigns } from '../parts/lotNote.ts';
import { canBeMounted, canHang } from '../parts/mounted.ts';
import {
  type heldKinds,
  type Mounting,
  mostHeld,
  mostRaisedMm,
  mostWireMm,
} from '../parts/mounting.ts';
import type { Part, PartValue, Supply } from '../parts/part.ts';
import type { SignMark } from '../parts/sign.ts';
import { fail, ok, type Result } from '../result.ts';
import { findTolerance, type Tolerance } from './cells/beside.ts';
import { readDesignators } from './designators.ts';
import { readValue } from './readValue.ts';

/** A line of a parts list as it stands in a form: everything is text until it is read. */
export interface TypedLine {
  readonly family: FamilyId;
  readonly places: string;
  readonly quantity: string;
  readonly value: string;
  readonly tolerance: string;
  readonly ratedVolt: string;
  readonly bandCount: string;
  readonly pins: string;
  readonly supply: Supply;
  readonly lotText: string;
  readonly turned: readonly SignMark[];
  readonly pinout: string;
  readonly package: string;
  readonly remarks: string;
  readonly showRemarks: boolean;
  readonly mounting: 'usual' | Exclude<Mounting['kind'], 'holds'>;
  readonly raisedMm: string;
  readonly wiresMm: string;
  readonly wireColours: string;
  /** What a screw or a tie holds; `usual` leaves it to the guess. */
  readonly holds: 'usual' | (typeof heldKinds)[number] | 'parts';
  readonly heldPlaces: string;
}

export interface TypedProblem {
  readonly field: keyof TypedLine;
  /** What is wrong and what to write instead. */
  readonly message: Said;
}

/** What the form shows for a line. */
export function typedLine(part: Part): TypedLine {
  const { value, lotNote } = part;
  const amount = value.kind === 'amount' ? value : undefined;
  const wires = part.mounting?.kind === 'on-wires' ? part.mounting : undefined;
  const held = part.mounting?.kind === 'holds' ? part.mounting.what : undefined;
  return {
    family: familyOf(part).id,
    places: part.designators.join(', '),
    quantity: String(part.quantity),
    value: valueLabel(value),
    tolerance:
      amount?.minusPercent === undefined
        ? written(amount?.tolerancePercent)
        : toleranceLabel(amount),
    ratedVolt: written(amount?.ratedVolt),
    bandCount: written(amount?.bandCount),
    pins: written(part.pins),
    supply: part.supply,
    lotText: lotNote?.text ?? '',
    turned: lotNote?.turned ?? [],
    pinout: lotNote?.pinout?.join(', ') ?? '',
    package: part.package ?? '',
    remarks: part.remarks ?? '',
    showRemarks: part.showRemarks ?? false,
    mounting: part.mounting && part.mounting.kind !== 'holds' ? part.mounting.kind : 'usual',
    raisedMm: part.mounting?.kind === 'raised' ? String(part.mounting.mm) : '',
    wiresMm: wires ? written(wires.mm) : '',
    wireColours: wires?.colours?.join(', ') ?? '',
    holds: held === undefined ? 'usual' : typeof held === 'string' ? held : 'parts',
    heldPlaces: typeof held === 'object' ? held.join(', ') : '',
  };
}

const written = (value: number | undefined) => (value === undefined ? '' : String(value));

/**
 * Reads a form back into a part.
 *
 * @param before the line as it was: its words stay
 * @returns the part; or every field that is wrong
 */
export function readTypedLine(typed: TypedLine, before: Part): Result<Part, TypedProblem[]> {
  const problems: TypedProblem[] = [];
  const wrong = (field: keyof TypedLine, message: Said) => {
    problems.push({ field, message });
    return undefined;
  };
  const family = familyOf(typed);
  const places = readDesignators(typed.places);
  const designators = places.ok ? places.value : (wrong('places', places.problem) ?? []);
  const quantity = typed.quantity.trim() === '' ? designators.length : Number(typed.quantity);
  if (!Number.isInteger(quantity) || quantity < 1) {
    wrong('quantity', said('lists.line.writeAWholeNumberOfPiecesSuch'));
  }
  const value = readTypedValue(typed, before, wrong);
  const pins = numberIn(typed.pins, 'pins', said('lists.line.writeTheNumberOfPinsSuchAs'), wrong);
  const lotNote = readLotNote(typed, wrong);
  const mounting = readMounting(typed, wrong);
  const part: Part = {
    designators,
    quantity,
    family: family.id,
    value,
    description: before.description,
    supply: typed.supply,
    ...(pins === undefined ? {} : { pins }),
    ...(typed.package.trim() === '' ? {} : { package: typed.package.trim() }),
    ...(typed.remarks.trim() === '' ? {} : { remarks: typed.remarks.trim() }),
    ...(typed.showRemarks && typed.remarks.trim() !== '' ? { showRemarks: true } : {}),
    ...(mounting === undefined ? {} : { mounting }),
    ...(lotNote === undefined ? {} : { lotNote }),
  };
  if (problems.length === 0) {
    for (const { field, message } of checkLine(part)) wrong(formField[field], message);
  }
  return problems.length > 0 ? fail(problems) : ok(part);
}

const formField: Readonly<Record<LineProblem['field'], keyof TypedLine>> = {
  designators: 'places',
  quantity: 'quantity',
  value: 'value',
  pins: 'pins',
  lotNote: 'turned',
  supply: 'supply',
};

type Wrong = (field: keyof TypedLine, message: Said) => undefined;

function readTypedValue(typed: TypedLine, before: Part, wrong: Wrong): PartValue {
  const none: PartValue = { kind: 'none' };
  if (typed.value.trim() === '') return none;
  // A label is rounded; what nobody touched stays as exact as it was.
  const untouched = typed.value === valueLabel(before.value) && typed.family === before.family;
  const read = untouched
    ? ok({ value: before.value, isDoubtful: false })
    : readValue(familyOf(typed), { value: typed.value.trim(), description: '' });
  if (!read.ok) return wrong('value', read.problem) ?? none;
  const { value } = read.value;
  if (value.kind !== 'amount') return value;
  const tolerance = readTolerance(typed.tolerance, wrong);
  const ratedVolt = numberIn(
    typed.ratedVolt,
    'ratedVolt',
    said('lists.line.writeVoltsSuchAs16OrLeave'),
    wrong,
  );
  const { kind, unit, amount: exact } = value;
  const amount = {
    kind,
    unit,
    amount: exact,
    ...tolerance,
    ...(ratedVolt === undefined ? {} : { ratedVolt }),
  };
  const bandCount = readBandCount(typed.bandCount, amount, wrong);
  return bandCount === undefined ? amount : { ...amount, bandCount };
}

function readTolerance(text: string, wrong: Wrong): Tolerance | undefined {
  if (text.trim() === '') return undefined;
  const tolerance = findTolerance(text.replace('−', '-'));
  return tolerance && tolerance.tolerancePercent > 0 && tolerance.tolerancePercent <= 100
    ? tolerance
    : wrong('tolerance', said('lists.line.writePerCentSuchAs5Or'));
}

function readBandCount(
  text: string,
  value: Extract<PartValue, { kind: 'amount' }>,
  wrong: Wrong,
): BandCount | undefined {
  if (text.trim() === '' || value.unit !== 'ohm') return undefined;
  if (!/^[3-6]$/.test(text.trim())) return wrong('bandCount', said('lists.line.write345Or6Or'));
  const count = Number(text) as BandCount;
  const tolerancePercent = value.tolerancePercent ?? (count === 3 ? 20 : 5);
  const bands = encodeBands({ ohm: value.amount, tolerancePercent, tempcoPpm: 100 }, count);
  return bands.ok ? count : wrong('bandCount', bands.problem);
}

function readMounting(typed: TypedLine, wrong: Wrong): Part['mounting'] {
  if (canHold(typed)) return readHeld(typed, wrong);
  if (typed.mounting === 'on-wires' && canHang(typed)) return readWires(typed, wrong);
  if (!canBeMounted(typed) || typed.mounting === 'usual' || typed.mounting === 'on-wires') {
    return undefined;
  }
  if (typed.mounting === 'bent-over') return { kind: 'bent-over' };
  const mm = Number(typed.raisedMm.replace(',', '.').replace(/(?<!\s)\s*mm$/i, ''));
  return mm > 0 && mm <= mostRaisedMm
    ? { kind: 'raised', mm }
    : wrong('raisedMm', said('lists.line.writeHowFarItStandsOffFrom', { mostRaisedMm }));
}

function readHeld({ holds, heldPlaces }: TypedLine, wrong: Wrong): Part['mounting'] {
  if (holds === 'usual') return undefined;
  if (holds !== 'parts') return { kind: 'holds', what: holds };
  const places = readDesignators(heldPlaces);
  return places.ok && places.value.length > 0 && places.value.length <= mostHeld
    ? { kind: 'holds', what: places.value }
    : wrong('heldPlaces', said('lists.line.nameThePartsThatItHolds'));
}

function readWires({ wiresMm, wireColours }: TypedLine, wrong: Wrong): Part['mounting'] {
  const length = wiresMm
    .trim()
    .replace(',', '.')
    .replace(/(?<!\s)\s*mm$/i, '');
  const mm = Number(length);
  if (length !== '' && !(mm > 0 && mm <= mostWireMm)) {
    return wrong('wiresMm', said('lists.line.writeTheLengthOfTheWires', { most: mostWireMm }));
  }
  const colours = wireColours
    .split(/[,;/]+/)
    .map((colour) => colour.trim().slice(0, 20))
    .filter((colour) => colour !== '');
  return {
    kind: 'on-wires',
    ...(length === '' ? {} : { mm }),
    ...(colours.length === 0 ? {} : { colours: colours.slice(0, 12) }),
  };
}

function readLotNote(typed: TypedLine, wrong: Wrong): Part['lotNote'] {
  const text = typed.lotText.trim();
  const marks = new Set(turnableSigns(familyOf(typed).signs).map(({ mark }) => mark));
  const turned = typed.turned.filter((mark) => marks.has(mark));
  const pinout = typed.pinout
    .split(/[\s,;]+/)
    .map((name) => name.trim())
    .filter((name) => name !== '');
  if (text === '') {
    if (turned.length === 0 && pinout.length === 0) return undefined;
    return wrong('lotText', said('lists.line.sayInASentenceWhatIsDifferent'));
  }
  return {
    text,
    ...(turned.length > 0 ? { turned } : {}),
    ...(pinout.length > 0 ? { pinout } : {}),
  };
}

function numberIn(
  text: string,
  field: keyof TypedLine,
  message: Said,
  wrong: Wrong,
): number | undefined {
  if (text.trim() === '') return undefined;
  const value = Number(text.replace(',', '.').replace(/(?<!\s)\s*[%V]$/i, ''));
  return value > 0 && value <= 2000 ? value : wrong(field, message);
}
