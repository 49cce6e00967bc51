import { type Said, said } from '../../learning/said.ts';
import { recognised } from '../../parts/families/recognised.ts';
import type { PartFamily } from '../../parts/family.ts';
import { readCapacitorCode } from '../../quantity/capacitorCode.ts';
import { readChipCode } from '../../quantity/chipCode.ts';
import { parseQuantity } from '../../quantity/parseQuantity.ts';
import { coarsestSeries } from '../../quantity/series.ts';
import { isToleranceLetter, type ToleranceLetter } from '../../quantity/toleranceLetter.ts';
import { fail, ok, type Result } from '../../result.ts';
import { withoutExtras } from './extras.ts';

type AmountUnit = Extract<PartFamily['valueKind'], object>['unit'];

export interface ReadAmount {
  /** In the base unit. */
  readonly amount: number;
  readonly toleranceLetter?: ToleranceLetter;
  /** From a print that carries the voltage in a code: `2A104J`. */
  readonly ratedVolt?: number;
  /** The same characters are a print code and a plain number too: `100` on a chip resistor is 10 Ω or 100 Ω. */
  readonly isDoubtful: boolean;
}

const examples: Readonly<Record<AmountUnit, string>> = {
  ohm: '470, 4k7',
  farad: '100nF, 10u',
  henry: '100uH',
  volt: '5.1 V',
  hertz: '16 MHz',
};

/** What parts of kits have at the least and at the most, in the base unit (common practice; wide on purpose). */
const limits: Readonly<Record<AmountUnit, readonly [number, number]>> = {
  ohm: [0.1, 22e6],
  farad: [0.3e-12, 10],
  henry: [1e-9, 20],
  volt: [0.5, 1000],
  hertz: [10e3, 300e6],
};
const limitWords: Readonly<Record<AmountUnit, readonly [string, string]>> = {
  ohm: ['0.1 Ω', '22 MΩ'],
  farad: ['0.3 pF', '10 F'],
  henry: ['1 nH', '20 H'],
  volt: ['0.5 V', '1000 V'],
  hertz: ['10 kHz', '300 MHz'],
};

/** An amount that parts of that unit can have; 0 Ω is a link. */
function plausible(unit: AmountUnit, amount: number, cell: string): Result<number, Said> {
  const [least, most] = limits[unit];
  if ((unit === 'ohm' && amount === 0) || (amount >= least && amount <= most)) return ok(amount);
  return fail(
    said('lists.value.notInKits', {
      cell,
      least: limitWords[unit][0],
      most: limitWords[unit][1],
      example: examples[unit],
    }),
  );
}

/**
 * Reads a cell that is only a value, with whatever people write beside it: tolerance, voltage, power.
 *
 * @param family what codes such parts carry depends on what they are
 */
export function readAmount(
  family: Pick<PartFamily, 'id' | 'valueKind' | 'mount'>,
  cell: string,
): Result<ReadAmount, Said> {
  const { valueKind } = family;
  if (typeof valueKind !== 'object') return fail(said('lists.value.suchAPartHasNoValueIn'));
  const { unit } = valueKind;
  const bare = withoutExtras(cell, unit);
  const read = readers[unit](bare, family);
  if (!read.ok)
    return fail(read.problem ?? said('lists.value.notAValue', { cell, example: examples[unit] }));
  const possible = plausible(unit, read.value.amount, cell);
  return possible.ok ? ok(read.value) : possible;
}

type Reader = (
  text: string,
  family: Pick<PartFamily, 'id' | 'mount'>,
) => Result<ReadAmount, Said | undefined>;

const sure = (amount: number, toleranceLetter?: ToleranceLetter): Result<ReadAmount, never> =>
  ok({ amount, isDoubtful: false, ...(toleranceLetter ? { toleranceLetter } : {}) });
const doubtful = (amount: number): Result<ReadAmount, never> => ok({ amount, isDoubtful: true });

/** A letter for the tolerance stands behind a value that is complete without it: `2k2J`, `100RJ`, `10kF`. */
const withLetter =
  /^(\d+[RrKkMEe]\d+|\d+(?:[.,]\d+)?[RkE]|\d+(?:[.,]\d+)?[pnuµμ]F|\d+(?:[.,]\d+)?[pnuµμ](?!F))\s?([BCDFGJKMZ])$/;

