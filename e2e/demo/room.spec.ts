import type { Browser, Page } from '@playwright/test';
import { expect, expectAccessible, phoneOf, signIn, test } from '../fixtures';
import { goToSeat } from '../goToSeat';

// What staff say to seats, and seats to staff, while an evening runs.

test.beforeEach(({ page }) => signIn(page));

const evening = async (page: Page, names: readonly string[]) => {
  const made = await page.request.post('/api/kits', {
    data: {
      name: `Room ${Date.now()}`,
      supplyVolt: 5,
      csv: 'Ref,Part,Value\nR1,resistor,470\nR2,resistor,1k\nR3,resistor,10k\n',
      mapping: { designators: 0, description: 1, value: 2 },
    },
  });
  const { id: kitId } = (await made.json()) as { id: string };
  const planned = await page.request.post('/api/workshops', {
    data: {
      title: `Room ${Date.now()}`,
      kitId,
      startsAt: new Date(Date.now() - 20 * 60_000).toISOString(),
      lengthMinutes: 90,
      seats: names.map((name) => ({ name })),
    },
  });
  const { id } = (await planned.json()) as { id: string };
  const { seats } = (await (await page.request.get(`/api/workshops/${id}`)).json()) as {
    seats: { token: string }[];
  };
  return { id, tokens: seats.map(({ token }) => token) };
};

const seatPhone = async (browser: Browser, baseURL: string | undefined, token: string) => {
  const phone = await phoneOf(browser, baseURL);
  await goToSeat(phone, token);
  await expect(phone.getByRole('button', { name: /^Done/ })).toBeEnabled();
  return phone;
};

test('a call says what it is about and where it is on the list; who is hurt stands above everything', async ({
  page,
  browser,
  baseURL,
}) => {
  const { id, tokens } = await evening(page, ['Auk', 'Ruff']);
  const [first, second] = await Promise.all(
    tokens.map((token) => seatPhone(browser, baseURL, token)),
  );
  if (!first || !second) throw new Error('two phones are asked for');
  await first.getByRole('button', { name: 'Ask for help' }).click();
  await expect(first.getByText('You are number 1 on the list.')).toBeVisible();
  await second.getByRole('button', { name: 'Ask for help' }).click();
  await expect(second.getByText('You are number 2 on the list.')).toBeVisible();
  await first.getByRole('button', { name: 'A part is missing' }).click();
  await page.goto(`/workshops/${id}/floor`);
  const next = page.getByRole('region', { name: 'Who next' });
  await expect(next).toContainText('A part is missing');
  await expectAccessible(page);

  const row = next.getByRole('listitem').filter({ hasText: 'Auk' });
  await row.getByRole('button', { name: 'Say that I am on my way' }).click();
  await expect(first.getByText(/is on the way/)).toBeVisible();
  await row.getByRole('button', { name: 'On my way: withdraw' }).click();
  await expect(first.getByText(/is on the way/)).toBeHidden();

  await second.getByRole('button', { name: 'I hurt myself' }).click();
  await expect(second.getByRole('alert')).toContainText('cool running water for 20 minutes');
  await expect(second.getByText('You are number 1 on the list.')).toBeVisible();
  await expectAccessible(second);
  const alarm = page.getByRole('alert').filter({ hasText: '2 Ruff is hurt' });
  await expect(alarm).toBeVisible();
  await alarm.getByRole('button', { name: 'I’m here' }).click();
  await expect(alarm).toBeHidden();
  await expect(second.getByRole('alert')).toHaveCount(0);
});

test('a break counts down at every seat, and staff see who has not read a message', async ({
  page,
  browser,
  baseURL,
}) => {
  const { id, tokens } = await evening(page, ['Auk', 'Ruff']);
  const [first, second] = await Promise.all(
    tokens.map((token) => seatPhone(browser, baseURL, token)),
  );
  if (!first || !second) throw new Error('two phones are asked for');
  await page.goto(`/workshops/${id}/floor`);
  await page.getByRole('button', { name: 'Send message' }).click();
  const dialog = page.getByRole('dialog', { name: 'Send message' });
  await dialog.getByRole('combobox', { name: 'Kind of message' }).click();
  await page.getByRole('option', { name: 'Break' }).click();
  await dialog.getByLabel(/Length of the break/).fill('0');
  await expect(dialog).toContainText('Write a whole number from 1 to 120.');
  await dialog.getByLabel(/Length of the break/).fill('15');
  await dialog
    .getByRole('textbox', { name: /^Message/ })
    .fill('Irons into their stands. Tea is ready.');
  await expectAccessible(page);
  await dialog.getByRole('button', { name: 'Send to 2 seats' }).click();
  for (const phone of [first, second]) {
    await expect(phone.getByText('Irons into their stands. Tea is ready.')).toBeVisible();
    await expect(phone.getByText(/1[45] minutes left/)).toBeVisible();
  }
  const sent = page.getByRole('region', { name: 'Messages' });
  await expect(sent).toContainText('0 of 2 have read it. Not yet: 1 Auk, 2 Ruff');
  await first.getByRole('button', { name: 'Understood' }).click();
  await expect(sent).toContainText('1 of 2 have read it. Not yet: 2 Ruff');
  await expectAccessible(first);
  // Without network it is said all the same, and comes later.
  await second.context().setOffline(true);
  await second.getByRole('button', { name: 'Understood' }).click();
  await second.context().setOffline(false);
  await expect(sent).toContainText('All 2 have read it.');
  await sent.getByRole('button', { name: /^Withdraw/ }).click();
  await expect(first.getByText(/Tea is ready/)).toBeHidden();
});

test('a seat without a phone is put at a step, the others with it; and taken back', async ({
  page,
  browser,
  baseURL,
}) => {
  const { id, tokens } = await evening(page, ['Auk', 'Ruff']);
  const phone = await seatPhone(browser, baseURL, tokens[1] ?? '');
  await expect(phone.getByText(/Step 1 of/)).toBeVisible();
  await page.goto(`/workshops/${id}/floor`);
  await page
    .getByRole('button', { name: /^1 Auk/ })
    .first()
    .click();
  const panel = page.getByRole('region', { name: 'Seat 1 Auk' });
  await panel.getByRole('button', { name: 'Step done' }).click();
  await expect(panel).toContainText('Step 2');
  await panel.getByRole('button', { name: 'Joints of step 1 checked: good' }).click();
  await expect(panel).toContainText('joints of step 1 checked: good');
  await panel.getByRole('button', { name: 'Put at a step …' }).click();
  const dialog = page.getByRole('dialog', { name: 'Put seat 1 Auk at a step' });
  await dialog.getByRole('checkbox', { name: /And 1 seat that is behind it: 2 Ruff/ }).check();
  await expectAccessible(page);
  await dialog.getByRole('button', { name: 'Put at step 3' }).click();
  await expect(panel).toContainText('Step 3');
  await expect(phone.getByText(/Step 3 of/)).toBeVisible();
  await panel.getByRole('button', { name: /^Undo put at step 3/ }).click();
  await expect(panel).toContainText('Step 2');
});
