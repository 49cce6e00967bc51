import { join } from 'node:path';
import type { Page } from '@playwright/test';
import { expect, signIn, test } from './fixtures';

const folder = join(import.meta.dirname, '..', 'docs', 'screenshots');
const shoot = (page: Page, name: string) => page.screenshot({ path: join(folder, `${name}.png`) });

interface Listed {
  readonly id: string;
  readonly name?: string;
  readonly title?: string;
}

test('every main view, from the demo data', async ({ page, browser, baseURL }) => {
  await signIn(page);
  const api = async <Reply>(path: string) => (await (await page.request.get(path)).json()) as Reply;
  const find = async (path: string, text: string) =>
    (await api<Listed[]>(path)).find((item) => (item.name ?? item.title)?.includes(text))?.id;
  const twin = await find('/api/kits', 'Twin');
  const fern = await find('/api/kits', 'Fern');
  const running = await find('/api/workshops', '2: Fern');
  const over = await find('/api/workshops', '1: Twin');
  const gannet = await find('/api/people', 'Gannet');
  const ahead = await find('/api/workshops', '3: Fern');

  // Some say more when they have worked it out.
  const views: readonly (readonly [string, string, RegExp?])[] = [
    ['workshops', '/workshops'],
    ['kits-parts', `/kits/${twin}/parts`],
    ['kits-mix-ups', `/kits/${twin}/mix-ups`],
    ['kits-board', `/kits/${fern}/board?part=C2`],
    ['kits-circuit', `/kits/${fern}/circuit`, /Current limit for the first power/],
    ['kits-steps', `/kits/${fern}/steps`],
    ['kits-report', `/kits/${twin}/report`],
    ['guide', '/guide/led-5mm'],
    ['people-one', `/people/${gannet}`],
    ['workshop-pack', `/workshops/${ahead}/pack?by=stage`],
    ['workshop-plan', `/workshops/${ahead}/plan`, /Everybody done in time/],
    ['workshop-floor', `/workshops/${running}/floor`, /Everybody done in time/],
    ['workshop-wrap-up', `/workshops/${over}/wrap-up`],
  ];
  for (const [name, path, workedOut] of views) {
    await page.goto(path);
    await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
    await expect(page.getByText('The chart is being drawn.')).toHaveCount(0);
    // What comes after the rest: lists beside a board.
    await expect(page.locator('[aria-busy="true"]')).toHaveCount(0, { timeout: 60_000 });
    if (workedOut) await expect(page.getByText(workedOut)).toBeVisible({ timeout: 60_000 });
    await page.waitForLoadState('networkidle');
    await shoot(page, name);
  }

  await page.goto(`/kits/${twin}/fault`);
  const left = page.getByRole('group', { name: 'D1, red LED' });
  await left.getByRole('button', { name: 'off', exact: true }).click({ timeout: 120_000 });
  const right = page.getByRole('group', { name: 'D2, red LED' });
  await right.getByRole('button', { name: 'on', exact: true }).click();
  await expect(page.getByRole('heading', { name: 'What is likely wrong' })).toBeVisible();
  await shoot(page, 'kits-fault');

  await page.goto('/stores/needs');
  await page.getByRole('button', { name: 'Find the cheapest order' }).click();
  await page.getByText('No cheaper choice exists').scrollIntoViewIfNeeded();
  await shoot(page, 'stores-needs');

  await page.goto('/kits/new');
  await page
    .getByLabel('Parts list file')
    .setInputFiles(join(import.meta.dirname, '..', 'demo', 'kits', 'fern-minder.csv'));
  await expect(page.getByText('Preview')).toBeVisible();
  await shoot(page, 'kits-import');

  await page.goto('/practice/heat');
  await expect(page.getByText('Goal 1 of 6', { exact: false })).toBeVisible();
  await page.keyboard.down('i');
  await expect(page.locator('.heat-status')).toContainText('both are hot, feed');
  await page.keyboard.down('f');
  await expect(page.locator('.heat-status')).toContainText('the solder flows');
  await shoot(page, 'practice-heat');
  await page.keyboard.up('f');
  await page.keyboard.up('i');

  const { seats } = await api<{ seats: { token: string }[] }>(`/api/workshops/${running}`);
  const next = await api<{ seats: { token: string; name: string }[] }>(`/api/workshops/${ahead}`);
  const gannets = next.seats.find(({ name }) => name === 'Gannet')?.token;
  const seatPath = `/seat/${seats[9]?.token}`;
  const phone = await browser.newPage({
    viewport: { width: 390, height: 844 },
    reducedMotion: 'reduce',
    ...(baseURL ? { baseURL } : {}),
  });
  await phone.goto(seatPath);
  await expect(phone.getByRole('heading', { level: 1 })).toBeVisible();
  await shoot(phone, 'seat-phone');

  await phone.goto(`/seat/${gannets}/practice`);
  await phone.getByRole('button', { name: 'Start: Joints' }).click();
  await expect(phone.getByRole('article')).toBeVisible();
  await shoot(phone, 'seat-practice');
});
