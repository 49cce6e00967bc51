/**
 * For translators: every text of a language as XLIFF 2.0, out and in again.
 *
 *   npm run translate -- out de de.xlf
 *   npm run translate -- in de.xlf
 */
import { readFileSync, writeFileSync } from 'node:fs';
import { say, stop } from './prepare.mjs';
import { writeCatalogue } from './translate/catalogues.mjs';
import { fromXliff, toXliff } from './translate/xliff.mjs';

const [way, ...rest] = process.argv.slice(2);
try {
  if (way === 'out' && rest.length === 2) {
    const [language, file] = rest;
    writeFileSync(file, await toXliff(language));
    say(`Wrote ${file}.`);
  } else if (way === 'in' && rest.length === 1) {
    const { language, catalogues } = await fromXliff(readFileSync(rest[0], 'utf8'));
    for (const [name, words] of Object.entries(catalogues)) writeCatalogue(language, name, words);
    say(`Took ${Object.keys(catalogues).length} catalogues into locales/${language}.`);
  } else stop('Write “out LANGUAGE FILE” or “in FILE”.');
} catch (error) {
  stop(error.message);
}
