import type { Page } from '@playwright/test';
import { expect, expectAccessible, openKit, phoneOf, signIn, test } from '../fixtures';
import { goToSeat } from '../goToSeat';

// What an instructor decides by hand: what is measured, how a case is drilled, how equal parts lie, whose words count.

test.beforeEach(({ page }) => signIn(page));

const kitNamed = async (page: Page, name: string) => {
  const kits = (await (await page.request.get('/api/kits')).json()) as {
    id: string;
    name: string;
  }[];
  const id = kits.find((kit) => kit.name === name)?.id ?? '';
  return (await (await page.request.get(`/api/kits/${id}`)).json()) as {
    id: string;
    order: Record<string, unknown>;
    versions: { order: number };
  };
};

/** A kit of a test’s own, so that tests beside it keep theirs. */
const ownKit = async (page: Page, name: string) => {
  const made = await page.request.post('/api/kits', {
    data: {
      name: `${name} ${Date.now()}`,
      supplyVolt: 5,
      csv: 'Ref,Part,Value\nR1,resistor,470\nR2,resistor,1k\n',
      mapping: { designators: 0, description: 1, value: 2 },
    },
  });
  return ((await made.json()) as { id: string }).id;
};

test('a reading that is not right holds the seat until the floor lets it go on', async ({
  page,
  browser,
  baseURL,
}) => {
  const kit = await kitNamed(page, 'Wire Finder');
  const measure = { unit: 'volt', at: { en: 'from TP1 to GND' }, least: 4.75, most: 5.25 };
  const added = [
    { id: 'rail', sort: 'check', after: null, words: { title: { en: 'The rail' }, measure } },
  ];
  const kitId = await ownKit(page, 'Rail');
  const own = { ...kit.order, own: { changed: [], hidden: [], added } };
  const saved = await page.request.put(`/api/kits/${kitId}/order`, {
    data: { version: 1, order: own },
  });
  expect(saved.status()).toBe(200);
  const made = await page.request.post('/api/workshops', {
    data: {
      title: `Rail ${Date.now()}`,
      kitId,
      startsAt: new Date(Date.now() - 80 * 60_000).toISOString(),
      lengthMinutes: 60,
      seats: [{ name: 'Auk' }],
    },
  });
  const { id } = (await made.json()) as { id: string };
  const { seats } = (await (await page.request.get(`/api/workshops/${id}`)).json()) as {
    seats: { token: string }[];
  };
  const seat = await phoneOf(browser, baseURL);
  await goToSeat(seat, seats[0]?.token);
  await expect(seat.getByText('Measure from TP1 to GND. Right is 4.75 V to 5.25 V.')).toBeVisible();
  await seat.getByLabel('What does the meter show, in volts?').fill('2');
  await seat.getByRole('button', { name: 'Check my reading' }).click();
  await expect(seat.getByText(/That is less than it should be/)).toBeVisible();
  await seat.getByLabel('What does the meter show, in volts?').fill('5');
  await seat.getByRole('button', { name: 'Check my reading' }).click();
  await expect(seat.getByRole('button', { name: 'On hold' })).toBeDisabled();
  await expectAccessible(seat);

  await page.goto(`/workshops/${id}/floor`);
  await page.getByRole('button', { name: /^Seat 1 Auk: step 1/ }).click();
  await expect(page.getByText(/On hold: the check failed/)).toBeVisible();
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Let the seat go on' }).click();
  await seat.getByRole('button', { name: /Go on/ }).click();
  await expect(seat.getByText(/^Step 2 of/)).toBeVisible();
  await seat.context().close();
});

