import type { Page } from '@playwright/test';
import { families } from '../../core/parts/families/index';
import { expect, expectAccessible, openKit, seatsOf, signIn, test } from '../fixtures';
import { goToSeat } from '../goToSeat';

const chooseFile = (page: Page, content: string) =>
  page
    .getByLabel('Parts list file')
    .setInputFiles({ name: 'list.csv', mimeType: 'text/csv', buffer: Buffer.from(content) });

test.describe('parts', () => {
  test.beforeEach(({ page }) => signIn(page));

  test('a sheet of one’s own says what is doubtful where it is, and is put right by hand', async ({
    page,
  }) => {
    await page.goto('/kits/new');
    await chooseFile(
      page,
      `Harbour light of the club,,,,
Item,Ref Des,Qty,Value,Footprint,DNP,Notes
1,"R1,2",2,4k7,R_Axial_DIN0207_L6.3mm_D2.5mm_P10.16mm_Horizontal,,pull-ups
2,R3,1,100,R_0805_2012Metric,,
3,C1,1,47uF/25V,CP_Elec_6.3x5.4,,
4,U1,1,QX5252,,,
5,R9,1,10k,R_0805_2012Metric,DNP,
`,
    );
    await expect(page.getByLabel('Headings are in')).toHaveText('row 2');
    const read = page.getByRole('table', { name: 'Preview' });
    await expect(read.getByRole('row').filter({ hasText: 'R1, R2' })).toContainText('pull-ups');
    await expect(read.getByRole('row').filter({ hasText: 'R3' })).toContainText('check the value');
    await expect(read.getByRole('row').filter({ hasText: 'C1' })).toContainText(
      'SMD can 6.3 x 5.4 mm',
    );
    await expect(page.getByText('The type QX5252 is not known here')).toBeVisible();
    await expect(page.getByText('R9: marked as not fitted, so left out.')).toBeVisible();
    await page.getByLabel('Name of the kit').fill('Harbour light');
    await page.getByRole('button', { name: 'Create kit' }).click();

    await page.getByRole('button', { name: 'With pictures' }).click();
    const parts = page.getByRole('table', { name: 'Parts' });
    const chip = parts.getByRole('row').filter({ hasText: 'U1' });
    await expect(chip).toContainText('check the value or type');
    await page.getByRole('button', { name: 'Edit U1' }).click();
    const dialog = page.getByRole('dialog', { name: 'Edit U1' });
    await dialog.getByLabel('Pins').fill('4');
    await dialog.getByLabel('Body').fill('9 x 5 x 3 mm');
    await expect(dialog.getByText('9 x 5 x 3 mm: 3 mm high')).toBeVisible();
    await dialog.getByLabel('Remarks', { exact: true }).fill('solar lamp driver');
    await dialog.getByLabel('Show the remarks to learners at its step').check();
    await expectAccessible(page);
    await dialog.getByRole('button', { name: 'Save' }).click();
    await expect(chip).toContainText('3 mm');
    await expect(chip).toContainText('solar lamp driver');
    await expect(chip).not.toContainText('check the value or type');
  });

  test('types and bodies are found in the guide', async ({ page }) => {
    await page.goto('/guide');
    await page.getByRole('link', { name: 'Type numbers' }).click();
    await page.getByLabel('Find a number or a word').fill('L7805CV');
    const types = page.getByRole('table', { name: 'Type numbers' });
    await expect(types.getByRole('row')).toHaveCount(2);
    await expect(types).toContainText('input, ground, output');
    await page.getByLabel('Find a number or a word').fill('2N2222A');
    await expect(types).toContainText('makers differ: compare the sheet');
    await page.getByLabel('Find a number or a word').fill('ZX81Q');
    await expect(page.getByRole('status')).toContainText('is not known');
    await page.getByRole('link', { name: 'Bodies' }).click();
    await page.getByLabel('Find a body').fill('HC-49');
    await expect(page.getByRole('table', { name: 'Bodies' })).toContainText('13.5 mm');
  });

  test('a wrong row is corrected here, and what it is is remembered for the next list', async ({
    page,
  }) => {
    const csv = (print: string) =>
      `Ref,Qty,Part,Value\nR1,2,resistor,470\nR2,1,resistor,4k7k\nC1,1,blue squarish thing,${print}\n`;
    await page.goto('/kits/new');
    await chooseFile(page, csv('104'));
    await expect(page.getByRole('alert').filter({ hasText: 'Row 2' })).toContainText(
      'The quantity is 2, but 1 place name is given',
    );
    await page.getByRole('button', { name: 'Correct row 2', exact: true }).click();
    const dialog = page.getByRole('dialog', { name: 'Correct row 2' });
    await expectAccessible(page);
    await dialog.getByLabel('Quantity').fill('1');
    await dialog.getByRole('button', { name: 'Save the row' }).click();
    await page.getByRole('button', { name: 'Correct row 3', exact: true }).click();
    await page.getByRole('dialog').getByLabel('Value or type').fill('4k7');
    await expect(page.getByRole('dialog')).toContainText('4.7 kΩ resistor');
    await page.getByRole('dialog').getByRole('button', { name: 'Save the row' }).click();
    await page.getByRole('button', { name: 'Correct row 4', exact: true }).click();
    await page.getByRole('dialog').getByLabel('Kind of part').click();
    await page.getByRole('option', { name: 'film capacitor', exact: true }).click();
    await page.getByRole('dialog').getByRole('button', { name: 'Save the row' }).click();
    await expect(page.getByRole('alert')).toHaveCount(0);
    await page.getByLabel('Name of the kit').fill('Thing Box');
    await page.getByRole('button', { name: 'Create kit' }).click();
    await expect(page.getByRole('heading', { name: 'Thing Box', level: 1 })).toBeVisible();
    await expect(page.getByRole('row').filter({ hasText: 'C1' })).toContainText('film capacitor');

    await page.goto('/kits/new');
    await chooseFile(page, 'Ref,Part,Value\nC7,Blue squarish  thing,223\n');
    const row = page.getByRole('row').filter({ hasText: '22 nF' });
    await expect(row).toContainText('film capacitor');
    await expect(row).not.toContainText('not sure');
  });

  test('correcting a kit in use makes a revision that can be compared and undone', async ({
    page,
  }) => {
    await openKit(page, 'Twin Lamp');
    await page
      .getByRole('button', { name: 'Edit D1–D2' })
      .or(page.getByRole('button', { name: 'Edit D1, D2' }))
      .click();
    const dialog = page.getByRole('dialog');
    await dialog.getByLabel('Colour').fill('green');
    await expect(dialog.getByRole('img', { name: 'green LED' })).toBeVisible();
    await expectAccessible(page);
    await dialog.getByRole('button', { name: 'Save' }).click();
    await expect(page.getByText('This is revision 2 now')).toBeVisible();
    await expect(page.getByText(/^Revision 2 of/)).toBeVisible();
    await page.getByRole('link', { name: 'Revisions' }).click();
    await expect(page.getByRole('list', { name: 'Changes' })).toContainText('value red → green');
    await expectAccessible(page);
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(page.getByRole('heading', { name: 'No difference' })).toBeVisible();
  });

  test('a lot note and an erratum stand at the part, at the step and at the seat', async ({
    page,
  }) => {
    await openKit(page, 'Fern Minder');
    await expect(page.getByRole('region', { name: 'Known problems' })).toContainText(
      '“100k” printed',
    );
    // At a glance it is flagged; its details say how.
    const led = page.getByRole('row').filter({ hasText: 'D3' });
    await expect(led).toContainText('this batch is different');
    await page.getByRole('button', { name: 'With pictures' }).click();
    await expect(led).toContainText('This batch: The yellow LEDs');
    await expect(led).toContainText('flat on the rim = anode');
    await expect(led).not.toContainText('goes on the flat of the ring');
    await page.getByRole('link', { name: 'Steps' }).click();
    const steps = page.getByRole('list', { name: 'Steps' }).getByRole('listitem');
    await expect(steps.filter({ hasText: 'yellow LED' }).first()).toContainText(
      'This batch is different, D3',
    );
    await expect(steps.filter({ hasText: '10 kΩ' }).first()).toContainText('The kit is wrong here');

    const { seats } = await seatsOf(page, 'course 3');
    await goToSeat(page, seats[7]?.token);
    await page.getByRole('button', { name: 'Done' }).click();
    await expect(page.getByRole('heading', { name: 'The kit is wrong here R3' })).toBeVisible();
    await expect(page.getByRole('heading', { name: 'Easily mixed up' })).toBeVisible();
    await expect(page.getByText('Fitted already: 100 kΩ resistor')).toBeVisible();
    await expectAccessible(page);
    await page.getByRole('button', { name: 'Back one step' }).click();
  });
});