function splitLetter(text: string): { value: string; letter: ToleranceLetter | undefined } {
  const match = withLetter.exec(text);
  const letter = match?.[2];
  return match?.[1] && letter && isToleranceLetter(letter)
    ? { value: match[1], letter }
    : { value: text, letter: undefined };
}

/** `5W0R22J` on a block of cement: the watts, then the value. */
const wattsFirst = /^\d{1,2}W(?=\d*[RKM]\d)/i;

const readOhm: Reader = (text, { mount }) => {
  // A letter before or behind a potentiometer’s value is its taper, A, B, C or W; some makers write two. Of kB and MB the letter may be that of 0.1 %.
  const bare = text
    .replace(wattsFirst, '')
    .replace(/^[ABCW](\d+[kKM]\d*)[ABC]?$/, '$1')
    .replace(/(?<=^\d+[kKM])[AB]$/, '');
  // E stands for R on sheets of many countries.
  // `A103J` on a network: a common lead, and the code of each resistor (common practice).
  const network = /^[AB](\d{3})[FGJK]$/.exec(bare)?.[1];
  const coded = network === undefined ? undefined : readChipCode(network);
  if (coded?.ok) return sure(coded.value);
  const { value, letter } = splitLetter(bare.replace(/^(\d*)E(\d*)(?=[FGJKM]?$)/, '$1R$2'));
  if (/^\d{3}$/.test(value) || (mount === 'surface' && /^\d{4}$/.test(value))) {
    return plainOrCode(value, mount === 'surface');
  }
  const code =
    mount === 'surface' && /^\d{2}[A-HSXYZR]$/.test(value) ? readChipCode(value) : undefined;
  if (code?.ok) return sure(code.value);
  const parsed = parseQuantity(value, 'ohm');
  return parsed.ok ? sure(parsed.value, letter) : parsed;
};

/** Three or four digits: a number of ohms, or two or three digits and a count of zeros (IEC 60062). */
function plainOrCode(digits: string, onSurface: boolean): Result<ReadAmount, Said | undefined> {
  const plain = Number(digits);
  const code = readChipCode(digits);
  const isPreferred = (ohm: number) => {
    const series = coarsestSeries(ohm);
    return series !== undefined && ['E3', 'E6', 'E12', 'E24'].includes(series);
  };
  if (!code.ok || digits.startsWith('0')) return sure(plain);
  if (!isPreferred(plain)) return onSurface ? sure(code.value) : doubtful(code.value);
  // On the surface the print is what people copy; through the board it is the value.
  return onSurface && isPreferred(code.value) && code.value !== plain
    ? doubtful(plain)
    : sure(plain);
}

/** Voltage codes of film capacitors, in volts (EIA; from memory). */
const voltCodes: Readonly<Record<string, number>> = {
  '0J': 6.3,
  '1A': 10,
  '1C': 16,
  '1E': 25,
  '1V': 35,
  '1H': 50,
  '1J': 63,
  '1K': 80,
  '2A': 100,
  '2C': 160,
  '2D': 200,
  '2E': 250,
  '2G': 400,
  '2J': 630,
};

/** Rated voltages of the series of IEC 60063 and as makers have them besides; from memory. */
const ratedVolts = new Set(
  [4, 10, 16, 25, 35, 40, 50, 63, 80, 100, 160, 200, 250, 350, 400, 450, 630].map(String),
);

/** `470u/25`, `104/50`: volts stand behind the stroke; of a can a bare number before it is microfarads (common practice). */
function readOverVolts(
  text: string,
  family: Pick<PartFamily, 'id' | 'mount'>,
): ReturnType<Reader> | undefined {
  const [, value = '', volts = ''] = /^(\S+)\s?\/\s?(\d{1,3})$/.exec(text) ?? [];
  if (!ratedVolts.has(volts)) return undefined;
  const microfarads =
    isLarge(family) && /^\d{1,4}$/.test(value) ? doubtful(Number(`${value}e-6`)) : undefined;
  const read = microfarads ?? readFarad(value, family);
  return read.ok ? ok({ ...read.value, ratedVolt: Number(volts) }) : undefined;
}

