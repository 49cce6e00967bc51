import { describe, expect, it } from 'vitest';
// @ts-expect-error a script, which has no types
import { namesOf, readCatalogue } from './translate/catalogues.mjs';
// @ts-expect-error a script, which has no types
import { fromXliff, toXliff } from './translate/xliff.mjs';

const german: string = await toXliff('de');
const replaced = (from: string | RegExp, to: string) => fromXliff(german.replace(from, to));

describe('texts for translators', () => {
  // XLIFF 2.0, 4.2: the root names both languages, a unit has its source and target.
  it('go out as XLIFF 2.0 with their place and a picture', () => {
    expect(german).toContain('<xliff xmlns="urn:oasis:names:tc:xliff:document:2.0" version="2.0"');
    expect(german).toContain('srcLang="en" trgLang="de"');
    expect(german).toMatch(
      /<unit id="lists\.columnChoice\.[\w.]+">\s*<notes>\s*<note>in web\/lists\/ColumnChoice\.tsx, shown in docs\/screenshots\/kits-import\.png/,
    );
  });

  it.each(['de', 'es'])('come in again as they were: %s', async (language) => {
    const { catalogues, language: into } = await fromXliff(await toXliff(language));
    expect(into).toBe(language);
    for (const name of namesOf(language)) {
      expect(catalogues[name]).toEqual(readCatalogue(language, name));
    }
  });

  it('are taken as somebody changed them', async () => {
    const { catalogues } = await replaced('<target>Eingang</target>', '<target>Zugang</target>');
    expect(JSON.stringify(catalogues)).toContain('"Zugang"');
  });

  it.each([
    ['a blank that is lost', /(<target>[^<]*){{kit}}/, '$1Bausatz', /keep .*{{kit}}.* as they are/],
    ['a text that is empty', /<target>Eingang<\/target>/, '<target></target>', /Translate it/],
    ['a key that is none', 'id="exports.move.in"', 'id="exports.move.inn"', /no such text/],
    ['no XLIFF', /^[\s\S]*$/, 'hello', /not XLIFF|not from English/],
  ])('are refused with %s, by their name', async (_, from, to, told) => {
    await expect(replaced(from, to)).rejects.toThrow(told);
  });
});
