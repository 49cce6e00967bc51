import { expect, expectAccessible, signIn, test } from '../fixtures';
import { goToSeat } from '../goToSeat';

/** What the model says of the moment, as it stands below the picture. */
const status = '.heat-status';

test('three tries are enough: what went wrong is said with its figures, and the goal is reached', async ({
  page,
}) => {
  await signIn(page);
  await page.goto('/practice');
  await page.getByRole('link', { name: 'Open heat bench' }).click();
  await expect(page.getByText('Goal 1 of 6', { exact: false })).toBeVisible();
  await expectAccessible(page);

  // Fed far too soon: nothing melts.
  await page.keyboard.down('i');
  await page.keyboard.down('f');
  await expect(page.locator(status)).toContainText(/pad \d+ °C, lead \d+ °C/);
  await page.keyboard.up('f');
  await page.keyboard.up('i');
  await page.keyboard.press('l');
  await expect(page.getByText('Not quite.')).toBeVisible();
  await expect(page.getByText(/This joint needs \d\.\d s|no joint/).first()).toBeVisible();
  await expectAccessible(page);

  // As it says: heat until both are hot, feed, let it flow, hold still.
  const nextGoal = page.getByRole('button', { name: 'Next goal' });
  for (let tries = 0; tries < 2; tries += 1) {
    await page.getByRole('button', { name: 'Try again' }).click();
    await page.keyboard.down('i');
    await expect(page.locator(status)).toContainText('both are hot, feed');
    await page.keyboard.down('f');
    await expect(page.locator(status)).toContainText('the solder flows');
    // A second and more of feeding makes the cone.
    await expect
      .poll(async () => Number.parseFloat((await page.locator(status).textContent()) ?? ''), {
        intervals: [50],
      })
      .toBeGreaterThan(2.6);
    await page.keyboard.up('f');
    await page.keyboard.up('i');
    await expect(page.locator(status)).toContainText('hold still');
    await expect(page.locator(status)).toContainText('the solder is solid', { timeout: 20_000 });
    await page.getByRole('button', { name: /^Look at it/ }).click();
    await expect(page.getByText(/The iron was on for \d+\.\d s/)).toBeVisible();
    if (await nextGoal.isVisible()) break;
  }
  await nextGoal.click();
  await expect(page.getByText('Goal 2 of 6: the same in lead-free solder')).toBeVisible();
});

test('without a steady hand: once for on, once for off, and everything by name', async ({
  page,
}) => {
  await signIn(page);
  await page.goto('/practice/heat');
  await page.getByLabel('Press once for on, once for off').check();
  const iron = page.getByRole('button', { name: /^Iron on/ });
  await iron.focus();
  await page.keyboard.press('Enter');
  await expect(iron).toHaveAttribute('aria-pressed', 'true');
  await expect(page.getByRole('status').filter({ hasText: /pad \d+ °C, lead \d+ °C/ })).toHaveCount(
    1,
  );
  await page.keyboard.press('Enter');
  await expect(iron).toHaveAttribute('aria-pressed', 'false');
  await page.getByRole('button', { name: 'From the beginning' }).click();
  await expect(page.locator(status)).toContainText('everything else cold');
});

test('the free bench heats two joints beside each other and says what other irons would do', async ({
  page,
}) => {
  await signIn(page);
  await page.goto('/practice/heat');
  await page.getByRole('button', { name: 'Free bench' }).click();
  await page.getByLabel('A second joint beside it').check();
  const table = page.getByRole('region', { name: 'What if' });
  // Five tips, five solders, and a heading over each.
  await expect(table.getByRole('row')).toHaveCount(12);
  await expect(table.getByText('not dry').first()).toBeVisible();
  await page.keyboard.down('i');
  const pads = page.locator('.heat-picture figcaption span:first-child strong');
  const celsius = async (index: number) =>
    Number.parseInt((await pads.nth(index).textContent()) ?? '', 10);
  // The ordinary pad runs ahead of the one that is all plane.
  await expect.poll(() => celsius(0)).toBeGreaterThan(180);
  expect(await celsius(1)).toBeLessThan(await celsius(0));
  await page.keyboard.up('i');
  await page.getByRole('button', { name: /^Look at it/ }).click();
  await expect(page.getByText('No solder has flowed', { exact: false })).toHaveCount(2);
  await expectAccessible(page);
});

test('the plan says what the room solders with, and a step on a plane how long to heat', async ({
  page,
}) => {
  await signIn(page);
  await page.goto('/workshops/new');
  await page.getByLabel('Title').fill('Planes and heat');
  await page.getByRole('combobox', { name: 'Kit' }).click();
  await page.getByRole('option', { name: /Fern Minder/ }).click();
  // Over, so that the stores do not pack for it, and not so long that its links have ended.
  const threeDaysAgo = new Date(Date.now() - 3 * 24 * 3600_000).toISOString().slice(0, 10);
  await page.getByLabel('Date and start').fill(`${threeDaysAgo}T18:30`);
  await page.getByRole('spinbutton', { name: 'Seats' }).fill('1');
  await page.getByRole('button', { name: 'Create workshop' }).click();
  const section = page.getByRole('region', { name: 'Iron and solder' });
  const plane = section.getByRole('row', { name: /all plane/ });
  await expect(plane).toContainText('not by touch alone');
  await section.getByRole('combobox', { name: 'Tip' }).click();
  await page.getByRole('option', { name: '3.2 mm' }).click();
  await expect(plane).toContainText(/\d\.\d s/);
  const id = /workshops\/([^/]+)/.exec(page.url())?.[1];
  const { seats, steps } = (await (await page.request.get(`/api/workshops/${id}`)).json()) as {
    seats: { token: string }[];
    steps: { hotJoints?: number }[];
  };
  const hot = steps.findIndex(({ hotJoints }) => (hotJoints ?? 0) > 0);
  await goToSeat(page, seats[0]?.token);
  for (let step = 0; step < hot; step += 1) {
    await expect(page.getByText(`Step ${step + 1} of`, { exact: false })).toBeVisible();
    await page.getByRole('button', { name: /^(Done|Yes)/ }).click();
  }
  await expect(page.getByText(/With this room’s iron/)).toContainText(/\d s/);
});
