import type { Page } from '@playwright/test';
import { expect, expectAccessible, openBy, openKit, signIn, test } from '../fixtures';
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
  await page.getByRole('option', { name: /Look closely at D1, red LED/ }).click();
  await page
    .getByRole('group', { name: /Look closely at D1, red LED/ })
    .getByRole('button', { name: 'wrong way round' })
    .click();
  const likely = page.getByRole('region', { name: 'What is likely wrong' });
  await expect(likely.getByRole('listitem').first()).toContainText('D1 is the wrong way round');
  await expect(likely.getByText(/No power until it is turned/)).toBeVisible();
  await likely.getByRole('button', { name: /Show on board: D1/ }).click();

  // A reload loses nothing of it.
  await page.reload();
  await expect(page.getByText(/is still here/)).toBeVisible();
  await expect(likely.getByText(/No power until it is turned/)).toBeVisible();

  // Mended, and still dark: what lights and what was read is asked again, what was seen to be right is not.
  await likely.getByRole('button', { name: 'Mended, and it still does not work' }).click();
  await expect(left.getByRole('button', { pressed: true })).toHaveCount(0);
  await expect(page.getByRole('listitem').filter({ hasText: 'all as it should be' })).toBeVisible();
  await page.getByRole('button', { name: /Take back: Look closely at D1/ }).click();
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

/** From the panel of a seat on the floor. */
const toFault = (page: Page) =>
  openBy(
    page.getByRole('link', { name: 'Find the fault' }),
    page.getByText(/Say what you see and measure/),
  );

test('from a seat on the floor to what is wrong, which is noted at that seat', async ({ page }) => {
  test.slow();
  const { id, seats } = await planned(page, {
    title: 'Faults of the evening',
    startsAt: '2027-02-05T18:30:00Z',
    names: ['Tern'],
  });
  await page.goto(`/workshops/${id}/floor?seat=${seats[0]?.id}`);
  await toFault(page);
  // Nothing has been soldered here, as far as anybody has said.
  await expect(page.getByText(/Not on this board yet: .*D1/)).toBeVisible({ timeout: 120_000 });
  await expect(page.getByRole('group', { name: 'D1, red LED' })).toHaveCount(0);
  await expect(page.locator('.body-ahead').first()).toBeVisible();
  await expectAccessible(page);
  await page.getByRole('button', { name: 'It is finished' }).click();
  await expect(page.locator('.body-ahead')).toHaveCount(0);
  await expect(page.getByRole('group', { name: 'D1, red LED' })).toBeVisible();
  await page.getByLabel('Enter something else').click();
  await page.getByRole('option', { name: /Look closely at D1/ }).click();
  await page.getByRole('button', { name: 'wrong way round' }).click();
  const note = page.getByRole('button', {
    name: /It was this, note it: .* is the wrong way round/,
  });
  await note.first().click();
  await expect(page).toHaveURL(/\/floor/);
  await expect(page.getByText(/Backwards/).first()).toBeVisible();
  await expect(page.getByText(/Found in 1 min by: D1 wrong way round/).first()).toBeVisible();
});

test('what a seat has read and logged is there before anybody measures', async ({ page }) => {
  test.slow();
  const { id, seats } = await planned(page, {
    title: 'Readings of the evening',
    startsAt: -30,
    names: ['Ruff'],
  });
  const [seat] = seats;
  const view = await (await page.request.get(`/api/seats/${seat?.token}`)).json();
  const steps: { id: string; kind: string; check?: string }[] = view.steps;
  const power = steps.find(({ check }) => check === 'first-power');
  const deeds = [
    ...steps.map(({ id: stepId }) => ({ kind: 'step-done', stepId })),
    { kind: 'reading', stepId: power?.id, amount: 0.4 },
  ];
  const events = deeds.map((deed, index) => ({
    ...deed,
    id: `0198c1de-0000-7000-8000-0000000001${String(index + 10)}`,
    seatId: seat?.id,
    at: new Date().toISOString(),
  }));
  const sent = await page.request.post(`/api/seats/${seat?.token}/events`, {
    data: { events },
    headers: { origin: new URL(page.url()).origin },
  });
  expect(sent.ok()).toBe(true);
  await page.setViewportSize({ width: 390, height: 844 });
  await page.goto(`/workshops/${id}/floor?seat=${seat?.id}`);
  await toFault(page);
  await expect(page.getByText(/Read at the checks of this seat: .*0\.4 mA/)).toBeVisible({
    timeout: 120_000,
  });
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Use these readings' }).click();
  await expect(page.getByText(/Read at the checks of this seat/)).toHaveCount(0);
  await expect(page.getByRole('heading', { name: 'What is likely wrong' })).toBeVisible();
  await expect(page.getByRole('listitem').filter({ hasText: '0.40 mA' })).toBeVisible();
});

