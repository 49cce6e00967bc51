/** An ISO 4217 code; null where nobody has said what amounts are in. */
export type Currency = string | null;

/** Every currency that amounts can be written in, as the platform knows them (ISO 4217), in their order. */
export const currencies = (): readonly string[] => Intl.supportedValuesOf('currency');

/** Cents as a plain figure, as files for other programs have it. */
export const money = (cents: number): string => (cents / 100).toFixed(2);

/**
 * Cents as the language that is spoken writes an amount, with the sign of the currency where one is known.
 *
 * @param locale BCP 47
 */
export function moneyWords(cents: number, currency: Currency, locale: string): string {
  return new Intl.NumberFormat(locale, {
    minimumFractionDigits: 2,
    maximumFractionDigits: 2,
    // Signs between thousands differ, and are read as decimals by some.
    useGrouping: false,
    ...(currency === null ? {} : { style: 'currency', currency }),
  }).format(cents / 100);
}

/** An amount as people write it, in cents; undefined where it is none. */
export function readMoney(text: string): number | undefined {
  const plain = text.trim().replace(',', '.');
  return /^\d{1,7}(\.\d{1,2})?$/.test(plain) ? Math.round(Number(plain) * 100) : undefined;
}
