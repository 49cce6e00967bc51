import { createInstance, type TFunction } from 'i18next';
import { tradeEnglish } from '#core/words/trade.en';

const instance = createInstance();
await instance.init({
  lng: 'en',
  resources: { en: { translation: tradeEnglish } },
  interpolation: { escapeValue: false },
  returnObjects: true,
  showSupportNotice: false,
});

/** The words of the papers. */
export const t: TFunction = instance.t;
