import type { Page } from '@playwright/test';
import { expect, expectAccessible, phoneOf, seatsOf, signIn, test } from '../fixtures';
import { goToSeat } from '../goToSeat';
import { answerByKeys } from './answerByKeys';

test('a learner practises from the link of the seat, by keys alone, without network and across a reload', async ({
  page,
  browser,
  baseURL,
}) => {
  test.setTimeout(120_000);
  await signIn(page);
  const { seats } = await seatsOf(page, '3: Fern');
  const phone = await phoneOf(browser, baseURL);
  await goToSeat(phone, seats.find(({ name }) => name === 'Plover')?.token);
  await phone.getByRole('link', { name: /Practise meanwhile/ }).click();
  await expect(phone).toHaveURL(/\/practice$/);
  await expect(phone.getByText('For your next kit: Fern Minder')).toBeVisible();
  await expectAccessible(phone);
  await expect(phone.getByText('Saved')).toBeVisible();

  await phone.route('**/api/**', (route) => route.abort('internetdisconnected'));
  await phone.getByRole('button', { name: /^Start: about/ }).click();
  const kinds = await answerByKeys(phone, 40);
  expect(new Set(kinds).size).toBeGreaterThan(4);
  await expect(phone.getByText(/^\d+ of \d+ (was|were) right/)).toBeVisible();
  await expect(phone.getByText(/entries are kept here/)).toBeVisible();
  await phone.reload();
  await expect(phone.getByText(/entries are kept here/)).toBeVisible();
  await expect(phone.getByText(/answered/).first()).toBeVisible();
  await phone.unroute('**/api/**');
  await expect(phone.getByText('Saved')).toBeVisible({ timeout: 20_000 });
  await phone.getByRole('link', { name: 'To my board' }).click();
  await expect(phone.getByText(/^Step \d+ of/)).toBeVisible();
  await phone.context().close();

  // What was answered at home stands on the learner’s page, with the answers behind each figure.
  await page.goto('/people');
  await page.getByRole('link', { name: 'Plover' }).click();
  const table = page.getByRole('table', { name: 'Practice' });
  const figure = table.getByRole('row', { name: /^Joints/ }).getByRole('button');
  const count = Number(await figure.textContent());
  await figure.click();
  await expect(page.getByRole('list', { name: 'Answers' }).getByRole('listitem')).toHaveCount(
    count,
  );
});

test('who cannot tell colours says so once, and gets names and a meter', async ({ page }) => {
  await signIn(page);
  await page.goto('/practice');
  await page.getByLabel('How do you see colours?').selectOption('red-green');
  await page.getByRole('button', { name: 'Start: Bands and prints' }).click();
  const question = page.getByRole('article').getByRole('heading').first();
  while (((await question.textContent()) ?? '') !== 'What is the value of this resistor?')
    await answerByKeys(page, 1);
  await page.getByRole('button', { name: 'Show the names' }).click();
  await expect(page.locator('.band-name').first()).toBeVisible();
  await page.getByRole('button', { name: 'Measure it instead' }).click();
  const reading = await page.getByText(/The meter shows/).textContent();
  const [, shown = '', unit = ''] = /shows ([\d.]+) (\S*Ω)/.exec(reading ?? '') ?? [];
  await page.getByRole('textbox').fill(`${shown}${unit}`);
  await page.getByRole('button', { name: 'That is my answer' }).click();
  // Where the meter shows a value that is made, that is the answer; otherwise the nearest one would be.
  await expect(page.locator('.drill-verdict')).toContainText(/Right\.|Not quite\./);
  await page.reload();
  await expect(page.getByLabel('How do you see colours?')).toHaveValue('red-green');
});

test('the whole class answers one question; the answers come in live and go to the projector', async ({
  page,
  browser,
  baseURL,
}) => {
  await signIn(page);
  const { id, seats } = await seatsOf(page, '3: Fern');
  await page.goto(`/practice/class/${id}`);
  await page.getByRole('combobox', { name: 'Trainer' }).click();
  await page.getByRole('option', { name: 'Joints' }).click();
  await page.getByRole('combobox', { name: 'About' }).click();
  await page.getByRole('option', { name: 'joint: Bridge' }).click();
  await expect(page.getByText('The right answer: Bridge')).toBeVisible();

  const phones = [await phoneOf(browser, baseURL), await phoneOf(browser, baseURL)] as const;
  for (const [index, phone] of phones.entries()) await goToSeat(phone, seats[index + 4]?.token);
  const screen = await page.context().newPage();
  await screen.goto(`/practice/class/${id}/screen`);
  await expect(screen.getByText('The first question comes soon.')).toBeVisible();

  await page.getByRole('button', { name: 'Ask all 8 seats' }).click();
  await expect(page.getByText('0 of 8 have answered')).toBeVisible();
  const answer = async (phone: Page, name: RegExp) => {
    const round = phone.getByRole('region', { name: 'A question for everybody' });
    await phone.getByRole('button', { name: 'Answer it' }).click();
    await expect(phone.getByRole('button', { name: 'Ask for help' })).toBeVisible();
    await round.getByRole('button', { name }).click();
    await expect(round.getByText('Your answer is in')).toBeVisible();
  };
  // With the iron in hand it is put off, and taken up again.
  const done = phones[0].getByRole('button', { name: 'Done' });
  await phones[0].getByRole('button', { name: 'Not now' }).click();
  await expect(done).toBeVisible();
  await phones[0].getByRole('button', { name: 'Answer the question for everybody' }).click();
  await expect(phones[0].getByRole('button', { name: 'Answer it' })).toBeVisible();
  await expect(done).toBeHidden();
  await answer(phones[0], /Bridge/);
  // Nobody is told yet who was right.
  await expect(phones[0].getByText('Right.', { exact: true })).toHaveCount(0);
  await answer(phones[1], /Good/);
  await expect(page.getByText('2 of 8 have answered')).toBeVisible();
  await expect(screen.locator('.screen-count')).toHaveText('2');
  await expect(page.getByRole('listitem').filter({ hasText: seats[4]?.name ?? '' })).toContainText(
    'Bridge',
  );

  await page.keyboard.press('x');
  for (const where of [page, screen]) {
    const answers = where.getByRole('region', { name: 'Answers' });
    await expect(answers.getByText('2 of 8 answered.')).toBeVisible();
    await expect(answers.getByText('Most common wrong answer, 1 of 2: Good.')).toBeVisible();
  }
  // The projector names nobody.
  await expect(screen.getByText(seats[4]?.name ?? '-')).toHaveCount(0);
  await expectAccessible(screen);
  await expect(phones[0].getByText('Right.', { exact: true })).toBeVisible();
  await expect(phones[1].getByText('Not quite.')).toBeVisible();
  await phones[1].getByRole('button', { name: 'Back to my step' }).click();
  await expect(phones[1].getByRole('region', { name: 'A question for everybody' })).toHaveCount(0);
  for (const phone of phones) await phone.context().close();
});

test('practice at home shows as progress on the learner’s page', async ({ page }) => {
  await signIn(page);
  await page.goto('/people');
  await page.getByRole('link', { name: 'Gannet' }).click();
  const rows = page.getByRole('table', { name: 'Practice' }).getByRole('row');
  await expect(rows).toHaveCount(8);
  const cells = rows.filter({ hasText: 'Which way round' }).getByRole('cell');
  const percent = async (cell: number) =>
    Number.parseInt((await cells.nth(cell).textContent()) ?? '', 10);
  const [all, lately] = [await percent(1), await percent(2)];
  expect(lately).toBeGreaterThan(all);
  await expectAccessible(page);
});
