import { expect, expectAccessible, expectReadableInDark, seatsOf, signIn, test } from '../fixtures';
import { addressesOf } from './addresses';
import { answerByKeys } from './answerByKeys';

/** Every page, gone over by axe in light colours, and in dark ones for what colours change. */

test('every page is accessible, in light and in dark colours', async ({ page }) => {
  // Some thirty pages.
  test.setTimeout(600_000);
  await signIn(page);
  const paths = await addressesOf(page.request);
  for (const path of paths) {
    await test.step(path, async () => {
      await page.goto(path);
      await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
      await expect(page.locator('[aria-busy="true"]:empty')).toHaveCount(0);
      await expectAccessible(page);
      await expectReadableInDark(page);
    });
  }
});

test('every trainer is usable by a screen reader, in light and in dark colours', async ({
  page,
}) => {
  test.setTimeout(240_000);
  await signIn(page);
  const { id } = await seatsOf(page, '3: Fern');
  await page.goto('/practice');
  await expectAccessible(page);
  await expectReadableInDark(page);
  for (const trainer of [
    'Bands and prints',
    'Which way round',
    'What comes first',
    'Joints',
    'Meter',
    'Heat bench',
  ]) {
    await test.step(trainer, async () => {
      await page.goto('/practice');
      await page.getByRole('button', { name: `Start: ${trainer}` }).click();
      await expect(page.getByRole('article')).toBeVisible();
      await expectAccessible(page);
      await expectReadableInDark(page);
      await answerByKeys(page, 1);
      await expectAccessible(page);
      await expectReadableInDark(page);
    });
  }
  await page.goto(`/practice/class/${id}`);
  await expect(page.getByRole('heading', { name: 'A question for everybody' })).toBeVisible();
  await expectAccessible(page);
  await expectReadableInDark(page);
});
