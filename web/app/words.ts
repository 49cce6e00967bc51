import i18next from 'i18next';
import { initReactI18next } from 'react-i18next';
import { english } from '#core/words/en';
import { practiceEnglish } from '../practice/words.en.ts';
import { seatEnglish } from '../seat/words.en.ts';

/** Loads the catalogue of everything a learner reads: the trade's words and the seat's own. */
export function installWords(): void {
  void i18next.use(initReactI18next).init({
    lng: 'en',
    fallbackLng: 'en',
    resources: {
      en: { translation: { ...english, seat: seatEnglish, practice: practiceEnglish } },
    },
    // React escapes what it shows.
    interpolation: { escapeValue: false },
    returnObjects: true,
    showSupportNotice: false,
  });
}
