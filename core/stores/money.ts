/** Cents as an amount; the currency is that of the house. */
export const money = (cents: number): string => (cents / 100).toFixed(2);

/** An amount as people write it, in cents; undefined where it is none. */
export function readMoney(text: string): number | undefined {
  const plain = text.trim().replace(',', '.');
  return /^\d{1,7}(\.\d{1,2})?$/.test(plain) ? Math.round(Number(plain) * 100) : undefined;
}
