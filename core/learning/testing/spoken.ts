import i18next, { type TFunction } from 'i18next';
import { german } from '../../words/de.ts';
import { english } from '../../words/en.ts';
import { spanish } from '../../words/es.ts';
import { saying } from '../../words/sayings.ts';
import type { Said } from '../said.ts';

const speaker = i18next.createInstance();
void speaker.init({
  resources: {
    en: { translation: english },
    de: { translation: german },
    es: { translation: spanish },
  },
  interpolation: { escapeValue: false },
  showSupportNotice: false,
});

/** Every language that a learner can choose; none falls back on another one here. */
export const tongues: Readonly<Record<'en' | 'de' | 'es', TFunction>> = {
  en: speaker.getFixedT('en'),
  de: speaker.getFixedT('de'),
  es: speaker.getFixedT('es'),
};

export const inEnglish = (one: Said): string => saying(tongues.en, one);
