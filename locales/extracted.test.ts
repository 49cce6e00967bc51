import { join } from 'node:path';
import { expect, it } from 'vitest';
import { drillsEnglish } from '#core/words/drills.en';
import { staffEnglish } from '#core/words/staff.en';
import { tradeEnglish } from '#core/words/trade.en';

const { family, ...trade } = tradeEnglish;

/** What definition records say, as files for translators: `npm run docs` writes them anew. */
it.each([
  ['families', { family }],
  ['trade', trade],
  ['staff', staffEnglish],
  ['drills', drillsEnglish],
])('locales/en/%s.json is what the records say', async (name, words) => {
  await expect(`${JSON.stringify(words, null, 2)}\n`).toMatchFileSnapshot(
    join(import.meta.dirname, 'en', `${name}.json`),
  );
});
