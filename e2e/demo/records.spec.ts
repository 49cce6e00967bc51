import { readFileSync } from 'node:fs';
import { expect, expectAccessible, openKit, pressFor, signIn, test } from '../fixtures';

test.beforeEach(({ page }) => signIn(page));

test('the report on a kit finds the pair that is mixed up and the step that takes twice its plan', async ({
  page,
}) => {
  await openKit(page, 'Twin Lamp', 'Report');
  await expect(page.getByText(/19 builds at 2 workshops/)).toBeVisible();
  await expect(page.getByText(/That is few/)).toBeVisible();
  await expect(page.getByText('Keep R1, R4 and R2, R3 apart', { exact: false })).toBeVisible();
  await expect(page.getByText(/Plan step 4 longer/)).toBeVisible();
  const mixed = page.getByRole('table', { name: 'Really mixed up' });
  await expect(mixed.getByRole('row')).toHaveCount(1);

  // Every figure leads to the entries that it counts, and those to their evening.
  const figure = page.getByRole('row', { name: /^1 Solder the 470/ }).getByRole('button');
  const count = Number(/^(\d+) of/.exec((await figure.textContent()) ?? '')?.[1]);
  await figure.click();
  const entries = page.getByRole('region', { name: 'Entries counted' });
  const items = await entries.getByRole('listitem').allTextContents();
  const builds = new Set(items.map((text) => text.replace(/^.*?, (seat \d+,.*?),.*$/, '$1')));
  expect(builds.size).toBe(count);
  await expect(page).toHaveURL(/show=step-/);
  await page.reload();
  await expect(entries).toBeVisible();
  await expectAccessible(page);
  const pace = page
    .getByRole('row', { name: /^4 Solder the 2N3904/ })
    .getByRole('button')
    .last();
  const times = Number(/measured (\d+) times/.exec((await pace.textContent()) ?? '')?.[1]);
  await pace.click();
  await expect(entries.getByRole('listitem')).toHaveCount(times);
  await expect(entries.getByRole('listitem').first()).toContainText(/min of .* planned/);
  await page.getByRole('button', { name: /19 builds at 2 workshops/ }).click();
  await expect(entries.getByRole('listitem')).toHaveCount(19);
  await entries.getByRole('link').first().click();
  await expect(page.getByText(/finished their board/)).toBeVisible();
});

test('whether the forecasts were any good is shown, and a kit without builds says so', async ({
  page,
}) => {
  await openKit(page, 'Twin Lamp', 'Report');
  await expect(page.getByText(/At half time 1[0-9] learners were given a chance/)).toBeVisible();
  for (const name of [
    'Mistakes by step',
    'Pace by step',
    'Predicted chances and outcomes',
    'Finish times',
  ])
    await expect(page.getByRole('region', { name }).getByRole('img').first()).toBeVisible();
  const download = page.waitForEvent('download');
  await page.getByRole('link', { name: 'Export mistakes as CSV' }).click();
  const text = readFileSync(await (await download).path(), 'utf8');
  expect(text.split('\r\n')[0]).toContain('workshop,seat,at,step');
  await openKit(page, 'Wire Finder', 'Report');
  await expect(page.getByText('Nobody has built it yet')).toBeVisible();
});

test('a learner who got better is seen to have, with what to practise and a certificate', async ({
  page,
}) => {
  await page.goto('/workshops');
  await expect(page.getByRole('heading', { name: 'Workshops', level: 1 })).toBeVisible();
  await pressFor(page, 'p', page.getByRole('heading', { name: 'People', level: 1 }));
  await page.getByRole('link', { name: 'Gannet' }).click();
  const first = page.getByRole('region', { name: 'First evening: Twin Lamp' });
  const second = page.getByRole('region', { name: 'Evening course 1: Twin Lamp' });
  await expect(first.getByText(/made at step/)).toHaveCount(6);
  await expect(second.getByText(/made at step/)).toHaveCount(0);
  await page.getByRole('combobox', { name: 'Skill' }).click();
  await page.getByRole('option', { name: 'Reads values' }).click();
  await expect(page).toHaveURL(/skill=reading-values/);
  const course = page.getByRole('region', { name: 'Progress of skills' }).getByRole('img').first();
  const [from, to] = [
    ...((await course.getAttribute('aria-label')) ?? '').matchAll(/(\d+) %/g),
  ].map(([, percent]) => Number(percent));
  expect(to).toBeGreaterThan(from ?? 100);
  const figure = page.getByRole('row', { name: /^Reads values/ }).getByRole('button');
  const of = Number(/of (\d+)/.exec((await figure.textContent()) ?? '')?.[1]);
  await figure.click();
  const behind = page.getByRole('region', { name: 'Steps behind the skill' });
  await expect(behind.getByRole('listitem')).toHaveCount(of);
  const slips = behind.getByRole('listitem').filter({ hasText: 'went wrong' });
  await expect(slips.filter({ hasNotText: 'practice,' })).toHaveCount(2);
  const ready = page.getByRole('table', { name: 'Ready for' });
  await expect(ready.getByRole('row', { name: /Twin Lamp/ })).toContainText('ready');
  await expectAccessible(page);

  const certificate = await second.getByRole('link', { name: 'Certificate' }).getAttribute('href');
  const pdf = await (await page.request.get(certificate ?? '')).body();
  expect(pdf.subarray(0, 5).toString()).toBe('%PDF-');
  const statements = await page
    .getByRole('link', { name: 'Export learning records (xAPI)' })
    .getAttribute('href');
  const sent = (await (await page.request.get(statements ?? '')).json()) as { version: string }[];
  expect(new Set(sent.map(({ version }) => version))).toEqual(new Set(['1.0.3']));
});

test('a learner is erased: the name goes, the counts stay', async ({ page }) => {
  await page.goto('/workshops/new');
  await page.getByLabel('Title').fill('An evening with a guest');
  await page.getByRole('combobox', { name: 'Kit' }).click();
  await page.getByRole('option', { name: /Tide Badge/ }).click();
  // Long over, so that the stores do not pack for it.
  await page.getByLabel('Date and start').fill('2026-01-15T18:30');
  await page.getByRole('spinbutton', { name: 'Seats' }).fill('1');
  await page.getByLabel('Names').fill('Wheatear');
  await page.getByRole('button', { name: 'Create workshop' }).click();
  await expect(page.getByLabel('Name at seat 1')).toHaveValue('Wheatear');
  await page.goto('/people');
  await page.getByRole('link', { name: 'Wheatear' }).click();
  await page.getByRole('button', { name: /^Erase/ }).click();
  await page.getByRole('dialog').getByRole('button', { name: 'Cancel' }).click();
  await expect(page.getByRole('dialog')).toHaveCount(0);
  await page.getByRole('button', { name: /^Erase/ }).click();
  await page.getByRole('dialog').getByRole('button', { name: 'Erase the name' }).click();
  await expect(page.getByRole('heading', { name: 'People', level: 1 })).toBeVisible();
  await expect(page.getByRole('link', { name: 'Wheatear' })).toHaveCount(0);
});
