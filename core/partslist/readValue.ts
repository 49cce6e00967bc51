import { type Said, said } from '../learning/said.ts';
import { calledWords } from '../parts/families/called.ts';
import { recognised } from '../parts/families/recognised.ts';
import type { PartFamily } from '../parts/family.ts';
import { type LightColour, lightColours, type PartValue } from '../parts/part.ts';
import { formatQuantity } from '../quantity/formatQuantity.ts';
import { fail, ok, type Result } from '../result.ts';
import { findAmount, readAmount } from './cells/amount.ts';
import { type ReadBandWords, readBandWords } from './cells/bandWords.ts';
import { ofLetter } from './cells/beside.ts';
import { withoutExtras } from './cells/extras.ts';
import { colourIn } from './colourNames.ts';
import { namesOf } from './names.ts';
import { plain } from './plain.ts';

export interface ValueCells {
  /** The cell of the value column; empty where the file has none. */
  readonly value: string;
  readonly description: string;
  /** What else the line says; colours often stand there. */
  readonly remarks?: string;
}

export interface ReadValue {
  readonly value: PartValue;
  /** The same characters can mean another value as well. */
  readonly isDoubtful: boolean;
  /** Why, where it is not the characters. */
  readonly why?: Said;
}

/**
 * Reads the value of a part of a known family: from the value column, or else from the words of the description.
 *
 * @param typeNumber the number of a type that the line names, as written
 * @returns the value; or what to write instead
 */
export function readValue(
  family: PartFamily,
  { value, description, remarks = '' }: ValueCells,
  typeNumber?: string,
): Result<ReadValue, Said> {
  const { valueKind } = family;
  if (valueKind === 'none') return sure({ kind: 'none' });
  if (valueKind === 'type') {
    return sure(
      typeNumber ? { kind: 'type', print: typeNumber } : typeIn(family, value, description),
    );
  }
  if (valueKind === 'colour') return readColour(`${value} ${description} ${remarks}`);
  const farads =
    valueKind.unit === 'farad'
      ? doubleLayerFarads(`${value} ${description} ${remarks}`)
      : undefined;
  if (farads !== undefined) return sure({ kind: 'amount', unit: valueKind.unit, amount: farads });
  const bands = hasBands(family)
    ? readBandWords(`${value} ; ${description} ; ${remarks}`)
    : undefined;
  // “350V”, “1 W” under “Rating” is what it bears, bands under “Marking” are what is on it; its words may say a value.
  const bare = withoutExtras(value, valueKind.unit);
  const isWords = bare === '' || (value !== bare && !/\d/.test(bare));
  const isBeside = isWords || (bands !== undefined && !/\d/.test(value));
  const read = isBeside ? findAmount(family, description) : amountIn(family, value);
  if (!read.ok) return bands ? ok(ofBands(bands)) : read;
  const { amount, toleranceLetter, ratedVolt, isDoubtful } = read.value;
  if (bands && Math.abs(bands.ohm - amount) > 1e-6 * amount)
    return ok({
      isDoubtful: true,
      why: said('lists.row.theBandsSayAnother', {
        bands: formatQuantity(bands.ohm, valueKind.unit),
        value: formatQuantity(amount, valueKind.unit),
      }),
      value: { kind: 'amount', unit: valueKind.unit, amount },
    });
  return ok({
    isDoubtful,
    value: {
      kind: 'amount',
      unit: valueKind.unit,
      amount,
      ...(bands ? printedBy(bands) : {}),
      ...(toleranceLetter ? ofLetter(toleranceLetter) : {}),
      ...(ratedVolt === undefined ? {} : { ratedVolt }),
    },
  });
}

/** The bands of a resistor with wires tell its value where nobody wrote it (IEC 60062). */
const hasBands = ({ valueKind, body, mount }: PartFamily): boolean =>
  typeof valueKind === 'object' &&
  valueKind.unit === 'ohm' &&
  body.shape === 'rod' &&
  mount === 'through';

