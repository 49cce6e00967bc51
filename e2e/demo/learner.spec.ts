import type { Page } from '@playwright/test';
import {
  expect,
  expectAccessible,
  expectReadableInDark,
  openBy,
  phoneOf,
  signIn,
  test,
} from '../fixtures';
import { planned } from '../planned';

const noWiderThan = async (page: Page, width: number) =>
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(
    width,
  );

test('a learner is met, tells what is missing, builds, is seen off; the floor sees all of it', async ({
  page,
  browser,
  baseURL,
}) => {
  await signIn(page);
  const headers = { origin: baseURL ?? '' };
  const { id } = await planned(page, {
    title: 'Met at the door',
    startsAt: -5,
    names: ['Godwit', 'Avocet'],
  });
  const workshop = await (await page.request.get(`/api/workshops/${id}`)).json();
  const [first, second] = workshop.seats;
  await page.request.put(`/api/workshops/${id}/seating`, {
    headers,
    data: {
      version: workshop.version,
      seats: workshop.seats.map((seat: { id: string; name: string; number: number }) => ({
        id: seat.id,
        name: seat.name,
        experience: 'new',
        partner: 3 - seat.number,
      })),
    },
  });

  const phone = await phoneOf(browser, baseURL);
  await phone.setViewportSize({ width: 320, height: 568 });
  await phone.goto(`/seat/${first.token}`);
  await expect(phone.getByRole('heading', { name: 'Hello Godwit' })).toBeVisible();
  await expect(phone.getByText('You work with Avocet.')).toBeVisible();
  await expect(phone.getByRole('button', { name: /^Done/ })).toHaveCount(0);
  await noWiderThan(phone, 320);
  await expectAccessible(phone);
  await expectReadableInDark(phone);
  await phone.getByRole('button', { name: 'very large' }).click();
  await noWiderThan(phone, 320);
  await phone.getByRole('button', { name: 'usual' }).click();
  await phone.setViewportSize({ width: 390, height: 844 });

  await phone
    .getByRole('button', { name: /^Missing: / })
    .first()
    .click();
  await expect(phone.getByText(/You are number \d+/)).toBeVisible();
  await page.goto(`/workshops/${id}/floor?seat=${first.id}`);
  const panel = page.getByRole('region', { name: 'Seat 1 Godwit' });
  await expect(panel.getByText(/^Missing: \w/).first()).toBeVisible();
  await panel.getByLabel('Note for staff').fill('Left-handed');
  await openBy(
    panel.getByRole('button', { name: 'Add note' }),
    panel.getByText('Note: Left-handed'),
  );
  await expectAccessible(page);

  await phone.getByRole('button', { name: 'Begin with step 1' }).click();
  await expect(phone.getByText(/^Step 1 of/)).toBeVisible();
  await expect(phone.getByText('Left-handed')).toHaveCount(0);
  await phone.reload();
  await expect(phone.getByText(/^Step 1 of/)).toBeVisible();
  await phone.getByRole('button', { name: /Something went wrong/ }).click();
  await phone.getByRole('button', { name: 'Something else' }).click();
  await phone.getByLabel(/Say what it is/).fill('My iron is cold');
  await phone.getByRole('dialog').getByRole('button', { name: 'Ask for help' }).click();
  await expect(panel.getByText(/My iron is cold/)).toBeVisible();

  // The other one is brought to the end by staff, who have looked at one step.
  const report = (deed: object, at: number) =>
    page.request.post(`/api/workshops/${id}/seats/${second.id}/events`, {
      headers,
      data: {
        events: [
          {
            ...deed,
            id: crypto.randomUUID(),
            seatId: second.id,
            at: new Date(Date.now() - 60_000 + at).toISOString(),
          },
        ],
      },
    });
  for (const [index, step] of workshop.steps.entries())
    await report({ kind: 'step-done', stepId: step.id }, index);
  const soldered = workshop.steps.find(({ kind }: { kind: string }) => kind === 'solder');
  await report({ kind: 'checked-good', stepId: soldered.id }, 1000);
  const other = await phoneOf(browser, baseURL);
  await other.setViewportSize({ width: 390, height: 844 });
  await other.goto(`/seat/${second.token}`);
  await expect(other.getByRole('heading', { name: 'Your board is done' })).toBeVisible();
  await expect(other.getByText('Joints of 1 step checked by the instructor')).toBeVisible();
  await noWiderThan(other, 390);
  await expectAccessible(other);
  await other.getByLabel(/should be different/).fill('More light');
  await other.getByRole('button', { name: 'All right' }).click();
  await expect(other.getByText(/Thank you/)).toBeVisible();
  const sheet = await other.request.get(
    (await other.getByRole('link', { name: /Sheet to take home/ }).getAttribute('href')) ?? '',
  );
  expect(sheet.headers()['content-type']).toBe('application/pdf');

  await page.goto(`/workshops/${id}/wrap-up`);
  await expect(page.getByText('1 said all right')).toBeVisible();
  await expect(page.getByText('More light')).toBeVisible();
  await expect(page.getByText(/Note at seat 1 Godwit: Left-handed/)).toBeVisible();
  await expectAccessible(page);
  await phone.context().close();
  await other.context().close();
});

