import type { TFunction } from 'i18next';
import type { StockItem } from '#contract/stores';
import { stockName } from '#core/words/stockWords';

/** What somebody else has made of a drawer since it was opened, and what saving again would do. */
export function newerWords(t: TFunction, opened: StockItem, now: StockItem): string {
  const differs = [
    stockName(t, opened.part) === stockName(t, now.part)
      ? ''
      : t('stores.newerWords.itIs', { stockName: stockName(t, now.part) }),
    opened.location === now.location
      ? ''
      : t('stores.newerWords.itLiesIn', { location: now.location }),
    opened.minimum === now.minimum
      ? ''
      : t('stores.newerWords.theLeastNumberIs', { minimum: now.minimum }),
    JSON.stringify(opened.offers) === JSON.stringify(now.offers)
      ? ''
      : t('stores.newerWords.itsOffersAreOthers'),
  ].filter(Boolean);
  return [
    differs.length > 0 && t('stores.newerWords.now', { differs: differs.join(', ') }),
    t('stores.newerWords.saveAgainToPutYoursIn'),
  ]
    .filter(Boolean)
    .join(' ');
}
