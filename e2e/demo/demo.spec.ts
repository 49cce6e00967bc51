import type { Page } from '@playwright/test';
import { expect, expectAccessible, pressFor, seatsOf, signIn, test } from '../fixtures';

/** That of the demo's own evening: tests beside this one plan others. */
const openFloor = async (page: Page) =>
  page.goto(`/workshops/${(await seatsOf(page, '2: Fern')).id}/floor`);

test.beforeEach(async ({ page }) => {
  await signIn(page);
  await page.goto('/workshops');
});

test('the demo has a finished, a running and a coming workshop', async ({ page }) => {
  await expect(page.getByRole('region', { name: 'Now' })).toContainText(
    'Evening course 2: Fern Minder',
  );
  await expect(page.getByRole('region', { name: 'Past' })).toContainText(
    'Evening course 1: Twin Lamp',
  );
  await expect(page.getByRole('region', { name: 'Upcoming' })).toContainText('Evening course 3');
});

test('the running floor has twelve seats, some behind, one asking for help', async ({ page }) => {
  await openFloor(page);
  await expect(page.getByRole('list', { name: 'Seats' }).getByRole('listitem')).toHaveCount(12);
  await expect(
    page
      .getByRole('region', { name: 'Who next' })
      .getByRole('listitem')
      .filter({ hasText: 'asked for help' }),
  ).toHaveCount(1);
  await expect(page.getByText(/\d+ %, \d+ min behind$/).nth(2)).toBeVisible();
});

test('the finished workshop tells its story', async ({ page }) => {
  await page.getByRole('link', { name: 'Evening course 1: Twin Lamp' }).click();
  await page.getByRole('link', { name: 'Wrap-up', exact: true }).click();
  await expect(page.getByText('10 of 10 finished their board')).toBeVisible();
  await expect(page.getByText('Wrong value').first()).toBeVisible();
});

test('an address that does not exist says so and leads back', async ({ page }) => {
  await page.goto('/nowhere/at/all');
  await expect(page.getByRole('heading', { name: 'There is no such page' })).toBeVisible();
  await page.goto('/kits/00000000-0000-4000-8000-000000000000/parts');
  await expect(page.getByRole('alert')).toContainText('does not exist');
  await page.getByRole('link', { name: 'To the workshops' }).click();
  await expect(page.getByRole('heading', { name: 'Workshops', level: 1 })).toBeVisible();
});

test('a seat link that is wrong says what to do', async ({ page }) => {
  await page.goto('/seat/not-a-seat');
  await expect(page.getByRole('heading', { name: 'This seat does not open' })).toBeVisible();
  await expect(page.getByRole('alert')).toContainText('Scan the code on your bag again');
  await expectAccessible(page);
});

test('the floor is worked by keys alone, which ? lists', async ({ page }) => {
  await openFloor(page);
  await expect(page.getByRole('list', { name: 'Seats' })).toBeVisible();
  const keys = page.getByRole('dialog', { name: 'Keyboard shortcuts of this page' });
  await pressFor(page, '?', keys);
  await expect(keys).toContainText('Log a mistake at the selected seat');
  await expect(keys).toContainText('Go to Kits');
  await page.keyboard.press('Escape');
  await expect(keys).toHaveCount(0);
  await page.keyboard.press('j');
  await expect(page.getByRole('region', { name: 'Seat 1 Tern' })).toBeVisible();
  await page.keyboard.press('j');
  await expect(page.getByRole('region', { name: 'Seat 2 Plover' })).toBeVisible();
  await page.keyboard.press('m');
  const grid = page.getByRole('dialog', { name: 'Mistake at seat 2' });
  await expect(grid).toBeVisible();
  await grid
    .getByRole('button', { name: /^(?!Wrong value)/ })
    .first()
    .press('Enter');
  await expect(grid).toHaveCount(0);
  const panel = page.getByRole('region', { name: 'Seat 2 Plover' });
  await expect(panel.getByRole('button', { name: /^Undo/ })).toHaveCount(
    2 + (await panel.getByText(/^Visit/).count()),
  );
  await page.keyboard.press('x');
  await page.keyboard.press('k');
  await expect(page.getByRole('heading', { name: 'Kits', level: 1 })).toBeVisible();
});

for (const [device, width, height] of [
  ['phone', 390, 844],
  ['tablet', 820, 1180],
  ['tablet on its side', 1024, 768],
] as const) {
  test(`the floor fits a ${device}, and who calls for help is seen without scrolling`, async ({
    page,
  }) => {
    await page.setViewportSize({ width, height });
    await openFloor(page);
    const next = page.getByRole('navigation', { name: 'Who next, the first ones' });
    await expect(next.getByRole('button').first()).toBeInViewport();
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(
      width,
    );
    await expectAccessible(page);
    // What is done at a seat comes up from below, where the thumb is.
    await next.getByRole('button').first().click();
    await expect(
      page.getByRole('button', { name: /^(I’m here|Mark a visit)/ }).first(),
    ).toBeInViewport();
    await expectAccessible(page);
  });
}
