import { expect, expectAccessible, openKit, signIn, test } from '../fixtures';
import { planned } from '../planned';

test.beforeEach(({ page }) => signIn(page));

test('a lamp that stays dark is traced to the part that is wrong, and what was entered is taken back', async ({
  page,
}) => {
  test.slow();
  await openKit(page, 'Twin Lamp', 'Find the fault');
  // Worked out by itself the first time somebody looks.
  await expect(page.getByRole('heading', { name: 'What do you see?' })).toBeVisible({
    timeout: 120_000,
  });
  await expect(page.getByRole('heading', { name: 'What is likely wrong' })).toHaveCount(0);
  const left = page.getByRole('group', { name: 'D1, red LED' });
  const right = page.getByRole('group', { name: 'D2, red LED' });
  await left.getByRole('button', { name: 'off', exact: true }).click();
  await right.getByRole('button', { name: 'on', exact: true }).click();
  await expect(page.getByRole('heading', { name: 'What is likely wrong' })).toBeVisible();
  await expectAccessible(page);

  // The supply is measured before any other voltage.
  await expect(page.getByText(/Red probe at J1/)).toBeVisible();
  await page.getByRole('button', { name: 'Take', exact: true }).click();
  await expect(page.getByText('Type a number.')).toBeVisible();
  await page.getByLabel('Meter shows').fill('6,02');
  await page.getByRole('button', { name: 'Take', exact: true }).click();

  // Something else than what is proposed: a look at the lamp itself.
  await page.getByLabel('Enter something else').click();
  await page.getByRole('option', { name: /Look at D1, red LED: is it the right way/ }).click();
  await page
    .getByRole('group', { name: /Look at D1, red LED: is it the right way/ })
    .getByRole('button', { name: 'wrong' })
    .click();
  const likely = page.getByRole('region', { name: 'What is likely wrong' });
  await expect(likely.getByRole('listitem').first()).toContainText('D1 is the wrong way round');
  await expect(likely.getByText(/No power until it is turned/)).toBeVisible();
  await likely.getByRole('button', { name: /Show on board: D1/ }).click();

  await page.getByRole('button', { name: /Take back: Look at D1/ }).click();
  await expect(likely.getByText(/No power until it is turned/)).toHaveCount(0);

  // What is hot stays without power.
  await page.getByLabel('Something is hot, smells or smokes').check();
  await expect(page.getByText(/Take the supply away now/)).toBeVisible();
  await expect(page.getByText(/No supply\. Take it away first/)).toBeVisible();
  await page.setViewportSize({ width: 390, height: 844 });
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Begin again' }).click();
  await expect(page.getByRole('heading', { name: 'So far' })).toHaveCount(0);
});

test('from a seat on the floor to what is wrong, which is noted at that seat', async ({ page }) => {
  test.slow();
  const { id, seats } = await planned(page, {
    title: 'Faults of the evening',
    startsAt: '2027-02-05T18:30:00Z',
    names: ['Tern'],
  });
  await page.goto(`/workshops/${id}/floor?seat=${seats[0]?.id}`);
  await page.getByRole('link', { name: 'Find the fault' }).click();
  await expect(page.getByRole('heading', { name: 'What do you see?' })).toBeVisible({
    timeout: 120_000,
  });
  await page.getByLabel('Enter something else').click();
  await page
    .getByRole('option', { name: /is it the right way round/ })
    .first()
    .click();
  await page.getByRole('button', { name: 'wrong', exact: true }).click();
  const note = page.getByRole('button', {
    name: /It was this, note it: .* is the wrong way round/,
  });
  await note.first().click();
  await expect(page).toHaveURL(/\/floor/);
  await expect(page.getByText(/Backwards/).first()).toBeVisible();
});
