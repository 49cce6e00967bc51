import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import type { Browser, Page } from '@playwright/test';
import { expect, expectAccessible, phoneOf, pressFor, signIn, test } from '../fixtures';
import { goToSeat } from '../goToSeat';

/** An evening and a kit of its own for each test: what is logged here no other test sees. */
interface Evening {
  readonly id: string;
  readonly seats: readonly { readonly id: string; readonly token: string }[];
  readonly steps: readonly { readonly id: string }[];
}

async function newEvening(page: Page, names: readonly string[]): Promise<Evening> {
  const title = `Evening ${Date.now()}`;
  const kit = await page.request.post('/api/kits', {
    data: {
      name: `${title} kit`,
      supplyVolt: 6,
      csv: readFileSync(
        join(import.meta.dirname, '..', '..', 'demo', 'kits', 'twin-lamp.csv'),
        'utf8',
      ),
      mapping: { designators: 0, quantity: 1, description: 2, value: 3, tolerance: 4 },
    },
  });
  const made = await page.request.post('/api/workshops', {
    data: {
      title,
      kitId: ((await kit.json()) as { id: string }).id,
      // Just over, so that it is neither the evening that runs now nor one that the stores pack for.
      startsAt: new Date(Date.now() - 80 * 60_000).toISOString(),
      lengthMinutes: 60,
      seats: names.map((name) => ({ name })),
    },
  });
  const { id } = (await made.json()) as { id: string };
  return (await (await page.request.get(`/api/workshops/${id}`)).json()) as Evening;
}

async function openSeat(browser: Browser, baseURL: string | undefined, token = ''): Promise<Page> {
  const seat = await phoneOf(browser, baseURL);
  await goToSeat(seat, token);
  await expect(seat.getByText('Saved')).toBeVisible();
  return seat;
}

test.beforeEach(({ page }) => signIn(page));

test('everybody is told about a part at once; seats past it are listed and checked off', async ({
  page,
  browser,
  baseURL,
}) => {
  const evening = await newEvening(page, ['Auk', 'Brant']);
  const ahead = await openSeat(browser, baseURL, evening.seats[0]?.token);
  const past = await openSeat(browser, baseURL, evening.seats[1]?.token);
  await past.getByRole('button', { name: /^Done/ }).click();
  await page.goto(`/workshops/${evening.id}/floor`);
  await expect(page.getByRole('button', { name: /^Seat 2 Brant: step 2/ })).toBeVisible();

  const dialog = page.getByRole('dialog', { name: 'Message to everyone' });
  await pressFor(page, 't', dialog);
  await dialog.getByRole('button', { name: /^Send to all/ }).click();
  await expect(dialog.getByText('Write what everybody must know.')).toBeVisible();
  await dialog.getByRole('checkbox', { name: 'R4' }).check();
  await dialog
    .getByLabel('What everybody must know')
    .fill('R4 has a wrong print: 470 Ω goes there.');
  await expect(dialog.getByRole('status')).toContainText('1 of 2 seats have this step before them');
  await expectAccessible(page);
  await dialog.getByRole('button', { name: 'Send to all 2 seats' }).click();

  await expect(ahead.getByText('R4 has a wrong print')).toBeVisible();
  await expect(ahead.getByText('This is about the step you are at.')).toBeVisible();
  await expect(past.getByText(/You have already done step 1/)).toBeVisible();

  const told = page.getByRole('region', { name: 'Message to everyone' });
  await expect(told.getByRole('button', { name: /checked/ })).toHaveCount(1);
  await expect(page.getByRole('region', { name: 'Who next' })).toContainText('to be checked');
  await told.getByRole('button', { name: /Seat 2 is checked/ }).click();
  await expect(told).toContainText('Every seat is checked');
  await expect(past.getByText(/You have already done step 1/)).toHaveCount(0);

  await told.getByRole('button', { name: /^Withdraw/ }).click();
  await expect(ahead.getByText('R4 has a wrong print')).toHaveCount(0);
});

