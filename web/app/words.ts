import i18next from 'i18next';
import { initReactI18next } from 'react-i18next';
import { tradeEnglish } from '#core/words/trade.en';
import { practiceEnglish } from '../practice/words.en.ts';
import { seatEnglish } from '../seat/words.en.ts';

/**
 * Loads the catalogue of what a learner reads at the bench: the trade's words and the seat's own. Those of the trainers
 * come with them: installDrillWords.
 */
export function installWords(): void {
  void i18next.use(initReactI18next).init({
    lng: 'en',
    fallbackLng: 'en',
    resources: {
      en: { translation: { ...tradeEnglish, seat: seatEnglish, practice: practiceEnglish } },
    },
    // React escapes what it shows.
    interpolation: { escapeValue: false },
    returnObjects: true,
    showSupportNotice: false,
  });
}
