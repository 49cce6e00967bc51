import { typeByNumber } from '../../parts/types/findType.ts';
import { parseQuantity } from '../../quantity/parseQuantity.ts';
import { isPreferred, mantissa, type SeriesId } from '../../quantity/series.ts';
import type { UnitId } from '../../quantity/unit.ts';
import { variants } from './confusions.ts';

/** What the rest of the row says of a value. */
export interface ValueBeside {
  /** The letters of the row’s places, where they could be read. */
  readonly letters?: string | undefined;
  /** Its other words. */
  readonly words: string;
  /** Values from 1 to below 10 that its kind of part has beside the preferred ones. */
  readonly alsoValues?: readonly number[];
}

/** Voltages that capacitors are made for (IEC 60063 series R5 with the usual 35, 50, 450 V; common practice). */
const ratedVolts: ReadonlySet<number> = new Set([
  4, 6.3, 10, 16, 25, 35, 40, 50, 63, 100, 160, 200, 250, 400, 450, 630,
]);
/** Rolled electrolytics are not made smaller than this, in farad (common practice). */
const leastElectrolytic = 1e-7;

const unitOf: Readonly<Record<string, UnitId>> = {
  R: 'ohm',
  RV: 'ohm',
  VR: 'ohm',
  P: 'ohm',
  C: 'farad',
  L: 'henry',
  Y: 'hertz',
};

/** Whether parts of the row’s kind have an amount for a value. */
export const hasAmount = ({ letters }: ValueBeside): boolean =>
  letters !== undefined && letters in unitOf;

/** Whether a value is one that the trade knows: a preferred amount, a voltage, a tolerance, the number of a type. */
export function isKnownValue(text: string, beside: ValueBeside): boolean {
  const pieces = text
    .replace(/(\d)\s+(?=(?:[kM]?Ω|[kM]?ohms?|[pnuµm]?F|[kM]?Hz)\b|Ω)/gi, '$1')
    .split(/[\s/]+/);
  return (
    pieces.every((piece) => isKnownPiece(piece, beside)) && pieces.some((piece) => piece !== '')
  );
}

function isKnownPiece(piece: string, { letters, words }: ValueBeside): boolean {
  if (/^[±]?(?:0[.,]5|1|2|5|10|20)\s?%$/.test(piece)) return true;
  const volt = /^(\d{1,3}(?:[.,]\d)?)V$/.exec(piece);
  if (volt) return ratedVolts.has(Number(volt[1]?.replace(',', '.')));
  const unit = unitOf[letters ?? ''];
  if (unit) {
    const amount = parseQuantity(piece, unit);
    if (!amount.ok) return unit === 'farad' && isCapacitorCode(piece);
    // A bare number of farads is a code or nothing.
    if (unit === 'farad' && /^\d+$/.test(piece)) return isCapacitorCode(piece);
    return (
      isMade(amount.value, unit) &&
      !(unit === 'farad' && isElectrolytic(words) && amount.value < leastElectrolytic)
    );
  }
  const type = typeByNumber(piece);
  return type !== undefined && piece.replace(/[\s-]/g, '').length > 2;
}

/** Round values of old resistors and of anything that turns, besides the preferred ones (common practice). */
const roundValues: readonly number[] = [1, 2, 2.5, 5];

const isMade = (amount: number, unit: UnitId): boolean =>
  unit === 'ohm'
    ? isPreferred(amount, 'E24') ||
      isPreferred(amount, 'E96') ||
      roundValues.includes(mantissa(amount))
    : isPreferred(amount, 'E12');

/** Two figures of a preferred value and the number of zeros, in pF (IEC 60062). */
function isCapacitorCode(piece: string): boolean {
  const code = /^(\d\d)([0-6])$/.exec(piece);
  return code !== null && isPreferred(Number(code[1]) * 10 ** Number(code[2]), 'E24');
}

const isElectrolytic = (words: string): boolean =>
  /ele[ck]trol|\belko|电解/i.test(words.normalize('NFD').replace(/\p{M}/gu, ''));

