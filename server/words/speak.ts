import i18next, { type TFunction } from 'i18next';
import type { Said } from '#core/learning/said';
import { withDecimals } from '#core/words/decimals';
import { saying } from '#core/words/sayings';

/** Every catalogue of every language, by its file. */
const catalogues = import.meta.glob<object>(['../../locales/*/*.json', '!**/language.json'], {
  import: 'default',
  eager: true,
});

/** What the folder of each language says of it. */
const folders = import.meta.glob<{ readonly locale: string }>('../../locales/*/language.json', {
  import: 'default',
  eager: true,
});

const languageOf = (file: string): string => file.split('/').at(-2) ?? '';

/** By which days and numbers are written (BCP 47), by language. */
const locales: ReadonlyMap<string, string> = new Map(
  Object.entries(folders).map(([file, { locale }]) => [languageOf(file), locale]),
);

/** How a language is spoken on paper and in files. */
export interface Speaker {
  readonly language: string;
  readonly locale: string;
  readonly t: TFunction;
  /** Numbers of a text as the language writes them. */
  readonly decimals: (text: string) => string;
}

function speakerOf(language: string): Speaker {
  const speaker = i18next.createInstance();
  void speaker.init({
    lng: language,
    fallbackLng: 'en',
    resources: {},
    initAsync: false,
    interpolation: {
      // Nothing here is HTML; numbers are written as the language does.
      escapeValue: true,
      useRawValueToEscape: true,
      escape: (value: unknown) => withDecimals(String(value), language),
    },
    returnObjects: true,
    showSupportNotice: false,
  });
  for (const [file, words] of Object.entries(catalogues)) {
    const of = languageOf(file);
    if (of === language || of === 'en') {
      speaker.addResourceBundle(of, 'translation', words, true, true);
    }
  }
  return {
    language,
    locale: locales.get(language) ?? 'en-GB',
    t: speaker.t,
    decimals: (text) => withDecimals(text, language),
  };
}

const speakers = new Map<string, Speaker>();

/** A language by its name; English where there is none of that name. */
export function speak(asked: unknown): Speaker {
  const language = typeof asked === 'string' && locales.has(asked) ? asked : 'en';
  const speaker = speakers.get(language) ?? speakerOf(language);
  speakers.set(language, speaker);
  return speaker;
}

/** A sentence that is data, for other programs and for the log. */
export const inEnglish = (sentence: Said): string => saying(speak('en').t, sentence);
