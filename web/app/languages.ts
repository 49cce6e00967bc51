import i18next from 'i18next';

/** What the folder of a language says of it. */
interface LanguageFolder {
  /** By its own name. */
  readonly name: string;
  /** By which days, hours and numbers are written (BCP 47). */
  readonly locale: string;
  readonly direction: 'ltr' | 'rtl';
  /** Not offered: it is there for trying every page in a language that is long, accented and written from the right. */
  readonly hidden?: true;
}

const folders = import.meta.glob<LanguageFolder>('../../locales/*/language.json', {
  import: 'default',
  eager: true,
});

/** The languages of the pages: another one is a folder in `locales`. English, in which everything is written, comes first. */
export const languages = Object.entries(folders)
  .map(([file, folder]) => ({ id: file.split('/').at(-2) ?? '', ...folder }))
  .sort((a, b) => Number(b.id === 'en') - Number(a.id === 'en') || a.id.localeCompare(b.id));

const known = (id: string | null): string | undefined =>
  languages.find((language) => language.id === id)?.id;

/** Those that a reader can choose. */
export const offeredLanguages = languages.filter(({ hidden }) => !hidden);

/** Seat and instructor choose apart: one may sit at the other’s device. */
const keys = { seat: 'ozzet.language', staff: 'ozzet.staff.language' } as const;
export type Reader = keyof typeof keys;

/** The language chosen on this device, if need be at its seat; else the browser’s own, where the pages speak it. */
export const chosenLanguage = (reader: Reader): string =>
  known(localStorage.getItem(keys[reader])) ??
  known(localStorage.getItem(keys.seat)) ??
  known(navigator.language.slice(0, 2)) ??
  'en';

export const rememberLanguage = (reader: Reader, id: string): void =>
  localStorage.setItem(keys[reader], id);

/** The language that is spoken now. */
export const languageNow = () => languages.find(({ id }) => id === i18next.language);

/** How days and hours are written in the language that is spoken. */
export const localeNow = (): string => languageNow()?.locale ?? 'en-GB';
