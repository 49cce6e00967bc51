import i18next from 'i18next';

/** The languages of the pages, each by its own name; another is a folder in `locales` and a line here. */
export const languages = [
  { id: 'en', name: 'English', locale: 'en-GB' },
  { id: 'de', name: 'Deutsch', locale: 'de' },
  { id: 'es', name: 'Español', locale: 'es' },
] as const satisfies readonly {
  readonly id: string;
  readonly name: string;
  /** By which days, hours and numbers are written (BCP 47). */
  readonly locale: string;
}[];

export type Language = (typeof languages)[number]['id'];

const known = (id: string | null): Language | undefined =>
  languages.find((language) => language.id === id)?.id;

/** Seat and instructor choose apart: one may sit at the other’s device. */
const keys = { seat: 'ozzet.language', staff: 'ozzet.staff.language' } as const;
export type Reader = keyof typeof keys;

/** The language chosen on this device; else the browser’s own, where the pages speak it. */
export const chosenLanguage = (reader: Reader): Language =>
  known(localStorage.getItem(keys[reader])) ?? known(navigator.language.slice(0, 2)) ?? 'en';

export const rememberLanguage = (reader: Reader, id: Language): void =>
  localStorage.setItem(keys[reader], id);

/** How days and hours are written in the language that is spoken. */
export const localeNow = (): string =>
  languages.find(({ id }) => id === i18next.language)?.locale ?? 'en-GB';
