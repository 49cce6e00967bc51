import type { PartFamily } from '../parts/family.ts';
import type { LightColour, PartValue } from '../parts/part.ts';
import { readCapacitorCode } from '../quantity/capacitorCode.ts';
import { parseQuantity } from '../quantity/parseQuantity.ts';
import { isToleranceLetter, toleranceLetters } from '../quantity/toleranceLetter.ts';
import { fail, ok, type Result } from '../result.ts';
import { plain } from './plain.ts';

export interface ValueCells {
  /** The cell of the value column; empty where the file has none. */
  readonly value: string;
  readonly description: string;
}

/**
 * Reads the value of a part of a known family: from the value column, or else from the words of the description.
 *
 * @returns the value; or what to write instead
 */
export function readValue(
  family: PartFamily,
  { value, description }: ValueCells,
): Result<PartValue, string> {
  const { valueKind } = family;
  if (valueKind === 'none') return ok({ kind: 'none' });
  if (valueKind === 'type') return ok(readType(family, value, description));
  if (valueKind === 'colour') return readColour(`${value} ${description}`);
  return value === '' ? findAmount(valueKind.unit, description) : readAmount(valueKind.unit, value);
}

type AmountUnit = Extract<PartFamily['valueKind'], object>['unit'];

function readAmount(unit: AmountUnit, cell: string): Result<PartValue, string> {
  // A value cell often carries its tolerance or voltage too: “4k7 5%”, “10u 16V”.
  const bare = cell
    .replace(/[±+-]*\s*\d+([.,]\d+)?\s*%/, '')
    .replace(unit === 'volt' ? /$^/ : /\b\d+([.,]\d+)?\s*V(DC)?\b/i, '')
    .trim();
  const marking = unit === 'farad' ? readCapacitorCode(bare) : undefined;
  if (marking?.ok && bare.length >= 3)
    return ok({ kind: 'amount', unit, amount: marking.value.farad });
  if (unit === 'farad' && /^\d+([.,]\d+)?$/.test(bare)) {
    return fail(`“${cell}” has no unit; write it with one, like 47p, 4n7 or 10u`);
  }
  const parsed = parseQuantity(bare, unit);
  return parsed.ok ? ok({ kind: 'amount', unit, amount: parsed.value }) : parsed;
}

// What looks like a value but is none: sizes of chip parts, watts, lengths, highest voltages, counts, body names.
const notValues =
  /\b(0402|0603|0805|1206|1210)\b|\b\d+([.,/]\d+)*\s*(w|watt|mm|cm|ma)\b|\b(to|sot|sod|dip|so|sil|hc)-?\s?\d+\b|\b\d+\s*[x×]\s*(?=\d)|[±+-]*\s*\d+([.,]\d+)?\s*%/gi;
const ratedVolts = /\b\d+([.,]\d+)?\s*V(DC)?\b/gi;

/** The first run of words in a description that is a value of the unit; written units come before bare numbers. */
function findAmount(unit: AmountUnit, description: string): Result<PartValue, string> {
  const bare = description
    .replace(notValues, ' ')
    .replace(unit === 'volt' ? /$^/ : ratedVolts, ' ');
  // A comma between digits is a decimal comma; any other parts words.
  const words = bare
    .replace(/[();/]/g, ' ')
    .replace(/,(?!\d)/g, ' ')
    .split(/\s+/);
  const found =
    first(words, (word, next) => readWritten(unit, word, next)) ??
    first(words, (word) => readBare(unit, word));
  if (found !== undefined) return ok({ kind: 'amount', unit, amount: found });
  return fail(`no value; write one like ${examples[unit]}`);
}

const examples: Readonly<Record<AmountUnit, string>> = {
  ohm: '470 or 4k7',
  farad: '100nF or 10u',
  henry: '100uH',
  volt: '5.1 V',
  hertz: '16 MHz',
};

function first(
  words: readonly string[],
  read: (word: string, next: string) => number | undefined,
): number | undefined {
  for (const [index, word] of words.entries()) {
    const amount = read(word, words[index + 1] ?? '');
    if (amount !== undefined) return amount;
  }
  return undefined;
}

