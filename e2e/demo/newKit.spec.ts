import { readFileSync } from 'node:fs';
import type { Page } from '@playwright/test';
import jpeg from 'jpeg-js';
import * as XLSX from 'xlsx';
import { sheetPhoto } from '../../core/partslist/photo/testing/sheetPhoto';
import { expect, expectAccessible, signIn, test } from '../fixtures';

test.beforeEach(({ page }) => signIn(page));

const create = async (page: Page, name: string) => {
  await page.getByLabel('Name of the kit').fill(name);
  await page.getByRole('button', { name: 'Create kit' }).click();
  await expect(page.getByRole('heading', { name, level: 1 })).toBeVisible();
};
const parts = (page: Page) => page.getByRole('table', { name: 'Parts' });

test('a kit is written by hand, line by line, and changed by the same hand', async ({ page }) => {
  await page.goto('/kits');
  await page.getByRole('link', { name: 'New kit' }).click();
  await page.getByRole('button', { name: 'Empty kit' }).click();
  await create(page, 'Written by hand');
  const field = page.getByLabel('Parts, one in a line');
  await field.fill('R1-R4 resistor 10k 1%');
  await expect(page.getByRole('form', { name: 'Add parts' })).toContainText('4 × 10 kΩ');
  await field.press('Enter');
  await expect(parts(page).getByRole('row').filter({ hasText: 'R1–R4' })).toContainText('10 kΩ');
  // A place that is taken is told before anything is sent.
  await field.fill('R4 470 ohm resistor');
  await expect(page.getByRole('form', { name: 'Add parts' })).toContainText('R4');
  await expect(page.getByRole('button', { name: 'Add', exact: true })).toBeDisabled();
  await field.fill('2x LED red 5 mm (D1, D2)');
  await field.press('Enter');
  await expect(parts(page).getByRole('row')).toHaveCount(3);
  await expectAccessible(page);

  await page.getByRole('checkbox', { name: 'Choose R1–R4' }).check();
  await page.getByRole('button', { name: 'Split by place' }).click();
  await expect(parts(page).getByRole('row')).toHaveCount(6);
  for (const place of ['R1', 'R2', 'R3', 'R4']) {
    await page.getByRole('checkbox', { name: `Choose ${place}`, exact: true }).check();
  }
  await page.getByRole('button', { name: 'Merge' }).click();
  await expect(parts(page).getByRole('row')).toHaveCount(3);
  await page.getByRole('checkbox', { name: 'Choose all rows' }).check();
  await page.getByRole('button', { name: 'Merge' }).click();
  await expect(page.getByText('These lines are not the same part')).toBeVisible();
  await page.getByRole('button', { name: 'Choose none' }).click();
  await page.getByRole('checkbox', { name: 'Choose D1, D2' }).check();
  await page.getByRole('button', { name: 'Delete' }).click();
  await expect(parts(page).getByRole('row')).toHaveCount(2);
  await page
    .getByRole('alert')
    .filter({ hasText: '1 line is deleted.' })
    .getByRole('button', { name: 'Undo' })
    .click();
  await expect(parts(page).getByRole('row')).toHaveCount(3);
});

test('a spreadsheet is read as it is, with its sheet, and a pasted list too', async ({ page }) => {
  const book = XLSX.utils.book_new();
  XLSX.utils.book_append_sheet(book, XLSX.utils.aoa_to_sheet([['bought in spring']]), 'Notes');
  XLSX.utils.book_append_sheet(
    book,
    XLSX.utils.aoa_to_sheet([
      ['Bauteil', 'Anzahl', 'Wert', 'Ref'],
      ['Widerstand', 2, '4k7', 'R1,R2'],
      ['Kondensator Keramik', 1, '100n', 'C1'],
    ]),
    'Teile',
  );
  await page.goto('/kits/new');
  await page.getByLabel('Parts list file').setInputFiles({
    // What it is called says nothing.
    name: 'list.txt',
    mimeType: 'text/plain',
    buffer: XLSX.write(book, { type: 'buffer', bookType: 'xlsx' }) as Buffer,
  });
  const read = page.getByRole('table', { name: 'Preview' });
  await expect(read.getByRole('row').filter({ hasText: 'R1, R2' })).toContainText('4.7 kΩ');
  await expect(page.getByRole('combobox', { name: 'Sheet' })).toHaveText('Teile (3 rows)');

  await page.getByLabel('Paste or type the list').fill('R1-R3: 470 ohm resistor\nIC1 NE555');
  await page.getByRole('button', { name: 'Read list' }).click();
  await expect(read.getByRole('row').filter({ hasText: 'R1–R3' })).toContainText('470 Ω');
  await expect(read.getByRole('row').filter({ hasText: 'IC1' })).toContainText('NE555');
  await expectAccessible(page);
  await create(page, 'Pasted');
});

