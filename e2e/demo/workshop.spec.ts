import { expect, expectAccessible, signIn, test } from '../fixtures';
import { planned } from '../planned';

test('a planned workshop gets another title, start and place; what is typed and not saved is back', async ({
  page,
}) => {
  await signIn(page);
  const { id } = await planned(page, {
    title: 'To be moved',
    startsAt: '2027-02-04T18:30:00Z',
    names: ['Tern'],
  });
  await page.goto(`/workshops/${id}/plan`);
  await page.getByRole('button', { name: 'Edit workshop' }).click();
  const dialog = page.getByRole('dialog', { name: 'Edit workshop' });
  await dialog.getByLabel('Title').fill('');
  await dialog.getByRole('button', { name: 'Save' }).click();
  await expect(dialog).toContainText('Give the workshop a title');
  await dialog.getByLabel('Title').fill('Moved by a week');
  await dialog.getByLabel('Date and start').fill('2027-02-11T19:00');
  await dialog.getByLabel('Place').fill('Old ropery');
  await expectAccessible(page);

  await page.reload();
  await page.getByRole('button', { name: 'Edit workshop' }).click();
  await expect(dialog).toContainText('What you typed here before was not saved.');
  await expect(dialog.getByLabel('Title')).toHaveValue('Moved by a week');
  await dialog.getByLabel('Notes').fill('Bring the second extension lead.');
  await dialog.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByText('Workshop saved.')).toBeVisible();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Moved by a week');
  await expect(page.getByText(/11 Feb 2027, 19:00 .* Old ropery/)).toBeVisible();
  await expect(page.getByText('Bring the second extension lead.')).toBeVisible();
  await page.goto('/workshops');
  await expect(page.getByRole('link', { name: /Moved by a week/ }).first()).toBeVisible();
});

test('somebody walks in: a seat more on the running floor, in two taps', async ({ page }) => {
  await signIn(page);
  const { id } = await planned(page, {
    title: 'With a walk-in',
    startsAt: -20,
    names: ['Tern', 'Skua'],
  });
  await page.setViewportSize({ width: 390, height: 844 });
  await page.goto(`/workshops/${id}/floor`);
  await page.getByRole('button', { name: 'Add seat' }).click();
  const dialog = page.getByRole('dialog', { name: 'Add seat' });
  await dialog.getByLabel('First name').fill('tern');
  await dialog.getByRole('button', { name: 'Add seat' }).click();
  await expect(dialog).toContainText('Two seats are called');
  await dialog.getByLabel('First name').fill('Ruff');
  await expectAccessible(page);
  await dialog.getByRole('button', { name: 'Add seat' }).click();
  await expect(dialog).toHaveCount(0);
  // The new seat is open, with its link.
  await expect(page.getByRole('link', { name: /Open the seat/ })).toBeVisible();
  await expect(page.getByText('Ruff').first()).toBeVisible();
  const workshop = await (await page.request.get(`/api/workshops/${id}`)).json();
  expect(workshop.seats.map(({ name }: { name: string }) => name)).toEqual([
    'Tern',
    'Skua',
    'Ruff',
  ]);
});

test('nothing moves under the finger when the floor’s forecast comes in', async ({ page }) => {
  await signIn(page);
  const { id } = await planned(page, {
    title: 'Nothing moves',
    startsAt: -20,
    names: ['Tern', 'Skua'],
  });
  let isLookedAt: () => void = () => undefined;
  const lookedAt = new Promise<void>((resolve) => {
    isLookedAt = resolve;
  });
  await page.route('**/forecast.worker-*.js', async (route) => {
    await lookedAt;
    await route.continue();
  });
  await page.setViewportSize({ width: 390, height: 844 });
  await page.goto(`/workshops/${id}/floor`);
  const button = page.getByRole('button', { name: 'Add seat' });
  await expect(button).toBeVisible();
  await page.evaluate(() => document.fonts.ready);
  const before = await button.boundingBox();
  await expect(page.getByText('Everybody done in time')).toBeHidden();
  isLookedAt();
  await expect(page.getByText('Everybody done in time')).toBeVisible();
  expect((await button.boundingBox())?.y).toBe(before?.y);
});

test('a workshop is planned again like an earlier one, with its people', async ({ page }) => {
  await signIn(page);
  const { id } = await planned(page, {
    title: 'First of a series',
    startsAt: 20,
    lengthMinutes: 75,
    names: ['Tern', 'Skua', ''],
  });
  await page.goto(`/workshops/${id}/plan`);
  await page.getByRole('link', { name: 'Copy workshop' }).click();
  await expect(page.getByText('Copied from “First of a series”')).toBeVisible();
  await expectAccessible(page);
  // It is there again after a reload, and nothing of it is the plan of another new one.
  await page.reload();
  await expect(page.getByLabel('Length in minutes')).toHaveValue('75');
  await expect(page.getByLabel(/^Names/)).toHaveValue('Tern\nSkua');
  await page.getByLabel('Title').fill('Second of a series');
  await page.getByRole('button', { name: 'Create workshop' }).click();
  await expect(page.getByRole('heading', { name: 'Second of a series', level: 1 })).toBeVisible();
  await expect(page.getByRole('textbox', { name: 'Name at seat 2' })).toHaveValue('Skua');
  await expect(page.getByRole('textbox', { name: 'Name at seat 3' })).toHaveValue('');
  await page.goto('/workshops/new');
  await expect(page.getByLabel('Title')).toHaveValue('');
});

