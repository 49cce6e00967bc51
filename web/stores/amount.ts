import { moneyWords } from '#core/stores/money';
import { localeNow } from '../app/languages.ts';
import { useStores } from './StoresFrame.tsx';

/** Writes cents as the language that is spoken does, in the currency of the site. */
export type Amount = (cents: number) => string;

export function useAmount(): Amount {
  const { currency } = useStores();
  return (cents) => moneyWords(cents, currency, localeNow());
}
