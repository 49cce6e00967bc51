import { localeNow } from '../app/languages.ts';

/** A figure with so many decimals, as the reader's language writes it: `12.5`, `12,5`. */
export const decimal = (value: number, decimals: number): string =>
  new Intl.NumberFormat(localeNow(), {
    minimumFractionDigits: decimals,
    maximumFractionDigits: decimals,
  }).format(value);

/** A number as it stands in a field to be typed over: all its figures, no marks between thousands. */
export const typedNumber = (value: number): string =>
  new Intl.NumberFormat(localeNow(), { maximumSignificantDigits: 15, useGrouping: false }).format(
    value,
  );

/** A number as somebody typed it, with a comma or a point; null where it is none. */
export function numberTyped(text: string): number | null {
  const plain = text.trim().replace(',', '.');
  const value = Number(plain);
  return plain === '' || !Number.isFinite(value) ? null : value;
}