test.describe('mix-ups', () => {
  test.beforeEach(({ page }) => signIn(page));

  test('say why, show the pair as it is seen, and propose what helps', async ({ page }) => {
    await openKit(page, 'Twin Lamp', 'Mix-ups');
    const pair = page.getByRole('list', { name: 'Pairs' }).getByRole('listitem').first();
    await expect(pair).toContainText('High risk');
    await expect(pair).toContainText('band 3 is brown on one and orange on the other');
    await expect(pair.getByRole('list', { name: 'What helps' })).toContainText('Measure each one');
    const paint = () => pair.locator('svg rect').nth(3).getAttribute('fill');
    await page.getByRole('combobox', { name: 'Seen by' }).click();
    await page.getByRole('option', { name: 'normal sight', exact: true }).click();
    await expect(page).toHaveURL(/seen=normal/);
    const normal = await paint();
    await page.getByRole('combobox', { name: 'Seen by' }).click();
    await page.getByRole('option', { name: /deutan/ }).click();
    await expect(pair).toContainText('green-blind sight');
    expect(await paint()).not.toBe(normal);
    await expect(page).toHaveURL(/seen=deutan/);
    await page.reload();
    await expect(pair).toContainText('green-blind sight');
    await expectAccessible(page);
  });
});

test.describe('inspection', () => {
  test.beforeEach(({ page }) => signIn(page));

  test('judges readings by the part’s tolerance and the meter’s own doubt', async ({ page }) => {
    await openKit(page, 'Fern Minder', 'Inspection');
    const reading = page.getByRole('textbox', { name: 'Reading' });
    const newest = page.getByRole('list', { name: 'Readings' }).getByRole('listitem').first();
    const measure = async (text: string) => {
      await reading.fill(text);
      await reading.press('Enter');
      await expect(reading).toHaveValue('');
    };
    await measure('101k');
    await expect(newest).toContainText('Right');
    await measure('9.97k');
    await expect(newest).toContainText('Not this part');
    await expect(newest).toContainText('it reads like R3, 10 kΩ');
    await page.getByRole('combobox', { name: 'Part' }).click();
    await page.getByRole('option', { name: /C1/ }).click();
    await measure('55n');
    await expect(newest).toContainText('Usable here');
    await expect(newest).toContainText('not for timing');
    await reading.fill('much');
    await reading.press('Enter');
    await expect(page.getByText('“much” is not a value')).toBeVisible();
    await expectAccessible(page);
    await newest.getByRole('button', { name: /^Delete/ }).click();
    await expect(newest).not.toContainText('Usable here');
    await page.reload();
    await expect(newest).toContainText('Not this part');
  });

  test('shows what checking none, a sample or every part costs and finds', async ({ page }) => {
    await openKit(page, 'Fern Minder', 'Inspection');
    const row = (name: string) =>
      page.getByRole('table', { name: 'Policies' }).getByRole('row', { name });
    await expect(row('None')).toContainText('0 %');
    await expect(row('Every part')).toContainText('100 %');
    const before = await row('of each line').textContent();
    await page.getByLabel('Sample').fill('8');
    await expect(row('8 of each line')).not.toHaveText(before ?? '');
    await page.getByLabel('Sample').fill('0');
    await expect(page.getByText('Write a whole number from 1 to 500')).toBeVisible();
  });
});