test('a panel is drilled by a list of holes, and printed at true size', async ({ page }) => {
  await openKit(page, 'Tide Badge', 'Board');
  await page.getByRole('button', { name: 'Add panel' }).click();
  const dialog = page.getByRole('dialog', { name: 'Add panel' });
  await dialog.getByLabel('Name').fill('Back');
  await dialog.getByLabel('Width in mm').fill('60');
  await dialog.getByLabel('Height in mm').fill('40');
  await dialog.getByLabel('Holes', { exact: true }).fill('20 15 5.2 LED\nthe switch');
  await expect(dialog.getByText(/Line 2, “the switch”, says no hole/)).toBeVisible();
  await expect(dialog.getByRole('button', { name: 'Save' })).toBeDisabled();
  await dialog
    .getByLabel('Holes', { exact: true })
    .fill('20 15 5.2 LED\n23 15 5.2 LED\n59 20 3 screw');
  await expect(dialog.getByText(/Holes 1 and 2 leave 0 mm/)).toBeVisible();
  await expect(dialog.getByText(/Hole 3 hangs over the edge/)).toBeVisible();
  await expectAccessible(page);
  await dialog.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByRole('img', { name: /^Back from outside, with 3 holes/ })).toBeVisible();
  const link = page.getByRole('link', { name: 'Drill template (PDF)' });
  const pdf = await page.request.get((await link.getAttribute('href')) ?? '');
  expect(pdf.headers()['content-type']).toBe('application/pdf');
  await page.getByRole('button', { name: 'Delete panel Back' }).click();
  await expect(page.getByText('Back is deleted')).toBeVisible();
  await page
    .getByRole('alert')
    .filter({ hasText: 'Back is deleted' })
    .getByRole('button', { name: 'Undo' })
    .click();
  await expect(page.getByRole('button', { name: 'Edit panel Back' })).toBeVisible();
});

test('equal parts are placed at once, and an arrangement is repeated', async ({ page }) => {
  await openKit(page, 'Fern Minder', 'Board');
  await page.getByRole('link', { name: 'Edit layout' }).click();
  const area = page.getByTestId('layout');
  const tray = page.getByRole('list', { name: 'To place' });
  for (const place of ['R4', 'R5', 'R6']) {
    await area.locator(`[data-place="${place}"]`).focus();
    await page.keyboard.press('Enter');
    await page.getByRole('button', { name: 'Remove from board' }).click();
  }
  await expect(tray.getByRole('listitem')).toHaveCount(3);
  await tray.getByRole('button', { name: /\bR4\b/ }).click();
  await page.getByLabel(/^All 3 at once/).check();
  await page.getByLabel('In a row').fill('1');
  const box = await area.boundingBox();
  await page.mouse.click((box?.x ?? 0) + (box?.width ?? 0) / 2, (box?.y ?? 0) + 90);
  await expect(tray.getByRole('listitem')).toHaveCount(0);
  for (const place of ['R4', 'R5', 'R6']) {
    await expect(area.locator(`[data-place="${place}"]`)).toBeVisible();
  }
  // One step back takes all of them.
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(tray.getByRole('listitem')).toHaveCount(3);
  await page.getByRole('button', { name: 'Discard', exact: true }).click();
  await expect(tray.getByRole('listitem')).toHaveCount(0);
});

test('two instructors at one kit’s steps lose nothing of each other', async ({
  page,
  browser,
  baseURL,
}) => {
  const address = `/kits/${await ownKit(page, 'Shared')}/steps`;
  const context = await browser.newContext({ ...(baseURL ? { baseURL } : {}) });
  const other = await context.newPage();
  await signIn(other);
  await page.goto(address);
  await other.goto(address);
  const write = async (who: Page, step: number, title: string) => {
    await who.getByRole('button', { name: new RegExp(`^Edit the words of step ${step},`) }).click();
    await who.getByRole('dialog').getByLabel('Title').fill(title);
    await who.getByRole('dialog').getByRole('button', { name: 'Apply' }).click();
  };
  await write(page, 1, 'Hers: the first');
  await write(other, 2, 'His: the second');
  await page.getByRole('button', { name: 'Save the order' }).click();
  await expect(page.getByText('Order saved.')).toBeVisible();
  await other.getByRole('button', { name: 'Save the order' }).click();
  await expect(other.getByText(/Somebody else has saved these steps/)).toBeVisible();
  // Hers have come, his are still there, and saving again keeps both.
  await expect(other.getByRole('heading', { name: /Hers: the first/ })).toBeVisible();
  await expect(other.getByRole('heading', { name: /His: the second/ })).toBeVisible();
  await other.getByRole('button', { name: 'Save the order' }).click();
  await expect(other.getByText('Order saved.')).toBeVisible();
  await page.reload();
  await expect(page.getByRole('heading', { name: /His: the second/ })).toBeVisible();
  await expect(page.getByRole('heading', { name: /Hers: the first/ })).toBeVisible();
  await context.close();
});
