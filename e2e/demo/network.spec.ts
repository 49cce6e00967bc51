import { expect, phoneOf, seatsOf, signIn, test } from '../fixtures';
import { goToSeat } from '../goToSeat';

/** Bad Wi-Fi at the bench: what is entered is kept, said plainly, and sent when the network is back. */
test('a seat without network goes on, keeps its entries across a reload, and sends them', async ({
  page,
  browser,
  baseURL,
}) => {
  await signIn(page);
  const { id, seats } = await seatsOf(page, '2: Fern');
  await page.goto(`/workshops/${id}/floor`);
  const lane = page.getByRole('list', { name: 'Seats' }).getByRole('listitem').nth(8);
  await expect(lane).toBeVisible();

  const seat = await phoneOf(browser, baseURL);
  const phone = seat.context();
  await goToSeat(seat, seats[8]?.token);
  await expect(seat.getByText('Saved')).toBeVisible();
  const stepNumber = async () =>
    Number(/Step (\d+)/.exec((await seat.getByText(/^Step \d+ of/).textContent()) ?? '')?.[1]);
  const start = await stepNumber();

  // Only the way to the server is cut; the page itself could be reloaded from a cache.
  await phone.route('**/api/**', (route) => route.abort('internetdisconnected'));
  await seat.getByRole('button', { name: /^Done/ }).click();
  await expect(
    seat.getByRole('status').filter({ hasText: 'No network. Keep working: 1 entry is kept here' }),
  ).toBeVisible();
  await seat.getByRole('button', { name: /^(Done|Yes)/ }).click();
  await expect(seat.getByText(`Step ${start + 2} of`, { exact: false })).toBeVisible();
  await expect(seat.getByText('2 entries are kept here')).toBeVisible();

  await seat.reload();
  await expect(seat.getByText(`Step ${start + 2} of`, { exact: false })).toBeVisible();
  await expect(seat.getByText('2 entries are kept here')).toBeVisible();
  await expect(lane.getByRole('button', { name: new RegExp(`step ${start},`) })).toBeVisible();

  await phone.unroute('**/api/**');
  await expect(seat.getByText('Saved')).toBeVisible({ timeout: 20_000 });
  await expect(lane.getByRole('button', { name: new RegExp(`step ${start + 2},`) })).toBeVisible();
  const kept = await seat.evaluate(() =>
    Object.keys(localStorage).filter((key) => key.includes('outbox')),
  );
  expect(kept).toEqual([]);
  await phone.close();
});

test('a floor without network says so and sends what was logged when it is back', async ({
  page,
  context,
}) => {
  await signIn(page);
  const { id } = await seatsOf(page, '2: Fern');
  await page.goto(`/workshops/${id}/floor`);
  await expect(page.getByRole('list', { name: 'Seats' })).toBeVisible();
  await context.route('**/api/**', (route) => route.abort('internetdisconnected'));
  await page.getByRole('button', { name: 'Log a mistake at seat 3' }).click();
  await page
    .getByRole('dialog')
    .getByRole('button', { name: /^(?!Wrong value)/ })
    .first()
    .click();
  await expect(page.getByText(/No network. Keep working: 1 entry is kept/)).toBeVisible();
  await context.unroute('**/api/**');
  await expect(page.getByText(/No network/)).toHaveCount(0, { timeout: 20_000 });
});
