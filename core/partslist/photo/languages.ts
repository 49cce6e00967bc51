/** Languages that sheets can be read in, by the names of the reader’s data; codes are read as English in all. */
export const sheetLanguages = ['eng', 'deu', 'spa', 'chi_sim'] as const;
export type SheetLanguage = (typeof sheetLanguages)[number];

/** The language of a sheet where nothing is said: that of the person who reads it. */
export const sheetLanguageOf = (tongue: string): SheetLanguage =>
  (({ de: 'deu', es: 'spa', zh: 'chi_sim' }) as const)[tongue.slice(0, 2) as 'de'] ?? 'eng';

/** What a reader of words is told to know: Latin letters are in every language of them, Chinese sheets have both. */
export const readerLanguages = (language: SheetLanguage): readonly SheetLanguage[] =>
  language === 'chi_sim' ? ['chi_sim', 'eng'] : [language];