const readFarad: Reader = (text, family) => {
  const overVolts = readOverVolts(text, family);
  if (overVolts) return overVolts;
  const print = /^([0-2][A-HJKV])(\d{3})([A-Z])?$/.exec(text);
  const volt = print?.[1] ? voltCodes[print[1]] : undefined;
  if (print && volt !== undefined) {
    const coded = readCapacitorCode(`${print[2]}${print[3] ?? ''}`);
    if (coded.ok) return ok({ ...codedAmount(coded.value), ratedVolt: volt });
  }
  // `.1`, `0.047`: microfarads, on film and ceramic ones alike (common practice).
  if (/^0?[.,]\d+[FGJKMZ]?$/.test(text)) {
    const { value, letter } = splitPlain(text);
    const amount = Number(`0.${value.replace(/^0?[.,]/, '')}e-6`);
    // “0.1F”: a farad of a backup capacitor, a slip for µF, or the letter of 1 %.
    return letter === 'F' ? doubtful(amount) : sure(amount, letter);
  }
  // What can be turned from one value to another is known by the greater one.
  const range = /^\d+(?:[.,]\d+)?\s?(?:pF?)?[-–~…]+(\d+(?:[.,]\d+)?\s?pF?)$/i.exec(text);
  if (range?.[1]) {
    const upper = parseQuantity(range[1], 'farad');
    return upper.ok ? doubtful(upper.value) : upper;
  }
  const coded = /^\d{3}[A-Z]?$/.test(text) ? readCapacitorCode(text) : undefined;
  if (coded?.ok) return isLarge(family) ? largeByDigits(text) : maybeCode(text, coded.value);
  if (/^\d+([.,]\d+)?$/.test(text)) {
    // “22, 25V”: on a can a bare number is microfarads (common practice).
    return isLarge(family)
      ? doubtful(Number(`${text.replace(',', '.')}e-6`))
      : fail(said('lists.value.hasNoUnitWriteItWithOne', { text, example: '47p, 4n7, 10u' }));
  }
  const { value, letter } = splitLetter(text);
  const parsed = parseQuantity(value, 'farad');
  return parsed.ok ? sure(parsed.value, letter) : parsed;
};

const splitPlain = (text: string) => {
  const letter = text.slice(-1);
  return isToleranceLetter(letter)
    ? { value: text.slice(0, -1), letter }
    : { value: text, letter: undefined };
};

const codedAmount = ({
  farad,
  tolerance,
}: {
  farad: number;
  tolerance?: ToleranceLetter;
}): ReadAmount => ({
  amount: farad,
  isDoubtful: false,
  ...(tolerance ? { toleranceLetter: tolerance } : {}),
});

const isLarge = (family: Pick<PartFamily, 'id'>) => recognised(family).assumedFor === 'from-1-µF';

/** Cans carry no code: three digits are microfarads there, if anything. */
const largeByDigits = (text: string): Result<ReadAmount, Said | undefined> =>
  /^\d{3}$/.test(text) ? doubtful(Number(text) * 1e-6) : fail(undefined);

/** `100`, `220`: 10 pF and 22 pF by the code, 100 pF and 220 pF as plain numbers. */
function maybeCode(
  text: string,
  marking: { farad: number; tolerance?: ToleranceLetter },
): Result<ReadAmount, never> {
  const read = codedAmount(marking);
  return ok(/^\d\d0$/.test(text) ? { ...read, isDoubtful: true } : read);
}

const readHenry: Reader = (text) => {
  // Three digits and R are microhenries, as on the part (common practice).
  if (/^\d{3}[JKM]?$|^\d*R\d+[JKM]?$/.test(text)) {
    const { value, letter } = splitPlain(text);
    const code = readChipCode(value);
    if (!code.ok) return fail(undefined);
    const microhenry = Number((code.value * 1e-6).toPrecision(6));
    return /^\d\d0$/.test(value)
      ? doubtful(Number((Number(value) * 1e-6).toPrecision(6)))
      : sure(microhenry, letter);
  }
  if (/^\d+([.,]\d+)?$/.test(text))
    return fail(said('lists.value.hasNoUnitWriteItWithOne', { text, example: '100uH' }));
  const { value, letter } = splitLetter(text);
  const parsed = parseQuantity(value, 'henry');
  return parsed.ok ? sure(parsed.value, letter) : parsed;
};