test('a wrong file is told by what it is, with the way out', async ({ page }) => {
  await page.goto('/kits/new');
  const choose = (buffer: Buffer) =>
    page
      .getByLabel('Parts list file')
      .setInputFiles({ name: 'list.csv', mimeType: 'text/csv', buffer });
  await choose(Buffer.from('%PDF-1.7 and so on'));
  await expect(page.getByRole('alert')).toContainText('This PDF cannot be opened');
  await choose(Buffer.from([0xff, 0xd8, 0xff, 0xe0, 0, 1]));
  await expect(page.getByRole('alert')).toContainText('This picture cannot be opened');
  await choose(Buffer.from('<!DOCTYPE html><table><tr><td>R1</td></tr></table>'));
  await expect(page.getByRole('alert')).toContainText('saved web page');
});

test('a sheet as PDF is read where it stands, with what stands around it told', async ({
  page,
}) => {
  const kits: readonly { id: string; name: string }[] = await (
    await page.request.get('/api/kits')
  ).json();
  const lamp = kits.find(({ name }) => name === 'Twin Lamp');
  const sheet = await page.request.get(`/api/kits/${lamp?.id}/papers/parts-sheet.pdf?lang=es`);
  await page.goto('/kits/new');
  await page.getByLabel('Parts list file').setInputFiles({
    name: 'sheet',
    mimeType: 'application/octet-stream',
    buffer: await sheet.body(),
  });
  const read = page.getByRole('table', { name: 'Preview' });
  await expect(read.getByRole('row').filter({ hasText: 'Q1, Q2' })).toContainText('transistor');
  await expect(read.getByRole('row').filter({ hasText: 'C1, C2' })).toContainText('electrolytic');
  await expect(page.getByText(/of text around the table/)).toBeVisible();
  await expectAccessible(page);
});

test('an example becomes a kit, is handed on as one file, and taken in again', async ({ page }) => {
  await page.goto('/kits/new?from=example');
  await page.getByRole('button', { name: 'Use Twin Lamp' }).click();
  await create(page, 'Lamp of ours');
  await page.getByRole('link', { name: 'Kit', exact: true }).click();
  await page.getByLabel('Tags').fill('ours, lamp');
  await page.getByRole('button', { name: 'Save' }).click();
  const download = page.waitForEvent('download');
  await page.getByRole('link', { name: 'Export as a file' }).click();
  const file = await (await download).path();
  await expectAccessible(page);

  await page.goto('/kits/new');
  await page.getByLabel('Parts list file').setInputFiles({
    name: 'kit.zip',
    mimeType: 'application/zip',
    buffer: readFileSync(file),
  });
  await expect(page.getByRole('heading', { name: /Lamp of ours: \d+ lines/ })).toBeVisible();
  await page.getByRole('button', { name: 'Create kit' }).click();
  await expect(page.getByText('There is a kit named “Lamp of ours” already')).toBeVisible();
  await create(page, 'Lamp of ours again');
  await page.getByRole('link', { name: 'Board', exact: true }).click();
  await expect(page.getByRole('heading', { name: 'Lamp of ours again', level: 1 })).toBeVisible();
  await expect(page.getByRole('button', { name: 'Export the pad list' })).toBeVisible();
});

test('a kit is copied, put away, found again, deleted and brought back', async ({ page }) => {
  await page.goto('/kits/new?from=empty');
  await create(page, 'For a while');
  await page.getByRole('link', { name: 'Kit', exact: true }).click();
  await page.getByRole('button', { name: 'Copy kit' }).click();
  await page.getByRole('dialog').getByRole('button', { name: 'Copy kit' }).click();
  await expect(page.getByRole('heading', { name: 'For a while (copy)', level: 1 })).toBeVisible();
  await page.getByRole('link', { name: 'Kit', exact: true }).click();
  await page.getByRole('button', { name: 'Archive kit' }).click();
  await expect(page.getByText('is archived. It is not offered')).toBeVisible();
  await page.goto('/kits');
  const cards = page.getByRole('list', { name: 'Kits', exact: true });
  await expect(cards.getByRole('link', { name: 'For a while', exact: true })).toBeVisible();
  await expect(cards.getByRole('link', { name: 'For a while (copy)' })).toHaveCount(0);
  await page.getByRole('button', { name: 'Archived kits' }).click();
  await cards.getByRole('link', { name: 'For a while (copy)', exact: true }).click();
  await page.getByRole('link', { name: 'Kit', exact: true }).click();
  await page.getByRole('button', { name: 'Delete kit' }).click();
  await expect(page.getByText('For a while (copy) is deleted.')).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('heading', { name: 'For a while (copy)', level: 1 })).toBeVisible();
});

/** A photo of a made-up sheet, as a camera writes it. */
function photoFile(seed: number): {
  readonly name: string;
  readonly mimeType: string;
  readonly buffer: Buffer;
} {
  const { width, height, data } = sheetPhoto(seed).picture;
  const rgba = Buffer.alloc(width * height * 4, 255);
  data.forEach((shade, at) => {
    rgba.fill(shade, 4 * at, 4 * at + 3);
  });
  const buffer = jpeg.encode({ data: rgba, width, height }, 85).data;
  return { name: 'sheet.jpg', mimeType: 'image/jpeg', buffer };
}

