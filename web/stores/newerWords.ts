import type { TFunction } from 'i18next';
import type { StockItem } from '#contract/stores';
import { stockName } from '#core/words/stockWords';

/** What somebody else has made of a drawer since it was opened, and what saving again would do. */
export function newerWords(t: TFunction, opened: StockItem, now: StockItem): string {
  const differs = [
    stockName(t, opened.part) === stockName(t, now.part) ? '' : `it is ${stockName(t, now.part)}`,
    opened.location === now.location ? '' : `it lies in “${now.location}”`,
    opened.minimum === now.minimum ? '' : `the least number is ${now.minimum}`,
    JSON.stringify(opened.offers) === JSON.stringify(now.offers) ? '' : 'its offers are others',
  ].filter(Boolean);
  const told = differs.length > 0 ? `Now ${differs.join(', ')}. ` : '';
  return `${told}Save again to put yours in its place.`;
}
