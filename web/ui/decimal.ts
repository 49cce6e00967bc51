import { localeNow } from '../app/languages.ts';

/** A figure with so many decimals, as the reader's language writes it: `12.5`, `12,5`. */
export const decimal = (value: number, decimals: number): string =>
  new Intl.NumberFormat(localeNow(), {
    minimumFractionDigits: decimals,
    maximumFractionDigits: decimals,
  }).format(value);
