import type { BandColour } from '../bands/colours.ts';
import { type BandCount, encodeBands, usualBandCount } from '../bands/encode.ts';
import { capacitorCode } from '../quantity/capacitorCode.ts';
import { chipCode, eia96Code } from '../quantity/chipCode.ts';
import { formatLetterCode, formatQuantity } from '../quantity/formatQuantity.ts';
import type { UnitId } from '../quantity/unit.ts';
import type { Part } from './part.ts';

/** A way of printing a value on a part; the catalogue explains each under `print.<code>`. */
export type PrintCode =
  /** Picofarads: two digits and the number of zeros (IEC 60062). */
  | 'capacitor-code'
  /** Ohms: two or three digits and the number of zeros. */
  | 'chip-3'
  | 'chip-4'
  /** Two digits for a value of E96, a letter for the power of ten. */
  | 'eia-96'
  /** The letter in place of the point (IEC 60062). */
  | 'letter-code'
  /** Written out: 10µF. */
  | 'value'
  /** Highest voltage. */
  | 'volt'
  /** Type number. */
  | 'type';

export interface Print {
  readonly code: PrintCode;
  readonly text: string;
}

/** Bands that such a part may carry. */
export interface BandMark {
  readonly count: BandCount | 1;
  readonly bands: readonly BandColour[];
  /** The number of bands that the list says, or that such a part usually has. */
  readonly usual: boolean;
}

const amountIn = ({ value }: Part, unit: UnitId) =>
  value.kind === 'amount' && value.unit === unit ? value : undefined;

/**
 * The bands painted on a resistor: as many as its line says, otherwise as many as such a resistor usually has.
 *
 * @returns in reading order; empty for what is not a resistance or cannot be said in bands
 */
export function bandsOf(part: Part): readonly BandColour[] {
  return bandMarks(part).find(({ usual }) => usual)?.bands ?? [];
}

/** The four- and five-band forms of a resistance, as far as that many bands can say it; the usual one first. */
export function bandMarks(part: Part): BandMark[] {
  const value = amountIn(part, 'ohm');
  if (!value) return [];
  const { amount: ohm, tolerancePercent, bandCount } = value;
  const usual = bandCount ?? usualBandCount(ohm, tolerancePercent ?? 5);
  const counts = [...new Set<BandCount>([usual, 4, 5])];
  return counts.flatMap((count) => {
    const bands = encodeBands(
      { ohm, tolerancePercent: tolerancePercent ?? (count >= 5 ? 1 : 5), tempcoPpm: 100 },
      count,
    );
    if (!bands.ok || (bands.value.length === 1 && count !== usual)) return [];
    return [
      { count: bands.value.length === 1 ? 1 : count, bands: bands.value, usual: count === usual },
    ];
  });
}

/** Inductors in the body of a resistor carry microhenries in the code of resistors (common practice). */
export function inductorBands(part: Part): readonly BandColour[] {
  const value = amountIn(part, 'henry');
  if (!value) return [];
  const bands = encodeBands(
    {
      ohm: Number((value.amount * 1e6).toPrecision(6)),
      tolerancePercent: value.tolerancePercent ?? 10,
    },
    4,
  );
  return bands.ok ? bands.value : [];
}

const print = (code: PrintCode, text: string | undefined): Print[] =>
  text === undefined || text === '' ? [] : [{ code, text }];

/** Small capacitors: three digits where they hold the value, else the letter code. */
export function smallCapacitorPrints(part: Part): Print[] {
  const value = amountIn(part, 'farad');
  if (!value) return [];
  return [
    ...print('capacitor-code', capacitorCode(value.amount)),
    ...print('letter-code', formatLetterCode(value.amount, 'farad')),
  ];
}

/** Cans and drops: the value written out and the highest voltage. */
export function largeCapacitorPrints(part: Part): Print[] {
  const value = amountIn(part, 'farad');
  if (!value) return [];
  return [
    ...print('value', formatQuantity(value.amount, 'farad').replace(' ', '')),
    ...print('volt', value.ratedVolt === undefined ? undefined : `${value.ratedVolt}V`),
  ];
}

/** Chip resistors: three digits for 2 % and wider, four digits or EIA-96 for narrower ones (common practice). */
export function chipResistorPrints(part: Part): Print[] {
  const value = amountIn(part, 'ohm');
  if (!value) return [];
  const three = print('chip-3', chipCode(value.amount, 3));
  const fine = [
    ...print('chip-4', chipCode(value.amount, 4)),
    ...print('eia-96', value.amount === 0 ? undefined : eia96Code(value.amount)),
  ];
  return (value.tolerancePercent ?? 5) <= 1 ? [...fine, ...three] : [...three, ...fine];
}

/** Trimmers and networks: three digits, ohms. */
export function ohmPrints(part: Part): Print[] {
  const value = amountIn(part, 'ohm');
  if (!value) return [];
  return [
    ...print('chip-3', chipCode(value.amount, 3)),
    ...print('letter-code', formatLetterCode(value.amount, 'ohm')),
  ];
}

/** The value written out, as on potentiometers and inductors. */
export function writtenPrints(part: Part): Print[] {
  return part.value.kind === 'amount'
    ? print('letter-code', formatLetterCode(part.value.amount, part.value.unit))
    : [];
}

/** Crystals: megahertz with their decimals, no unit. */
export function frequencyPrints(part: Part): Print[] {
  const value = amountIn(part, 'hertz');
  if (!value) return [];
  return print(
    'value',
    value.amount >= 1e6
      ? `${Number((value.amount / 1e6).toPrecision(6))}`
      : `${value.amount / 1e3}k`,
  );
}

/** The type number. */
export function typePrints({ value }: Part): Print[] {
  return value.kind === 'type' ? print('type', value.print) : [];
}