/** What bands say beside the value. */
const printedBy = ({ ohm: _, isReversed: __, ...printed }: ReadBandWords) => printed;

function ofBands(bands: ReadBandWords): ReadValue {
  const { ohm, isReversed } = bands;
  const value: PartValue = { kind: 'amount', unit: 'ohm', amount: ohm, ...printedBy(bands) };
  const why = said('lists.row.theBandsAreReadFromTheOtherEnd', {
    value: formatQuantity(ohm, 'ohm'),
  });
  return isReversed ? { value, isDoubtful: true, why } : { value, isDoubtful: false };
}

/** What backup capacitors are called, and what voltages only they have (common practice). */
const aDoubleLayer =
  /\b(?:(?:super|gold|ultra)[- ]?(?:cap|kondensator)\w*|doppelschicht\w*|edlc|(?:2[.,][57]|5[.,]5) ?v)\b/i;

/** Of these, “0.1F” is a tenth of a farad and no microfarad; undefined for any other line. */
function doubleLayerFarads(text: string): number | undefined {
  const farads = aDoubleLayer.test(text) ? /(?<![\d.,])(\d+(?:[.,]\d+)?) ?F\b/.exec(text) : null;
  return farads?.[1] === undefined ? undefined : Number(farads[1].replace(',', '.'));
}

/** No unit: a value with one that it cannot have is wrong, and not another. */
const isWord = (word: string): boolean =>
  (/^\p{L}{3,}$/u.test(word) || /^(np0?|bp|c0g|x[57]r|y5v|[A-Z]{2,4}\d{2,4})$/i.test(word)) &&
  !/ohm|hertz|volt|farad|henry|watt/i.test(word);

/** “47nF (473)”: a value, and what is printed for it. */
const withPrint = /^([^\s()]+)\s?\((\d{3})[A-Z]?\)$/;

/** The value; doubtful where the print says another. */
const agreed = (
  value: ReturnType<typeof readAmount>,
  print: ReturnType<typeof readAmount>,
): ReturnType<typeof readAmount> =>
  value.ok &&
  print.ok &&
  Math.abs(print.value.amount - value.value.amount) > 1e-6 * value.value.amount
    ? ok({ ...value.value, isDoubtful: true })
    : value;

/** A value cell with words behind its value: “1u film”, “10k log dual”. */
function amountIn(family: PartFamily, cell: string): ReturnType<typeof readAmount> {
  const [, printless, print] = withPrint.exec(cell) ?? [];
  if (printless && print) return agreed(readAmount(family, printless), readAmount(family, print));
  const read = readAmount(family, cell);
  const [first = '', ...words] = cell.trim().split(/\s+/);
  if (read.ok || words.length === 0) return read;
  const alone = words.every(isWord) ? readAmount(family, first) : read;
  if (alone.ok) return alone;
  // “33 nF Folie”, “1k5 (braun-grün-rot)”: words stand beside the value. Of a unit alone it is a wrong one.
  const within = cell.split(/[^\p{L}\d]+/u).some(isWord) ? findAmount(family, cell) : read;
  return within.ok ? within : read;
}

const sure = (value: PartValue): Result<ReadValue, never> => ok({ value, isDoubtful: false });

const printLimit = 60;

/** A cell without what such parts are called: “relay 5V” is a relay of 5V. */
function withoutNames(value: string, family: PartFamily): string {
  const names = [...namesOf(family), ...calledWords(family)].sort((a, b) => b.length - a.length);
  const plainValue = plain(value);
  const name = names.find((one) => ` ${plainValue} `.includes(` ${one} `));
  if (name === undefined || plainValue.length !== value.length) return value;
  const at = ` ${plainValue} `.indexOf(` ${name} `);
  return `${value.slice(0, at)}${value.slice(at + name.length)}`.replace(/\s+/g, ' ').trim();
}