test('the wall shows time, plan and break to the room, and nobody’s name', async ({
  page,
  baseURL,
}) => {
  await signIn(page);
  const headers = { origin: baseURL ?? '' };
  const { id } = await planned(page, {
    title: 'On the wall',
    startsAt: -10,
    names: ['Phalarope', 'Whimbrel'],
  });
  await page.goto(`/workshops/${id}/floor`);
  await page.getByRole('link', { name: 'Wall view' }).click();
  const wall = page.getByRole('region', { name: 'Wall view' });
  await expect(wall.getByText(/^1 h (19|20) min left$/)).toBeVisible();
  await expect(wall.getByText('The plan is at')).toBeVisible();
  await expect(wall).not.toContainText(/Phalarope|Whimbrel/);
  await expectAccessible(page);
  await expectReadableInDark(page);
  const { seats } = await (await page.request.get(`/api/workshops/${id}`)).json();
  for (const { id: seatId } of seats) {
    await page.request.post(`/api/workshops/${id}/seats/${seatId}/events`, {
      headers,
      data: {
        events: [
          {
            kind: 'message',
            message: '01900000-0000-7000-8000-0000000000ab',
            sort: 'break',
            text: 'Tea is ready',
            minutes: 10,
            id: crypto.randomUUID(),
            seatId,
            at: new Date().toISOString(),
          },
        ],
      },
    });
  }
  await expect(wall.getByText('10 minutes left')).toBeVisible();
  await expect(wall.getByText('Tea is ready')).toBeVisible();
  for (const [width, height] of [
    [1920, 1080],
    [1280, 800],
  ] as const) {
    await page.setViewportSize({ width, height });
    await expect(wall.getByText(/of 2 boards done/)).toBeInViewport();
  }
  await wall.getByRole('link', { name: 'Back to the floor' }).click();
  await expect(page.getByRole('link', { name: 'Wall view' })).toBeVisible();
});

test('two at one phone are told who has the iron, and partners at two phones who has it first', async ({
  page,
  browser,
  baseURL,
}) => {
  await signIn(page);
  const { seats } = await planned(page, {
    title: 'In pairs',
    startsAt: -5,
    names: ['Siskin & Serin'],
  });
  const phone = await phoneOf(browser, baseURL);
  await phone.goto(`/seat/${seats[0]?.token}`);
  await expect(phone.getByText('You share this phone and one board.')).toBeVisible();
  await phone.getByRole('button', { name: 'Begin with step 1' }).click();
  await expect(
    phone.getByText('Siskin has the iron at this step. Serin holds and checks.'),
  ).toBeVisible();
  await phone.getByRole('button', { name: /^Done/ }).click();
  await expect(
    phone.getByText('Serin has the iron at this step. Siskin holds and checks.'),
  ).toBeVisible();
  await phone.context().close();
});
