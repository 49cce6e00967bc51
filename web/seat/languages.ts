import i18next from 'i18next';
import type { Words } from '#core/words/words';

/** The languages of a learner’s seat, each by its own name; another is a catalogue and a line here. */
export const languages = [
  { id: 'en', name: 'English', locale: 'en-GB' },
  {
    id: 'de',
    name: 'Deutsch',
    locale: 'de',
    words: () => import('#core/words/de').then((it) => it.german),
  },
  {
    id: 'es',
    name: 'Español',
    locale: 'es',
    words: () => import('#core/words/es').then((it) => it.spanish),
  },
] as const satisfies readonly {
  readonly id: string;
  readonly name: string;
  /** By which days and hours are written (BCP 47). */
  readonly locale: string;
  readonly words?: () => Promise<Words>;
}[];

export type Language = (typeof languages)[number]['id'];

const key = 'ozzet.language';

const known = (id: string | null): Language | undefined =>
  languages.find((language) => language.id === id)?.id;

/** The language chosen on this device; else the browser’s own, where the seat speaks it. */
export const chosenLanguage = (): Language =>
  known(localStorage.getItem(key)) ?? known(navigator.language.slice(0, 2)) ?? 'en';

/** How days and hours are written in the language that the seat speaks. */
export const localeNow = (): string =>
  languages.find(({ id }) => id === i18next.language)?.locale ?? 'en-GB';

/** Shows the seat in a language; where its words cannot be loaded, the seat stays as it is. */
export async function speak(id: Language): Promise<void> {
  const language = languages.find((one) => one.id === id);
  if (language && 'words' in language && !i18next.hasResourceBundle(id, 'translation')) {
    try {
      i18next.addResourceBundle(id, 'translation', await language.words());
    } catch {
      return;
    }
  }
  await i18next.changeLanguage(id);
  document.documentElement.lang = id;
}

export async function choose(id: Language): Promise<void> {
  localStorage.setItem(key, id);
  await speak(id);
}
