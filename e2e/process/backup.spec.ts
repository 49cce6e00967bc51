import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { type Browser, expect, type Page, test } from '@playwright/test';
import { demoPassphrase, demoWorkshops } from '../../demo/scenario';
import { expectAccessible } from '../fixtures';
import { copyDemo, type Program, startProgram } from './program';

let folder: string;
const running: Program[] = [];

test.beforeEach(() => {
  test.slow();
  folder = mkdtempSync(join(tmpdir(), 'ozzet-backup-'));
});
test.afterEach(async () => {
  await Promise.all(running.splice(0).map((program) => program.end('SIGTERM')));
  rmSync(folder, { recursive: true, force: true });
});

async function signedIn(
  browser: Browser,
  name: string,
  args: readonly string[],
  enter: readonly [path: string, passphrase: string],
): Promise<Page> {
  const program = await startProgram(join(folder, name), args);
  running.push(program);
  const page = await (
    await browser.newContext({ baseURL: program.address, reducedMotion: 'reduce' })
  ).newPage();
  const [path, passphrase] = enter;
  const answer = await page.request.post(path, { data: { passphrase } });
  expect(answer.status()).toBe(200);
  return page;
}

test('a site is saved as one file, and put back on an empty one', async ({ browser }) => {
  copyDemo(join(folder, 'full'));
  const full = await signedIn(browser, 'full', ['--demo'], ['/api/session', demoPassphrase]);
  await full.goto('/site/backup');
  // The one of today is made at the start.
  await expect(async () => {
    await full.reload();
    await expect(full.getByRole('link', { name: 'Download' })).toHaveCount(1);
  }).toPass();
  await full.getByLabel('Passphrase of the file').fill('three old anchors');
  const [download] = await Promise.all([
    full.waitForEvent('download'),
    full.getByRole('button', { name: 'Save backup' }).click(),
  ]);
  const file = join(folder, download.suggestedFilename());
  await download.saveAs(file);
  await expectAccessible(full);

  const empty = await signedIn(browser, 'empty', [], ['/api/setup', 'a new computer']);
  await empty.goto('/site/backup');
  await expect(empty.getByText(/One file holds everything: 0 kits, 0 workshops/)).toBeVisible();
  await empty.getByLabel('Backup file').setInputFiles(file);
  await expect(empty.getByText('This backup is encrypted. Type its passphrase.')).toBeVisible();
  await empty.getByLabel('Passphrase of this file').fill('three old anchors');
  await empty.getByRole('button', { name: 'Show what it holds' }).click();
  const told = empty.getByText(new RegExp(`The file holds .*, ${demoWorkshops.length} workshops`));
  await expect(told).toBeVisible({ timeout: 30_000 });
  await expectAccessible(empty);
  await empty.getByRole('button', { name: 'Restore, and replace everything here' }).click();
  await expect(empty.getByRole('heading', { name: 'Workshops', level: 1 })).toBeVisible({
    timeout: 60_000,
  });
  await expect(empty.getByRole('link', { name: 'Evening course 3: Fern Minder' })).toBeVisible();
  // The passphrases are those of the backup.
  const entered = await empty.request.post('/api/session', {
    data: { passphrase: demoPassphrase },
  });
  expect(entered.status()).toBe(200);
});
