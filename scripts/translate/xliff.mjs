import { js2xliff, xliff2js } from 'xliff';
import {
  namesOf,
  pictureOf,
  placesOfKeys,
  readCatalogue,
  textsIn,
  withTexts,
} from './catalogues.mjs';

/** Languages count in their own ways: what one has under `_many` is translated from `_other`. */
const plural = /_(zero|one|two|few|many|other)$/;

const marksIn = (text) => [...text.matchAll(/{{(\w+)}}|<\/?\w+\/?>/g)].map(([mark]) => mark).sort();

/**
 * Every text of a language as XLIFF 2.0 (OASIS): English beside it, with where it stands and a picture of the page.
 *
 * @param language a folder of `locales`
 */
export async function toXliff(language) {
  const places = placesOfKeys();
  const resources = {};
  for (const name of namesOf('en')) {
    const english = new Map(textsIn(readCatalogue('en', name)));
    const units = {};
    for (const [key, target] of textsIn(readCatalogue(language, name))) {
      const other = key.replace(plural, '_other');
      const place = places.get(key.replace(plural, '').replace(/\.\d+$/, ''));
      const picture = pictureOf(key);
      const note = [place && `in ${place}`, picture && `shown in ${picture}`].filter(Boolean);
      units[key] = {
        source: english.get(key) ?? english.get(other) ?? '',
        target,
        ...(note.length > 0 ? { note: note.join(', ') } : {}),
      };
    }
    resources[name] = units;
  }
  return js2xliff({ resources, sourceLanguage: 'en', targetLanguage: language });
}

/**
 * The catalogues of a translated file: nothing is taken where anything in it is wrong.
 *
 * @returns the language and its catalogues by name
 * @throws Error that names each unit that is wrong, and what to do
 */
export async function fromXliff(xml) {
  const { resources, targetLanguage, sourceLanguage } = await xliff2js(xml).catch((error) => {
    throw new Error(`This is not XLIFF 2.0: ${error.message}. Export the file again.`);
  });
  if (sourceLanguage !== 'en' || !targetLanguage) {
    throw new Error('The file is not from English into another language. Export the file again.');
  }
  const wrong = [];
  const catalogues = {};
  for (const [name, units] of Object.entries(resources)) {
    if (!namesOf(targetLanguage).includes(name)) {
      wrong.push(`${name}: there is no such catalogue. Export the file again.`);
      continue;
    }
    const before = readCatalogue(targetLanguage, name);
    const known = new Map(textsIn(before));
    const told = new Map();
    for (const [key, { source, target }] of Object.entries(units)) {
      const text = typeof target === 'string' ? target : '';
      if (!known.has(key)) wrong.push(`${key}: there is no such text. Export the file again.`);
      else if (text.trim() === '') wrong.push(`${key}: nothing is written. Translate it.`);
      else if (marksIn(text).join() !== marksIn(String(source)).join()) {
        wrong.push(`${key}: keep ${marksIn(String(source)).join(' ')} as they are.`);
      } else told.set(key, text);
    }
    catalogues[name] = withTexts(before, told);
  }
  if (wrong.length > 0) throw new Error(wrong.join('\n'));
  return { language: targetLanguage, catalogues };
}