/** Whether a text is an amount of what the row’s kind of part has, be it a usual one or not. */
export const isAmount = (text: string, { letters }: ValueBeside): boolean => {
  const unit = unitOf[letters ?? ''];
  return unit !== undefined && parseQuantity(text, unit).ok;
};

export interface KnownVariant {
  readonly text: string;
  /** How many of its signs were taken for others. */
  readonly changes: number;
}

/** What is known among what a text can be taken for, fewest changes first: the nearest, and those one change further. */
export function knownVariants(text: string, beside: ValueBeside): readonly KnownVariant[] {
  const known: KnownVariant[] = [];
  for (const [variant, changes] of variants(text)) {
    if (changes > (known[0]?.changes ?? 1) + 1) break;
    // Of a short text two changes leave nothing.
    if (changes > 1 && text.length < 5) break;
    if (isKnownValue(variant, beside)) known.push({ text: variant, changes });
  }
  return known;
}

/** Series that nearly all parts of kits are in, by the unit of their value (common practice). */
const usualSeries: Readonly<Partial<Record<UnitId, SeriesId>>> = { ohm: 'E12', farad: 'E6' };
/** Electrolytics below this are rare, in farad (common practice). */
const usualElectrolytic = 1e-6;

/**
 * The far more usual value that a rare one can as well be: 16 k, where a 0 with a dot in it was taken for a 6; 220 nF of
 * an electrolytic, where a µ was taken for an n.
 */
export function usualDouble(text: string, beside: ValueBeside): string | undefined {
  const unit = unitOf[beside.letters ?? ''];
  const usual = unit && usualSeries[unit];
  if (!unit || !usual) return undefined;
  const isUsual = (one: string) => {
    const amount = parseQuantity(one.split(/(?<![\s/])[\s/]+(?=[\d±])/)[0] ?? '', unit);
    if (!amount.ok || (unit === 'farad' && /^\d+$/.test(one))) return isKnownValue(one, beside);
    const isSmall = isElectrolytic(beside.words) && amount.value < usualElectrolytic;
    return (
      !(unit === 'farad' && isSmall) &&
      (isPreferred(amount.value, usual) ||
        (beside.alsoValues?.includes(mantissa(amount.value)) ?? false))
    );
  };
  if (isUsual(text)) return undefined;
  const near = [...variants(text)].filter(([, changes]) => changes === 1).map(([one]) => one);
  // A µ that touches its neighbours can look like either.
  return [...near, text.replace(/[np](?=F|$|\s)/, 'µ')].find(
    (one) => one !== text && isUsual(one) && isKnownValue(one, beside),
  );
}

/** As the trade writes it, where print leaves no choice: `470 Q` is 470 Ω, `10UF` 10uF, `IN4148` 1N4148. */
export function inTradeSigns(read: string, { letters }: ValueBeside): string {
  const unit = unitOf[letters ?? ''];
  const text = read
    .trim()
    .replace(/^[“"'‘_]+|(?<![.,;'"’”_])[.,;'"’”_]+$/g, '')
    .replace(/μ/g, 'µ');
  // Readers of print have not learnt the Ω.
  if (unit === 'ohm') {
    return text.replace(/(\d[kM]?)\s+[Q0OoA2nqa©]$/, '$1 Ω').replace(/^[iIl|](?=[kM]\d?$)/, '1');
  }
  if (unit === 'farad') {
    return text.replace(
      /(\d)\s?([UNP])F/g,
      (_, digit: string, prefix: string) => `${digit}${prefix.toLowerCase()}F`,
    );
  }
  if (unit) return text;
  const diode = text.replace(/^[Il1]{1,2}[Nn](?=\d{3})/, '1N');
  const found = typeByNumber(diode);
  // A single small letter among capitals was misread; ATtiny85 is written so.
  const isOneSmall = (diode.match(/[a-z]/g) ?? []).length === 1;
  return found && isOneSmall && !/[a-z]/.test(found.type.number) ? diode.toUpperCase() : diode;
}
