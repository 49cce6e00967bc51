import type { Page } from '@playwright/test';
import { expect, expectAccessible, signIn, test } from '../fixtures';
import { planned } from '../planned';

test.beforeEach(({ page }) => signIn(page));

const openPlan = async (page: Page) => {
  await page.goto('/workshops');
  await page
    .getByRole('link', { name: /course 3/ })
    .first()
    .click();
  await page.getByRole('link', { name: 'Plan', exact: true }).click();
};

test('the plan says at once what an evening makes of it, and what would do', async ({ page }) => {
  await openPlan(page);
  const first = page.getByRole('alert').filter({ hasText: 'Hands alone' });
  await expect(first).toContainText(/the last learner finishes after about/, { timeout: 45_000 });
  await expect(page.getByText(/Everybody done in 2 h 30 min: .*%/)).toBeVisible();
  await expect(page.getByText(/Four workshops of five would be over after/)).toBeVisible();
  await expect(page.getByText(/To end at .*, start at/)).toBeVisible();
  await page.getByText('How is this worked out?').click();
  await expect(page.getByText(/would have been told at half time/)).toBeVisible();
  await expectAccessible(page);
});

test('too few irons show as waiting, help is what helps, and what is kept goes to the floor', async ({
  page,
}) => {
  const { id } = await planned(page, {
    title: 'Few irons',
    startsAt: -20,
    names: ['Siskin', 'Linnet', 'Twite', 'Redpoll', 'Serin', 'Brambling'],
  });
  await page.goto(`/workshops/${id}/plan`);
  const irons = page.getByLabel('Irons', { exact: true });
  await irons.fill('0');
  await expect(page.getByText('from 1 to 60')).toBeVisible();
  const keep = page.getByRole('button', { name: 'Keep for this workshop' });
  await expect(keep).toBeDisabled();
  await irons.fill('2');
  await expect(page).toHaveURL(/irons=2/);
  await expect(page.getByText(/On average a learner waits .*\d+ min for an iron/)).toBeVisible({
    timeout: 45_000,
  });
  const help = page.getByRole('table', { name: 'What would help' });
  await expect(help.getByRole('row', { name: /more iron/ })).toBeVisible();
  // There is a meter for everybody who needs one at a time.
  await expect(help.getByRole('row', { name: /as planned/i })).toBeVisible();
  await keep.click();
  await expect(page).not.toHaveURL(/irons=/);
  await expect(irons).toHaveValue('2');
  await expect(keep).toBeDisabled();
  await page.reload();
  await expect(irons).toHaveValue('2');

  // The floor goes by the same forecast: it says of the room what the plan says, and of each seat when.
  await page.getByRole('link', { name: 'Floor', exact: true }).click();
  await expect(page.getByText(/Everybody done in time: .*%\. The last one at/)).toBeVisible({
    timeout: 45_000,
  });
  await expect(page.getByRole('listitem').filter({ hasText: 'Siskin' })).toContainText('%');
});

test('a run that takes long can be cancelled, and begun again', async ({ page }) => {
  // A worker that never answers.
  await page.route(/forecast\.worker/, (route) =>
    route.fulfill({ contentType: 'text/javascript', body: '' }),
  );
  await openPlan(page);
  const bar = page.getByRole('progressbar', { name: 'Evenings run' });
  await expect(bar).toBeVisible();
  await page.getByRole('button', { name: 'Cancel' }).click();
  await expect(bar).toHaveCount(0);
  await page.unroute(/forecast\.worker/);
  await page.getByRole('button', { name: 'Work it out' }).click();
  await expect(page.getByText(/Four workshops of five would be over after/)).toBeVisible({
    timeout: 45_000,
  });
});
