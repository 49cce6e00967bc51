import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import i18next, { type TFunction } from 'i18next';
import { english } from '../../words/en.ts';
import { saying } from '../../words/sayings.ts';
import type { Said } from '../said.ts';

const locales = join(import.meta.dirname, '..', '..', '..', 'locales');
const catalogue = (language: string) =>
  Object.assign(
    {},
    ...readdirSync(join(locales, language)).map((file) =>
      JSON.parse(readFileSync(join(locales, language, file), 'utf8')),
    ),
  );

const speaker = i18next.createInstance();
void speaker.init({
  resources: {
    en: { translation: { ...catalogue('en'), ...english } },
    de: { translation: catalogue('de') },
    es: { translation: catalogue('es') },
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