test('a series is planned with names from a file; it is called off, brought back and deleted with undo', async ({
  page,
}) => {
  await signIn(page);
  await page.goto('/workshops/new');
  await page.getByLabel('Title').fill('Harbour series');
  await page.getByRole('combobox', { name: 'Kit' }).click();
  await page.getByRole('option', { name: /^Twin Lamp/ }).click();
  await page.getByLabel('Date and start').fill('2027-03-18T18:30');
  await page.getByLabel('Seats').fill('2');
  await page.locator('input[type=file]').setInputFiles({
    name: 'people.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from('Nr;Vorname;Nachname\n1;Godwit;Bay\n2;Avocet;Cove\n3;Dotterel;Quay\n'),
  });
  await expect(page.getByLabel('Names')).toHaveValue('Godwit B.\nAvocet C.\nDotterel Q.');
  await expect(page.getByLabel('Seats')).toHaveValue('3');
  await page.getByLabel('Number of evenings').fill('3');
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Create workshop' }).click();

  const upcoming = page.getByRole('region', { name: 'Upcoming' });
  await expect(upcoming.getByRole('link', { name: 'Harbour series' })).toHaveCount(3);
  // The clock on the wall says the same, before summer time and in it.
  for (const day of ['18 Mar 2027, 18:30', '25 Mar 2027, 18:30', '1 Apr 2027, 18:30'])
    await expect(upcoming.getByText(new RegExp(day))).toBeVisible();
  await expect(upcoming.getByRole('link', { name: /things? open/ }).first()).toBeVisible();

  await upcoming.getByRole('link', { name: 'Harbour series' }).first().click();
  await page.getByRole('button', { name: 'More' }).click();
  await page.getByRole('menuitem', { name: 'Cancel workshop' }).click();
  await expect(page.getByText('This workshop is cancelled.')).toBeVisible();
  await expectAccessible(page);
  await page.getByRole('link', { name: 'Workshops', exact: true }).first().click();
  await expect(
    page.getByRole('region', { name: 'Cancelled' }).getByRole('link', { name: 'Harbour series' }),
  ).toBeVisible();
  await page
    .getByRole('region', { name: 'Cancelled' })
    .getByRole('link', { name: 'Harbour series' })
    .click();
  await page.getByRole('button', { name: 'More' }).click();
  await page.getByRole('menuitem', { name: 'Plan it again' }).click();
  await expect(page.getByText('This workshop is cancelled.')).toHaveCount(0);

  await page.getByRole('button', { name: 'More' }).click();
  await page.getByRole('menuitem', { name: 'Delete workshop' }).click();
  await expect(upcoming.getByRole('link', { name: 'Harbour series' })).toHaveCount(2);
  await page.getByRole('button', { name: 'Undo' }).last().click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Harbour series');
});

test('what is ready is counted or said; the kit changes; a seat is removed and two change places', async ({
  page,
}) => {
  await signIn(page);
  const { id } = await planned(page, {
    title: 'Getting ready',
    startsAt: '2027-02-04T18:30:00Z',
    names: ['Wigeon', 'Pochard', 'Scoter'],
  });
  await page.goto(`/workshops/${id}/plan`);
  const ready = page.getByRole('region', { name: 'Ready for Thursday?' });
  await expect(ready.getByText('3 bags are not closed')).toBeVisible();
  const before = Number((await ready.getByRole('status').textContent())?.match(/^\d+/)?.[0]);
  await ready.getByRole('button', { name: 'Done: Phones tested' }).click();
  await expect(ready.getByRole('status')).toHaveText(`${before - 1} things open`);
  await expect(ready.getByText(/^Instructor, /)).toBeVisible();
  await expectAccessible(page);
  await page.reload();
  await ready.getByRole('button', { name: 'Not done: Phones tested' }).click();
  await expect(ready.getByRole('status')).toHaveText(`${before} things open`);

  await page.getByRole('button', { name: 'More' }).click();
  await page.getByRole('menuitem', { name: 'Change kit' }).click();
  const dialog = page.getByRole('dialog', { name: 'Change kit' });
  await expect(dialog).toContainText('This is what is planned');
  await dialog.getByRole('combobox', { name: 'Kit' }).click();
  await page.getByRole('option', { name: /^Fern Minder/ }).click();
  await expect(dialog).toContainText('Nobody has begun.');
  await expectAccessible(page);
  await dialog.getByRole('button', { name: 'Change kit' }).click();
  await expect(page.getByText(/^Fern Minder, revision/)).toBeVisible();

  const seats = page.getByRole('table', { name: 'Seats' });
  await seats.getByRole('button', { name: 'Remove seat 2' }).click();
  await expect(seats.getByRole('row')).toHaveCount(3);
  await page.getByRole('button', { name: 'Undo' }).last().click();
  await expect(seats.getByRole('row')).toHaveCount(4);

  await page.goto(`/workshops/${id}/floor`);
  await page
    .getByRole('button', { name: /^Seat 1 Wigeon|1 Wigeon/ })
    .first()
    .click();
  await page.getByRole('button', { name: 'Change places' }).click();
  const swap = page.getByRole('dialog', { name: '1 Wigeon changes places' });
  await swap.getByRole('combobox', { name: 'With' }).click();
  await page.getByRole('option', { name: '3 Scoter' }).click();
  await expectAccessible(page);
  await swap.getByRole('button', { name: 'Change places' }).click();
  await expect(page.getByText('1 Wigeon and 3 Scoter have changed places.')).toBeVisible();
  await expect(page.getByRole('region', { name: 'Seat 3 Wigeon' })).toBeVisible();
});
