import i18next from 'i18next';
import { money } from '#core/stores/money';
import { withDecimals } from '#core/words/decimals';

/** An amount as the language that is spoken writes it. */
export const amount = (cents: number): string => withDecimals(money(cents), i18next.language);
