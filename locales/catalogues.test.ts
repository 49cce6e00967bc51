import i18next from 'i18next';
import { describe, expect, it } from 'vitest';
import { allTexts, cataloguesOf, languageFolders, textsOf } from './testing/catalogues.ts';

const english = allTexts('en');
/** What is filled in, and which tags stand around what. */
const marksIn = (text: string) =>
  [...text.matchAll(/{{(\w+)}}|<\/?\w+\/?>/g)].map(([mark]) => mark).sort();
/** Languages count in their own ways (CLDR): what one has under `_many` stands in English under `_other`. */
const plural = /_(zero|one|two|few|many|other)$/;
const counted = (key: string) => key.replace(plural, '');
const englishFor = (key: string) =>
  english.get(key) ?? english.get(`${counted(key)}_other`) ?? english.get(counted(key));

describe.each(languageFolders.filter((language) => language !== 'en'))(
  'the words of %s',
  (language) => {
    const own = allTexts(language);
    const keys = new Set([...own.keys()].map(counted));

    it('stand in the same files as those of English', () => {
      expect(cataloguesOf(language)).toEqual(cataloguesOf('en'));
    });

    it('are all there', () => {
      expect([...english.keys()].filter((key) => !keys.has(counted(key)))).toEqual([]);
    });

    it('fill in the same, with the same tags', () => {
      for (const [key, text] of own) {
        const original = englishFor(key);
        expect(original, `${key} is no text of English`).toBeDefined();
        expect(marksIn(text), key).toEqual(marksIn(original ?? ''));
      }
    });

    it('are translated: no sentence is that of English', () => {
      const same = [...own].filter(
        ([key, text]) =>
          text === englishFor(key) &&
          (text.replace(/{{\w+}}/g, '').match(/\p{L}{3,}/gu)?.length ?? 0) > 3,
      );
      expect(same.map(([key]) => key)).toEqual([]);
    });

    it('count with every form that the language has', () => {
      const forms = new Intl.PluralRules(language).resolvedOptions().pluralCategories;
      // Of the forms for millions no sentence here has need.
      const needed = forms.filter((form) => form !== 'many');
      for (const key of own.keys()) {
        if (!plural.test(key)) continue;
        for (const form of needed)
          expect(own.has(`${counted(key)}_${form}`), `${counted(key)}_${form}`).toBe(true);
      }
    });
  },
);

describe('catalogues', () => {
  it('share no key: each text has one place', () => {
    const places = new Map<string, string>();
    for (const catalogue of cataloguesOf('en')) {
      for (const key of textsOf('en', catalogue).keys()) {
        expect(places.get(key), key).toBeUndefined();
        places.set(key, catalogue);
      }
    }
  });

  it('count joints as the languages do', async () => {
    const speaker = i18next.createInstance();
    await speaker.init({
      resources: Object.fromEntries(
        languageFolders.map((language) => [
          language,
          { translation: Object.fromEntries(allTexts(language)) },
        ]),
      ),
      keySeparator: false,
      showSupportNotice: false,
    });
    const joints = (language: string, count: number) =>
      speaker.t('step.joints', { lng: language, count });
    expect([joints('en', 1), joints('en', 4)]).toEqual(['1 joint', '4 joints']);
    expect([joints('de', 1), joints('de', 4)]).toEqual(['1 Lötstelle', '4 Lötstellen']);
    expect([joints('es', 1), joints('es', 4)]).toEqual(['1 soldadura', '4 soldaduras']);
  });
});