test('a photo of the sheet is read, what is not sure is asked, and the sheet stays with the kit', async ({
  page,
}) => {
  test.slow();
  await page.goto('/kits/new');
  await page.getByLabel('Photo of the sheet').setInputFiles(photoFile(52));
  await expect(page.getByText('These corners were found')).toBeVisible({ timeout: 30_000 });
  // By keys alone: a corner goes out and back again.
  const corner = page.getByRole('button', { name: 'Upper left corner' });
  const place = () => corner.evaluate((handle) => [handle.style.left, handle.style.top]);
  const before = await place();
  await corner.press('ArrowLeft');
  expect(await place()).not.toEqual(before);
  await corner.press('ArrowRight');
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Read the sheet' }).click();
  await expect(page.getByRole('heading', { name: /^Check: \d+ cells were read/ })).toBeVisible({
    timeout: 90_000,
  });
  await expectAccessible(page);
  const takeOver = page.getByRole('button', { name: 'Use this table' });
  const asked = page.getByRole('list').getByRole('button', { name: /is right$/ });
  const open = await asked.count();
  expect(open).toBeGreaterThan(0);
  await expect(takeOver).toBeDisabled();
  for (let left = open; left > 0; left -= 1) {
    await asked.first().click();
    await expect(asked).toHaveCount(left - 1);
  }
  await takeOver.click();
  const preview = page.getByRole('table', { name: 'Preview' });
  await expect(preview.getByRole('row').filter({ hasText: 'R3–R5' })).toContainText('220 Ω');
  await create(page, 'From paper');
  await page.getByRole('link', { name: 'Kit', exact: true }).click();
  await expect(page.getByRole('img', { name: 'The sheet that came with it' })).toBeVisible();
  await expectAccessible(page);
});

test('a reading that takes too long is given up, and the corners are there again', async ({
  page,
}) => {
  test.slow();
  await page.goto('/kits/new');
  await page.getByLabel('Photo of the sheet').setInputFiles(photoFile(6));
  await page.getByRole('button', { name: 'Read the sheet' }).click();
  await page.getByRole('button', { name: 'Cancel' }).click();
  await expect(page.getByRole('button', { name: 'Read the sheet' })).toBeVisible({
    timeout: 30_000,
  });
});

test('a kit has a picture of its own on its card', async ({ page }) => {
  await page.goto('/kits/new?from=empty');
  await create(page, 'Pictured');
  await page.getByRole('link', { name: 'Kit', exact: true }).click();
  await page
    .getByLabel('On the card of the kit', { exact: true })
    .setInputFiles({ name: 'lamp.png', mimeType: 'image/png', buffer: pixel });
  await page.getByLabel('What the picture shows').fill('A small lamp');
  await page.getByRole('button', { name: 'Save picture' }).click();
  await expect(page.getByRole('button', { name: /^Remove the picture/ })).toBeVisible();
  await page.goto('/kits');
  await expect(page.getByRole('img', { name: 'A small lamp' })).toBeVisible();
});

/** One red dot. */
const pixel = Buffer.from(
  'iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNkYPhfDwAChwGA60e6kgAAAABJRU5ErkJggg==',
  'base64',
);

for (const [width, height] of [
  [390, 844],
  [820, 1180],
] as const) {
  test(`at ${width} a list is looked over line by line, and the page does not scroll sideways`, async ({
    page,
  }) => {
    await page.setViewportSize({ width, height });
    await page.goto('/kits/new');
    await page
      .getByLabel('Paste or type the list')
      .fill('R1-R4 10k 1%\nC1 470uF 16V electrolytic\nIC1 NE555\n');
    await page.getByRole('button', { name: 'Read list' }).click();
    const preview = page.getByRole('table', { name: 'Preview' });
    await expect(preview.getByRole('button', { name: /^Edit/ })).toHaveCount(3);
    // Everything of a line is there without moving anything sideways.
    const inside = await preview.evaluate(
      (table) =>
        [...table.querySelectorAll('tbody td')].every((cell) => {
          const { left, right } = cell.getBoundingClientRect();
          return left >= 0 && right <= innerWidth;
        }) && document.documentElement.scrollWidth <= innerWidth,
    );
    expect(inside).toBe(true);
    await expectAccessible(page);
  });
}

test('without network a list that was typed is still there, and is read when the network is back', async ({
  page,
}) => {
  await page.route('**/openPartsList-*.js', (route) => route.abort());
  // A page whose parts are missing is loaded anew, once; this is behind it.
  await page.addInitScript(() => sessionStorage.setItem('ozzet.reloaded-at', String(Date.now())));
  await page.goto('/kits/new');
  const list = page.getByLabel('Paste or type the list');
  await list.fill('R1-R4 10k 1%\nIC1 NE555\n');
  await page.getByRole('button', { name: 'Read list' }).click();
  await expect(page.getByText('Ozzet’s computer cannot be reached.')).toBeVisible();
  await expect(list).toHaveValue(/R1-R4/);
  await page.unroute('**/openPartsList-*.js');
  await page.getByRole('button', { name: 'Read list' }).click();
  await expect(page.getByRole('table', { name: 'Preview' })).toContainText('NE555');
});
