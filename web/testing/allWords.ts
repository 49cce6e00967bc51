import { drillsEnglish } from '#core/words/drills.en';
import { staffEnglish } from '#core/words/staff.en';
import { tradeEnglish } from '#core/words/trade.en';
import { addWords, installWords } from '../app/words.ts';

const catalogues = import.meta.glob<object>(['../../locales/*/*.json', '!**/language.json'], {
  import: 'default',
  eager: true,
});
/** What English says in its definition records. */
const extracted = /\/en\/(families|trade|staff|drills)\.json$/;

/** Installs every word of every language at once. */
export function installAllWords(): void {
  installWords({ trade: tradeEnglish, drills: drillsEnglish, staff: staffEnglish });
  for (const [file, words] of Object.entries(catalogues)) {
    if (!extracted.test(file)) addWords(file.split('/').at(-2) ?? '', words);
  }
}
