import i18next from 'i18next';
import { initReactI18next } from 'react-i18next';
import { withDecimals } from '#core/words/decimals';
import ui from '#locales/en/ui.json';
import { languageNow } from './languages.ts';

/** Every catalogue of every language, loaded when it is wanted. */
const catalogues = import.meta.glob<object>(['../../locales/*/*.json', '!**/language.json'], {
  import: 'default',
});

/** What definition records say themselves: in English it is in the code, as `locales/en` has it for translators. */
const fromRecords: Readonly<Record<string, () => Promise<object>>> = {
  families: async () => ({}),
  trade: async () => (await import('#core/words/trade.en')).tradeEnglish,
  staff: async () => (await import('#core/words/staff.en')).staffEnglish,
  drills: async () => (await import('#core/words/drills.en')).drillsEnglish,
};

/** Files of `locales/<language>/`, by their names. */
export type CatalogueName =
  | 'app'
  | 'drills'
  | 'faults'
  | 'families'
  | 'guide'
  | 'kits'
  | 'people'
  | 'lists'
  | 'practice'
  | 'refusals'
  | 'seat'
  | 'site'
  | 'staff'
  | 'stores'
  | 'trade'
  | 'ui'
  | 'workshops';

/** Catalogues that pages have asked for, in every language that was spoken. */
const asked = new Set<CatalogueName>(['ui']);
const loaded = new Set<string>();

/**
 * Starts with English.
 *
 * @param own English catalogues that come with the code of the page
 */
export function installWords(own: Readonly<Partial<Record<CatalogueName, object>>>): void {
  void i18next.use(initReactI18next).init({
    lng: 'en',
    fallbackLng: 'en',
    resources: { en: { translation: ui } },
    interpolation: {
      // React escapes what it shows; numbers are written as the language does.
      escapeValue: true,
      useRawValueToEscape: true,
      escape: (value: unknown) => withDecimals(String(value), i18next.language),
    },
    returnObjects: true,
    showSupportNotice: false,
  });
  for (const [name, words] of Object.entries(own) as [CatalogueName, object][]) {
    addWords('en', words);
    asked.add(name);
    loaded.add(`en/${name}`);
  }
}

/** Adds words to what a language has. */
export function addWords(language: string, words: object): void {
  i18next.addResourceBundle(language, 'translation', words, true, true);
}

/** The words of a place, in the language that is spoken and in English, before the place is shown. */
export async function loadWords(...names: readonly CatalogueName[]): Promise<void> {
  for (const name of names) asked.add(name);
  const language = languageNow()?.id ?? 'en';
  await Promise.all([load('en', names), language === 'en' ? undefined : load(language, names)]);
}

/** What was chosen last: words of an earlier choice may come later. */
let chosen: string | undefined;

/** Speaks a language; where its words cannot be loaded, the page stays as it is. */
export async function speak(id: string): Promise<void> {
  chosen = id;
  try {
    await load(id, [...asked]);
  } catch {
    return;
  }
  if (chosen !== id) return;
  await i18next.changeLanguage(id);
  document.documentElement.lang = id;
  document.documentElement.dir = languageNow()?.direction ?? 'ltr';
}

async function load(language: string, names: readonly CatalogueName[]): Promise<void> {
  await Promise.all(
    names.map(async (name) => {
      const key = `${language}/${name}`;
      if (loaded.has(key)) return;
      const source =
        (language === 'en' ? fromRecords[name] : undefined) ??
        catalogues[`../../locales/${key}.json`];
      if (source) addWords(language, await source());
      loaded.add(key);
    }),
  );
}
