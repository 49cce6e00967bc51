import { readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';

const root = join(import.meta.dirname, '..', '..');
export const localesFolder = join(root, 'locales');

const fileOf = (language, name) => join(localesFolder, language, `${name}.json`);

/** Names of the catalogues of a language, without their endings. */
export const namesOf = (language) =>
  readdirSync(join(localesFolder, language))
    .filter((file) => file.endsWith('.json') && file !== 'language.json')
    .map((file) => file.replace(/\.json$/, ''))
    .sort();

export const readCatalogue = (language, name) =>
  JSON.parse(readFileSync(fileOf(language, name), 'utf8'));

export const writeCatalogue = (language, name, words) =>
  writeFileSync(fileOf(language, name), `${JSON.stringify(words, null, 2)}\n`);

/** Every text of a catalogue as [key, text]; sentences of a list by their numbers. */
export const textsIn = (node, path = '') =>
  typeof node === 'string'
    ? [[path, node]]
    : Object.entries(node).flatMap(([key, value]) =>
        textsIn(value, path === '' ? key : `${path}.${key}`),
      );

/** The same catalogue with another text under each key that `told` has. */
export const withTexts = (node, told, path = '') => {
  if (typeof node === 'string') return told.get(path) ?? node;
  const entries = Object.entries(node).map(([key, value]) => [
    key,
    withTexts(value, told, path === '' ? key : `${path}.${key}`),
  ]);
  return Array.isArray(node) ? entries.map(([, value]) => value) : Object.fromEntries(entries);
};

/** Where in the code a text is asked for, so that a translator knows what it stands on. */
export function placesOfKeys() {
  const places = new Map();
  for (const room of ['web', 'core', 'server', 'contract']) {
    for (const file of readdirSync(join(root, room), { recursive: true, encoding: 'utf8' })) {
      if (!/\.tsx?$/.test(file) || /\.test\.|testing\//.test(file)) continue;
      const source = readFileSync(join(root, room, file), 'utf8');
      for (const [, key] of source.matchAll(/['"]([a-z][\w-]*(?:\.[\w-]+)+)['"]/g)) {
        if (!places.has(key)) places.set(key, `${room}/${file}`);
      }
    }
  }
  return places;
}

/** The picture in docs/screenshots that shows a text, by how its key begins; the longest beginning counts. */
const pictures = {
  'guide.': 'guide.png',
  'kits.': 'kits-parts.png',
  'kits.board': 'kits-board.png',
  'kits.importPage': 'kits-import.png',
  'lists.': 'kits-import.png',
  'kits.inspection': 'kits-inspection.png',
  'kits.reading': 'kits-inspection.png',
  'kits.mixUps': 'kits-mix-ups.png',
  'swap.': 'kits-mix-ups.png',
  'remedy.': 'kits-mix-ups.png',
  'kits.report': 'kits-report.png',
  'proposal.': 'kits-report.png',
  'rule.': 'kits-steps.png',
  'people.': 'people-one.png',
  'skill.': 'people-one.png',
  'practice.': 'seat-practice.png',
  'drill.': 'seat-practice.png',
  'practice.heat': 'practice-heat.png',
  'seat.': 'seat-phone.png',
  'stores.': 'stores-drawers.png',
  'stores.needs': 'stores-needs.png',
  'workshops.': 'workshop-plan.png',
  'workshops.floor': 'workshop-floor.png',
  'workshops.packPage': 'workshop-pack.png',
  'workshops.wrapUp': 'workshop-wrap-up.png',
  'workshops.workshopsPage': 'workshops.png',
};

export const pictureOf = (key) => {
  const [best] = Object.keys(pictures)
    .filter((beginning) => key.startsWith(beginning))
    .sort((a, b) => b.length - a.length);
  return best && `docs/screenshots/${pictures[best]}`;
};