const readHertz: Reader = (text) => {
  // A crystal without a unit is in megahertz; 32.768 and 32768 are the clock crystal (common practice).
  if (/^\d{1,3}([.,]\d{1,6})?$/.test(text)) {
    const number = Number(text.replace(',', '.'));
    return sure(Math.round(number * (Math.abs(number - 32.768) < 1e-9 ? 1e3 : 1e6)));
  }
  if (/^\d{5,9}$/.test(text)) return sure(Number(text));
  const parsed = parseQuantity(text.replace(/(\d)M$/, '$1MHz'), 'hertz');
  return parsed.ok ? sure(parsed.value) : parsed;
};

const readers: Readonly<Record<AmountUnit, Reader>> = {
  ohm: readOhm,
  farad: readFarad,
  henry: readHenry,
  hertz: readHertz,
  volt: (text) => {
    const parsed = parseQuantity(text.replace(/^(\d+)V(\d+)$/i, '$1.$2V'), 'volt');
    return parsed.ok ? sure(parsed.value) : parsed;
  },
};

/** But for `470u/25`, where volts stand behind it. */
const strokes = /(?<!\d[pnuµμF]{0,2})\/|\/(?!\d{1,3}(?:\s|$))/g;

/** The first run of words in a description that is a value of the unit; written units come before bare numbers. */
export function findAmount(
  family: Pick<PartFamily, 'id' | 'valueKind' | 'mount'>,
  description: string,
): Result<ReadAmount, Said> {
  const { valueKind } = family;
  if (typeof valueKind !== 'object') return fail(said('lists.value.suchAPartHasNoValueIn'));
  const { unit } = valueKind;
  // A comma between digits is a decimal comma; any other parts words.
  const words = withoutExtras(description, unit)
    .replace(unit === 'farad' ? strokes : /\//g, ' ')
    .replace(/[();_]/g, ' ')
    .replace(/,(?!\d)|:(?=\s|$)/g, ' ')
    .split(/\s+/)
    .filter((word) => word !== '');
  const candidates = words.flatMap((word, index) => {
    const next = words[index + 1] ?? '';
    return /^[\d.,]/.test(word) && /^[^\d\s]/.test(next) ? [`${word}${next}`, word] : [word];
  });
  const reads = (word: string) => {
    const found = readers[unit](word, family);
    return found.ok && plausible(unit, found.value.amount, word).ok ? found : undefined;
  };
  const isBare = (word: string) => /^\d+([.,]\d+)?$/.test(word);
  const all = (isMeant: (word: string) => boolean) =>
    candidates.filter(isMeant).flatMap((word) => reads(word)?.value ?? []);
  const written = all((word) => /\d/.test(word) && !isBare(word));
  const [found, ...others] =
    written.length > 0 ? written : all((word) => isBare(word) && mayBeBare(unit, word));
  // “220 or 470”: the first one is as good a guess as any, and no more than that.
  const isOneOfSeveral = others.some(({ amount }) => amount !== found?.amount);
  // A bare number that no series has may be that of a type: “trimmer 3296”.
  const isOdd = written.length === 0 && unit === 'ohm' && found && !isMadeIn(found.amount);
  return found
    ? ok(isOneOfSeveral || isOdd ? { ...found, isDoubtful: true } : found)
    : fail(said('lists.value.noValueWriteOneLike', { example: examples[unit] }));
}

/** In a series of IEC 60063, or with two figures at most, as potentiometers have them. */
const isMadeIn = (ohm: number): boolean =>
  Number(ohm.toPrecision(2)) === ohm || coarsestSeries(ohm) !== undefined;

const mayBeBare = (unit: AmountUnit, word: string) =>
  unit === 'ohm' ? /^\d+$/.test(word) : unit === 'hertz' || word.length >= 3;