test('a visit has a length, praise reaches the seat, a replaced part is logged', async ({
  page,
  browser,
  baseURL,
}) => {
  const evening = await newEvening(page, ['Auk', 'Brant']);
  const seat = await openSeat(browser, baseURL, evening.seats[0]?.token);
  await seat.getByRole('button', { name: 'Ask for help' }).click();
  await page.goto(`/workshops/${evening.id}/floor`);
  const next = page.getByRole('region', { name: 'Who next' });
  await expect(next.getByRole('listitem').filter({ hasText: '1 Auk' })).toContainText(
    'asked for help just now',
  );
  await next.getByRole('button', { name: 'Go to seat 1' }).click();
  await expect(page.getByRole('status').filter({ hasText: 'You are with' })).toContainText('1 Auk');
  await expect(next).not.toContainText('1 Auk');

  await page.getByRole('button', { name: /^Seat 1 Auk/ }).click();
  const panel = page.getByRole('region', { name: 'Seat 1 Auk' });
  await page.keyboard.press('b');
  await expect(seat.getByText('Well done, says your instructor.')).toBeVisible();
  await panel.getByRole('button', { name: 'R4 is replaced' }).click();
  await expect(panel.getByText('R4 replaced')).toBeVisible();
  await expect(panel.getByText(/% to finish tonight/)).toBeVisible();
  await page.getByRole('button', { name: 'Leave seat' }).click();
  await expect(panel.getByText('Visit, under a minute')).toBeVisible();
  await expectAccessible(page);

  const csv = await (await page.request.get(`/api/workshops/${evening.id}/wrap-up.csv`)).text();
  expect(csv).toMatch(/,visit,[^\n]*,instructor,,0(\.\d)?,/);
  expect(csv).toMatch(/,part replaced,1,[^\n]*R4/);
});

test('a check is read and failed from the floor, and says who saw a mistake', async ({ page }) => {
  const evening = await newEvening(page, ['Auk']);
  const [seat] = evening.seats;
  const check = evening.steps.findIndex(({ id }) => id.includes('supply-resistance'));
  const at = new Date(Date.now() - 60_000).toISOString();
  await page.request.post(`/api/seats/${seat?.token}/events`, {
    data: {
      events: evening.steps.slice(0, check).map(({ id }, index) => ({
        id: `01900000-0000-7000-8000-${String(Date.now()).slice(-9)}${String(index).padStart(3, '0')}`,
        seatId: seat?.id,
        at,
        kind: 'step-done',
        stepId: id,
      })),
    },
  });
  await page.goto(`/workshops/${evening.id}/floor`);
  await page.getByRole('button', { name: /^Seat 1 Auk/ }).click();
  const panel = page.getByRole('region', { name: 'Seat 1 Auk' });
  await panel.getByLabel('What does the meter show, in ohms?').fill('a lot');
  await panel.getByRole('button', { name: 'Log it' }).click();
  await expect(panel.getByText(/such as 4k7|not|cannot/).first()).toBeVisible();
  await panel.getByLabel('What does the meter show, in ohms?').fill('0.5');
  await panel.getByRole('button', { name: 'Log it' }).click();
  await expect(panel.getByText(/0\.5 Ω/).first()).toBeVisible();
  await expect(panel.getByText(/The check says no/).first()).toBeVisible();
  await panel.getByRole('button', { name: 'Close' }).click();
  await expect(page.getByRole('region', { name: 'Who next' })).toContainText('a check failed');

  await page.getByRole('button', { name: 'Log a mistake at seat 1' }).click();
  await page.getByRole('radio', { name: 'The learner saw it' }).check();
  await page
    .getByRole('dialog')
    .getByRole('button', { name: /^(?!Wrong value)/ })
    .first()
    .click();
  // What is logged here goes out on its own.
  const csv = async () =>
    (await page.request.get(`/api/workshops/${evening.id}/wrap-up.csv`)).text();
  await expect.poll(csv).toMatch(/,mistake,[^\n]*,instructor,learner/);
});