function readWritten(unit: AmountUnit, word: string, next: string): number | undefined {
  const candidates = /^\d/.test(word) && /^\D/.test(next) ? [`${word}${next}`, word] : [word];
  for (const candidate of candidates) {
    if (!/\d/.test(candidate) || /^\d+([.,]\d+)?$/.test(candidate)) continue;
    const amount = parseQuantity(candidate, unit);
    if (amount.ok) return amount.value;
  }
  return undefined;
}

/** A number without a unit: the print of a capacitor, or ohms. */
function readBare(unit: AmountUnit, word: string): number | undefined {
  if (unit === 'farad' && word.length >= 3) {
    const marking = readCapacitorCode(word);
    return marking.ok ? marking.value.farad : undefined;
  }
  return unit === 'ohm' && /^\d+$/.test(word) ? Number(word) : undefined;
}

function readType({ recognise }: PartFamily, value: string, description: string): PartValue {
  if (value !== '') return { kind: 'type', print: value };
  for (const type of recognise.types ?? []) {
    const found = description.match(type)?.[0];
    if (found) return { kind: 'type', print: asPrinted(found) };
  }
  return { kind: 'none' };
}

/** “BC 557” is one number, and “3,3V” is printed 3V3; the rest is left as written. */
const asPrinted = (found: string): string =>
  found.replace(/^([A-Z0-9]{1,3}) (?=\d)/i, '$1').replace(/^(\d+)[.,](\d+)\s?V$/i, '$1V$2');

const colourWords: Readonly<Record<LightColour, readonly string[]>> = {
  red: ['red', 'rot', 'rote', 'rood', 'rode', 'rouge', 'rojo', 'roja', 'rosso'],
  yellow: ['yellow', 'gelb', 'gelbe', 'geel', 'gele', 'jaune', 'amarillo', 'amarilla'],
  green: ['green', 'grun', 'grune', 'groen', 'groene', 'vert', 'verte', 'verde'],
  blue: ['blue', 'blau', 'blaue', 'blauw', 'blauwe', 'bleu', 'bleue', 'azul'],
  white: ['white', 'weiss', 'weisse', 'wit', 'witte', 'blanc', 'blanche', 'blanco', 'blanca'],
  orange: ['orange', 'oranje', 'amber', 'naranja'],
};

function readColour(text: string): Result<PartValue, string> {
  const words = plain(text).split(/[^a-z]+/);
  for (const [colour, names] of Object.entries(colourWords) as [LightColour, readonly string[]][]) {
    if (names.some((name) => words.includes(name))) return ok({ kind: 'colour', colour });
  }
  return fail('no colour; write red, yellow, green, blue, white or orange');
}

/** Per cent of a tolerance cell or of a tolerance written into a longer text; undefined where there is none. */
export function findTolerance(cell: string): number | undefined {
  const percent = cell.match(/(\d+(?:[.,]\d+)?)\s*%/)?.[1];
  if (percent) return Number(percent.replace(',', '.'));
  const letter = cell.trim().toUpperCase();
  if (isToleranceLetter(letter)) return toleranceLetters[letter].plusPercent;
  return /^\d+([.,]\d+)?$/.test(cell.trim()) ? Number(cell.trim().replace(',', '.')) : undefined;
}

/** Volts of a cell (`16 V`, `6.3`) or of a longer text, where the unit must be there. */
export function findVolt(cell: string, description: string): number | undefined {
  const own = cell.match(/^(\d+(?:[.,]\d+)?)\s*V?(?:DC)?$/i)?.[1];
  const found = own ?? description.match(/\b(\d+(?:[.,]\d+)?)\s*V(?:DC)?\b/i)?.[1];
  return found === undefined ? undefined : Number(found.replace(',', '.'));
}

/** Pins of a cell (`8`) or as written in a longer text (`DIP-8`, `8 pin`, `2-way`, `8-polig`). */
export function findPins(cell: string, description: string): number | undefined {
  if (/^\d+$/.test(cell.trim())) return Number(cell);
  const match =
    description.match(/\b(?:DIP|DIL|SO|SOIC|PDIP)\s*-?\s*(\d+)\b/i) ??
    description.match(/\b(\d+)\s*-?\s*(?:pins?|ways?|pol(?:ig)?|poles?)\b/i) ??
    description.match(/\bsocket\s+(\d+)\b/i);
  return match ? Number(match[1]) : undefined;
}