/** “10mm nylon” of a nylon stand-off: what the kind is made of is in its name. */
const withoutMaterial = (print: string, family: PartFamily): string =>
  family.job === 'mechanical'
    ? print
        .split(' ')
        .filter((word) => !namesOf(family).some((name) => name.split(' ').includes(plain(word))))
        .join(' ')
    : print;

const inAmperes = /(?<![\w.,])\d+(?:[.,]\d+)?\s?m?A(?!\w)/;

/** “20 mm” is how long a fuse is, and no type. */
const isSize = (cell: string): boolean => /^\d+(?:[.,]\d+)? ?[cm]m$/.test(cell.trim());

function typeIn(family: PartFamily, value: string, description: string): PartValue {
  const number = numberIn(family, description);
  // Of a Zener diode its volts say which one it is.
  const isRating = number !== undefined && family.job !== 'diode' && ratings.test(value);
  if (value !== '' && !isRating && !(isSize(value) && family.acts === 'fusible')) {
    // Of what nobody recognises its words are all there is: “2mm” is none.
    const whole = family.job === 'unknown' ? `${description} ${value}`.trim() : value;
    const print = withoutMaterial(withoutNames(whole, family), family).slice(0, printLimit);
    return print === '' ? { kind: 'none' } : { kind: 'type', print };
  }
  return number === undefined ? { kind: 'none' } : { kind: 'type', print: number };
}

/** The number that words say: of a kind that carries such numbers, or what it breaks at. */
function numberIn(family: PartFamily, description: string): string | undefined {
  for (const type of recognised(family).types ?? []) {
    const found = description.match(type)?.[0];
    if (found) return asPrinted(found);
  }
  // “Fuse 500mA T 5x20”: of others the amperes are what they bear.
  const amperes = family.acts === 'fusible' ? inAmperes.exec(description)?.[0] : undefined;
  return amperes ?? (family.kinds ? likelyNumber(description) : undefined);
}

/** “300VAC”, “400 V 3 A”: what such a part bears, where its words have a number. */
const ratings = /^(?:\d{1,4}(?:[.,]\d{1,2})?\s?(?:V(?:AC|DC)?|m?A|W)[\s,/]{0,2})+$/i;

/** A word of letters and digits that is no size and no value: a number that no catalogue has. */
const likelyNumber = (description: string): string | undefined =>
  description
    .split(/[\s,;()]+/)
    .find(
      (word) =>
        /^(?:[A-Z]{1,6}-?\d{2,6}|\d[A-Z]{1,2}-?\d{2,5})[A-Z0-9-]{0,8}$/.test(word) &&
        !/^(TO|SOT|SOD|DO|DIP|DIL|SO|SOIC|SIP|SIL|SMD|P|D|H|W|L)-?\d/.test(word),
    );

/** “BC 557” is one number, and “3,3V” is printed 3V3; the rest is left as written. */
const asPrinted = (found: string): string =>
  found.replace(/^([A-Z0-9]{1,3}) (?=\d)/i, '$1').replace(/^(\d+)[.,](\d+)\s?V$/i, '$1V$2');

/** Colours that only light has, as plain words. */
const lightWords: Readonly<Record<string, LightColour>> = {
  amber: 'orange',
  ambar: 'orange',
  warmweiss: 'white',
  kaltweiss: 'white',
  reinweiss: 'white',
  neutralweiss: 'white',
  warmwhite: 'white',
  coolwhite: 'white',
  coldwhite: 'white',
};

const isLightColour = (colour: string): colour is LightColour =>
  lightColours.some((one) => one === colour);

function readColour(text: string): Result<ReadValue, Said> {
  const words = plain(text).split(/[^a-z]+/);
  const named = new Set(
    words.map((word) => lightWords[word] ?? colourIn(word) ?? '').filter(isLightColour),
  );
  const [colour] = lightColours.filter((one) => named.has(one));
  if (!colour) return fail(said('lists.value.noColourWriteRedYellowGreenBlue'));
  // “red, green or yellow”: the list leaves it open.
  return ok({ value: { kind: 'colour', colour }, isDoubtful: named.size > 1 });
}
