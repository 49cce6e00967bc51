import { createInstance, type TFunction } from 'i18next';
import { english } from '#core/words/en';

const instance = createInstance();
await instance.init({
  lng: 'en',
  resources: { en: { translation: english } },
  interpolation: { escapeValue: false },
  returnObjects: true,
  showSupportNotice: false,
});

/** The words of the papers. */
export const t: TFunction = instance.t;
