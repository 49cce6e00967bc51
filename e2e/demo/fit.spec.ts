import { expect, expectAccessible, signIn, test } from '../fixtures';

test.beforeEach(async ({ page }) => {
  await signIn(page);
  await page.goto('/workshops');
  await page
    .getByRole('link', { name: /course 3/ })
    .first()
    .click();
  await page.getByRole('link', { name: 'Plan', exact: true }).click();
});

test('the evening is run before it happens, and says what would help', async ({ page }) => {
  await page.getByRole('button', { name: 'Simulate' }).click();
  await expect(page.getByText(/Chance that all \d+ finish in .*: \d+ %/)).toBeVisible({
    timeout: 45_000,
  });
  const help = page.getByRole('table', { name: 'What would help' });
  await expect(help.getByRole('row', { name: 'Half an hour more' })).toBeVisible();
  await expect(help.getByRole('row', { name: 'One more iron' })).toHaveCount(0);
  await expectAccessible(page);
});

test('too few irons show as waiting; a wrong number is told at its field', async ({ page }) => {
  await page.getByLabel('Irons', { exact: true }).fill('0');
  await expect(page.getByText('from 1 to 60')).toBeVisible();
  await expect(page.getByRole('button', { name: 'Simulate' })).toBeDisabled();
  await page.getByLabel('Irons', { exact: true }).fill('2');
  await expect(page).toHaveURL(/irons=2/);
  await page.getByRole('button', { name: 'Simulate' }).click();
  await expect(page.getByText(/On average a learner waits .*\d+ min for an iron/)).toBeVisible({
    timeout: 45_000,
  });
  await expect(page.getByRole('row', { name: 'One more iron' })).toBeVisible();
});

test('a run that takes long can be cancelled', async ({ page }) => {
  // A worker that never answers.
  await page.route(/fit\.worker/, (route) =>
    route.fulfill({ contentType: 'text/javascript', body: '' }),
  );
  await page.getByRole('button', { name: 'Simulate' }).click();
  await expect(page.getByRole('progressbar', { name: 'Evenings run' })).toBeVisible();
  await page.getByRole('button', { name: 'Cancel' }).click();
  await expect(page.getByRole('progressbar', { name: 'Evenings run' })).toHaveCount(0);
  await expect(page.getByRole('button', { name: 'Simulate' })).toBeEnabled();
});