test.describe('the parts guide, without signing in', () => {
  // Every page is drawn by a test without a browser (web/guide); here some are walked.
  test('has a page for every family, made from its definition', async ({ page }) => {
    await page.goto('/guide');
    const kinds = page.getByRole('list', { name: 'Kinds of parts' }).getByRole('link');
    await expect(kinds).toHaveCount(families.length - 1);
    await expectAccessible(page);
    for (const { id, words, mount } of families
      .slice(0, -1)
      .filter((_, index) => index % 8 === 0)) {
      await page.locator(`a[href="/guide/${id}"]`).click();
      await expect(page.getByRole('heading', { level: 1, name: words.one })).toBeVisible();
      await expect(page.getByRole('region', { name: 'How it is held' })).toContainText(words.hold);
      expect(await page.getByRole('figure').count()).toBeGreaterThanOrEqual(
        // What hangs on wires, or is not soldered, is not shown on a board.
        mount === 'through' || mount === 'surface' ? 3 : 1,
      );
      await page.getByRole('link', { name: 'Parts guide' }).click();
    }
    await page.locator('a[href="/guide/ic-dip"]').click();
    await expect(page.getByRole('heading', { level: 1, name: 'chip' })).toBeVisible();
    await expectAccessible(page);
  });

  test('is searched in several languages, and leads a learner from the seat', async ({ page }) => {
    await page.goto('/guide?find=elko');
    await page.getByRole('link', { name: '10 µF electrolytic capacitor' }).click();
    await expect(page.getByRole('region', { name: 'Which way round' })).toContainText('burst');
    await page.goto('/guide?find=flux+capacitor');
    await expect(page.getByRole('status')).toContainText('No kind of part is called');
    await page.goto('/guide/nothing');
    await expect(page.getByRole('link', { name: 'To all kinds of parts' })).toBeVisible();
  });

  test('fits a phone', async ({ page }) => {
    await page.setViewportSize({ width: 390, height: 844 });
    await page.goto('/guide/ic-dip');
    await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(
      390,
    );
    await expectAccessible(page);
  });
});
