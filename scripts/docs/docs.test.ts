import { expect, it } from 'vitest';
import { testDatabase } from '../../server/testing/testDatabase.ts';
import { licencesOf } from './licences.ts';
import { tablesSvg } from './tables.ts';

// `npm run docs` writes both files anew.

it('the picture of the tables is that of the migrations', async () => {
  const db = await testDatabase('empty');
  await expect(await tablesSvg(db)).toMatchFileSnapshot('../../docs/tables.svg');
  await db.close();
});

it('the licences are those of what ships', async () => {
  await expect(licencesOf(process.cwd())).toMatchFileSnapshot('../../docs/LICENCES.md');
});