test('two people at work see each other’s entries and never overwrite them', async ({
  page,
  browser,
  baseURL,
}) => {
  const evening = await newEvening(page, ['Auk', 'Brant']);
  await page.goto('/site/accounts');
  await page.getByLabel('Name').fill('Sanderling');
  await page.getByLabel('Passphrase', { exact: true }).fill('short');
  await page.getByRole('button', { name: 'Add person', exact: true }).click();
  await expect(page.getByText(/Choose at least 10 characters/)).toBeVisible();
  await page.getByLabel('Passphrase', { exact: true }).fill('a heap of driftwood');
  await page.getByRole('button', { name: 'Add person', exact: true }).click();
  await expect(page.getByRole('row', { name: /Sanderling/ })).toBeVisible();
  await expectAccessible(page);

  const tablet = await browser.newContext(baseURL ? { baseURL } : {});
  const helper = await tablet.newPage();
  await helper.goto(`/sign-in?next=/workshops/${evening.id}/floor`);
  await helper.getByLabel(/^Name/).fill('Sanderling');
  await helper.getByLabel('Passphrase').fill('a heap of driftwood');
  await helper.getByRole('button', { name: 'Sign in' }).click();
  await expect(helper.getByRole('list', { name: 'Seats' })).toBeVisible();
  await page.goto(`/workshops/${evening.id}/floor`);

  await helper.getByRole('button', { name: 'Visit seat 2' }).click();
  await expect(page.getByText(/Sanderling is with/)).toContainText('2 Brant');
  await page.getByRole('button', { name: 'Visit seat 2' }).click();
  await expect(helper.getByText(/The instructor is with/)).toContainText('2 Brant');
  for (const [who, seat] of [
    [page, 1],
    [helper, 1],
  ] as const) {
    await who.getByRole('button', { name: `Log a mistake at seat ${seat}` }).click();
    await who
      .getByRole('dialog')
      .getByRole('button', { name: /^(?!Wrong value)/ })
      .first()
      .click();
  }
  for (const who of [page, helper])
    await expect(who.getByRole('heading', { name: 'Mistakes: 2' })).toBeVisible();
  await helper.getByRole('button', { name: 'Leave seat' }).click();
  await expect(page.getByText(/Sanderling is with/)).toHaveCount(0);
  await expect(page.getByText(/You are with/)).toBeVisible();

  await helper.goto('/site/accounts');
  await expect(helper.getByText(/for the instructor/)).toBeVisible();
  await tablet.close();
  await page.goto('/site/accounts');
  await page.getByRole('button', { name: 'Remove Sanderling' }).click();
  await expect(page.getByText('Sanderling is signed out')).toBeVisible();
  await page.goto('/site/record');
  await expect(page.getByText('removed an account: Sanderling').first()).toBeVisible();
});

test('seats are named, paired and saved; the room is signed off; papers and calendar come in one click', async ({
  page,
}) => {
  const evening = await newEvening(page, ['Auk', 'Brant', '', 'Crake']);
  await page.goto(`/workshops/${evening.id}/plan`);
  await page.getByLabel('Name at seat 3').fill('Auk');
  await page.getByRole('button', { name: 'Save the seats' }).click();
  await expect(page.getByText(/Two seats are called Auk. Add an initial/)).toBeVisible();
  await page.getByLabel('Name at seat 3').fill('Diver');
  await page.getByLabel('Experience at seat 3').click();
  await page.getByRole('option', { name: 'practised' }).click();
  await page.getByRole('button', { name: 'Quick beside slow' }).click();
  await page.getByRole('button', { name: 'Save the seats' }).click();
  await expect(page.getByText(/Seats saved/)).toBeVisible();
  await page.reload();
  await expect(page.getByLabel('Name at seat 3')).toHaveValue('Diver');
  await expect(page.getByRole('row', { name: /Diver|^3/ }).first()).toContainText(
    '0.4 × plan, assumed',
  );
  await expect(page.getByLabel('Beside seat 3')).not.toContainText('nobody');

  await page.getByRole('button', { name: 'I have checked all of them' }).click();
  await expect(page.getByText(/Write the name of the person who has checked/)).toBeVisible();
  await page.getByLabel('Checked by').fill('Eider');
  await page.getByRole('checkbox', { name: /Windows open/ }).click();
  await expect(page.getByRole('checkbox', { name: /Windows open/ })).toBeChecked();
  await page.getByRole('button', { name: 'I have checked all of them' }).click();
  await expect(page.getByText(/All \d+ lines are signed/)).toBeVisible();
  await page.reload();
  await expect(page.getByText(/All \d+ lines are signed/)).toBeVisible();
  await page.getByRole('checkbox', { name: /Windows open/ }).click();
  await expect(page.getByText(/\d+ of \d+ lines are signed/)).toBeVisible();
  await page.getByText('Minutes step by step').click();
  await expect(page.getByRole('table', { name: 'Minutes step by step' })).toBeVisible();
  await expectAccessible(page);

  const papers = await page.getByRole('link', { name: 'Print all (A4)' }).getAttribute('href');
  const pdf = await (await page.request.get(papers ?? '')).body();
  expect(pdf.subarray(0, 5).toString()).toBe('%PDF-');
  const calendar = await page.getByRole('link', { name: 'Add to calendar' }).getAttribute('href');
  expect(await (await page.request.get(calendar ?? '')).text()).toContain('BEGIN:VEVENT');
});
