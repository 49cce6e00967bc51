import { expect, expectAccessible, openBy, phoneOf, signIn, test } from '../fixtures';
import { goToSeat } from '../goToSeat';
import { planned } from '../planned';

const names = 'Auk Bunting Crake Diver Egret Fulmar Grebe Heron Ibis Jay Kite Lapwing'.split(' ');

// A JPEG of one dot (made with the browser’s own canvas).
const dot =
  '/9j/4AAQSkZJRgABAQAAAQABAAD/2wBDAAMCAgICAgMCAgIDAwMDBAYEBAQEBAgGBgUGCQgKCgkICQkKDA8MCgsOCwkJDRENDg8QEBEQCgwSExIQEw8QEBD/yQALCAABAAEBAREA/8wABgAQEAX/2gAIAQEAAD8A0s8g/9k=';

test('an evening of twelve ends: a photo without network, another floor hears of a walk-in, a mistake is put right, the seats are locked', async ({
  page,
  context,
  browser,
  baseURL,
}) => {
  await signIn(page);
  const { id, seats } = await planned(page, { title: 'Last evening', startsAt: -50, names });
  const [first, second] = seats;
  if (!first || !second) throw new Error('twelve seats are asked for');
  const { steps } = (await (await page.request.get(`/api/workshops/${id}`)).json()) as {
    steps: { id: string; kind: string }[];
  };
  const at = new Date(Date.now() - 5 * 60_000).toISOString();
  const log = (seatId: string, deeds: readonly object[]) =>
    page.request.post(`/api/workshops/${id}/seats/${seatId}/events`, {
      headers: { origin: baseURL ?? '' },
      data: { events: deeds.map((deed) => ({ ...deed, id: crypto.randomUUID(), seatId, at })) },
    });
  await log(
    first.id,
    steps.map(({ id: stepId }) => ({ kind: 'step-done', stepId })),
  );

  // The learner’s photo waits for the network, across a reload.
  const phone = await phoneOf(browser, baseURL);
  await goToSeat(phone, first.token);
  await expect(phone.getByRole('heading', { name: 'Photo of your board' })).toBeVisible();
  await phone.route('**/api/**', (route) =>
    route.request().method() === 'GET' ? route.fallback() : route.abort('internetdisconnected'),
  );
  await phone
    .getByLabel('Photo of your board')
    .last()
    .setInputFiles({
      name: 'board.jpg',
      mimeType: 'image/jpeg',
      buffer: Buffer.from(dot, 'base64'),
    });
  await expect(phone.getByText('1 photo waits on this device for the network.')).toBeVisible();
  await expect(phone.getByRole('img', { name: 'Photo of the board' })).toBeVisible();
  await phone.reload();
  await expect(phone.getByText('1 photo waits on this device for the network.')).toBeVisible();
  await phone.unroute('**/api/**');
  await phone.evaluate(() => dispatchEvent(new Event('online')));
  await expect(phone.getByText('1 photo waits on this device for the network.')).toHaveCount(0);
  await expectAccessible(phone);

  // Two floors: what one adds the other shows, with nobody reloading.
  await page.goto(`/workshops/${id}/floor`);
  const other = await context.newPage();
  await other.goto(`/workshops/${id}/floor?seat=${first.id}`);
  await expect(other.getByRole('img', { name: 'Photo of the board' })).toBeVisible();
  await expectAccessible(other);
  await page.getByRole('button', { name: 'Add seat' }).click();
  await page.getByRole('dialog').getByLabel('First name').fill('Merlin');
  await page.getByRole('dialog').getByRole('button', { name: 'Add seat' }).click();
  await expect(other.getByRole('list', { name: 'Seats' })).toContainText('Merlin');
  await other.close();

  // Which value sits there is asked once, and what was logged wrongly is put right with a trace.
  await page.goto(`/workshops/${id}/floor`);
  await page.getByRole('button', { name: 'Log a mistake at seat 2' }).click();
  const grid = page.getByRole('dialog', { name: 'Mistake at seat 2' });
  await grid.getByRole('button', { name: 'Wrong value at R1' }).click();
  await expect(grid).toContainText('Which value sits at R1 now?');
  await expectAccessible(page);
  await grid.getByRole('button', { name: /47 kΩ/ }).click();
  await page.goto(`/workshops/${id}/wrap-up`);
  const lines = page.getByRole('region', { name: 'Seat 2', exact: true });
  await expect(lines).toContainText('Wrong value R1 (fitted: the value of R2)');
  const dialog = page.getByRole('dialog', { name: 'Correct a mistake' });
  await openBy(lines.getByRole('button', { name: /^Correct: / }), dialog);
  await dialog.getByLabel('What went wrong').click();
  await page.getByRole('option', { name: 'Dry joint' }).click();
  await expectAccessible(page);
  await dialog.getByRole('button', { name: 'Save correction' }).click();
  await expect(lines).toContainText('Dry joint R1');
  await expect(lines).toContainText(/Corrected \(instructor, .*Logged first: Wrong value R1/);

  await page.getByLabel('What to change next time').fill('Sort the resistors before the class.');
  await page.getByRole('button', { name: 'Save note' }).click();
  await expect(page.getByRole('button', { name: 'Save note' })).toBeDisabled();
  const late = await phoneOf(browser, baseURL);
  await goToSeat(late, second.token);
  await expect(late.getByText(/^Step 1 of/)).toBeVisible();
  await page.getByRole('button', { name: 'Close evening' }).click();
  await expect(page.getByText(/The seats are locked\./)).toBeVisible();
  await expectAccessible(page);
  // An open seat learns it by itself.
  await expect(late.getByRole('heading', { name: 'The evening is closed' })).toBeVisible();
  await expectAccessible(late);
  await phone.context().close();
  await late.context().close();

  await page.goto(`/workshops/${id}/plan`);
  await page.getByRole('link', { name: 'Copy workshop' }).click();
  await page.getByRole('button', { name: 'Create workshop' }).click();
  await expect(page.getByText('Sort the resistors before the class.')).toBeVisible();
});

test('the room is drawn with two taps, and times are told by the clock of the site', async ({
  page,
}) => {
  await signIn(page);
  const { id } = await planned(page, {
    title: 'In the long room',
    startsAt: '2027-02-04T18:30:00Z',
    names: ['Tern', 'Skua'],
  });
  await page.goto(`/workshops/${id}/plan`);
  await page.getByRole('button', { name: '1 Tern, row 2, place 1' }).click();
  await page.getByRole('button', { name: 'Free: row 1, place 5' }).click();
  await page.getByLabel('Shared tool or place').fill('Fume extractor');
  // It is drawn at once; the page may be left when it is kept.
  const kept = page.waitForResponse(
    (answer) => answer.url().endsWith('/room-plan') && answer.request().method() === 'PUT',
  );
  await page.getByRole('button', { name: 'Add to plan' }).click();
  await expect(page.getByRole('button', { name: 'Fume extractor, row 1, place 1' })).toBeVisible();
  await kept;
  await expectAccessible(page);
  await page.reload();
  await expect(page.getByRole('button', { name: '1 Tern, row 1, place 5' })).toBeVisible();

  // The clock of the site is everybody's: here it is another one for this browser only.
  let clock: unknown = { timeZone: 'UTC', hours: 24 };
  await page.route('**/api/clock', async (route) => {
    if (route.request().method() === 'PUT') clock = route.request().postDataJSON();
    await route.fulfill({ json: clock });
  });
  await page.goto('/site/you');
  await page.getByRole('combobox', { name: 'Time zone' }).fill('Pacific/Auck');
  await page.getByRole('option', { name: 'Pacific/Auckland' }).click();
  await page.getByRole('combobox', { name: 'Hours' }).click();
  await page.getByRole('option', { name: /12 hours/ }).click();
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Save clock' }).click();
  await expect(page.getByText(/^Saved\. It is now/)).toBeVisible();
  await page.goto(`/workshops/${id}/plan`);
  // Thirteen hours ahead in February, by summer time there (IANA time zone database).
  await expect(page.getByText(/5 Feb 2027, 07:30 am/)).toBeVisible();
});