test('a learner looks first, finds a bad joint, says so, and asks for help for the rest', async ({
  page,
}) => {
  const { seats } = await planned(page, {
    title: 'Looking first',
    startsAt: -30,
    names: ['Dunlin'],
  });
  const [seat] = seats;
  const view = await (await page.request.get(`/api/seats/${seat?.token}`)).json();
  const events = view.steps.map(({ id: stepId }: { id: string }, index: number) => ({
    kind: 'step-done',
    stepId,
    id: `0198c1de-0000-7000-8000-0000000000${String(index + 10)}`,
    seatId: seat?.id,
    at: new Date().toISOString(),
  }));
  await page.request.post(`/api/seats/${seat?.token}/events`, {
    data: { events },
    headers: { origin: new URL(page.url()).origin },
  });
  await page.setViewportSize({ width: 390, height: 844 });
  await page.goto(`/seat/${seat?.token}`);
  await page.getByRole('link', { name: 'It does not work: look first' }).click();
  await expect(page.getByText('Look 1 of 5')).toBeVisible();
  await expect(page.getByText(/Drawn as it should be/)).toBeVisible();
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Something is wrong' }).click();
  await expect(page.getByText(/Then try the board again/)).toBeVisible();
  await page.getByRole('button', { name: 'Look on' }).click();
  for (let look = 2; look <= 5; look += 1) {
    await expect(page.getByText(`Look ${look} of 5`)).toBeVisible();
    await page.getByRole('button', { name: 'It is as it should be' }).click();
  }
  await expect(page.getByText(/What is left needs a meter/)).toBeVisible();
  await page.getByRole('button', { name: 'Ask for help' }).click();
  await expect(page.getByRole('button', { name: 'Your instructor has been told' })).toBeDisabled();
  await page.getByRole('button', { name: 'Look at more' }).click();
  await expect(page.getByText('Look 6 of 10')).toBeVisible();
});

test('a hidden fault is looked for with eyes and a simulated meter, and named', async ({
  page,
}) => {
  await page.goto('/practice');
  await page.getByRole('button', { name: 'Start: Find the fault' }).click();
  const question = page.getByRole('heading', { level: 2 }).first();
  // Questions of both sorts come in any order.
  for (let turn = 0; !(await question.textContent())?.includes('Find it in as few'); turn += 1) {
    expect(turn).toBeLessThan(12);
    await page
      .getByRole('list', { name: /What do you do next/ })
      .getByRole('button')
      .first()
      .click();
    await expect(page.getByText(/Best now:/)).toBeVisible();
    await page.getByRole('button', { name: 'Next' }).click();
  }
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Volts' }).click();
  await page.getByRole('button', { name: 'Do it' }).click();
  await expect(page.getByText(/How many volts\? [−\d]/)).toBeVisible();
  await expect(page.getByText('So far about 30 seconds.')).toBeVisible();
  await expect(page.getByRole('button', { name: 'That is it' })).toBeDisabled();
  await page.getByLabel('Place', { exact: true }).selectOption('D1');
  await page
    .getByLabel('Fault', { exact: true })
    .selectOption({ label: 'D1 is the wrong way round' });
  await page.getByRole('button', { name: 'That is it' }).click();
  await expect(page.getByText(/It was this:/)).toBeVisible();
  await expect(page.getByText(/You took about 30 s, the shortest way about/)).toBeVisible();
});
