import type { APIRequestContext } from '@playwright/test';
import { expect, expectAccessible, expectReadableInDark, seatsOf, signIn, test } from '../fixtures';
import { answerByKeys } from './answerByKeys';

/** Every page, gone over by axe in light colours, and in dark ones for what colours change. */

interface Listed {
  readonly id: string;
  readonly name?: string;
  readonly title?: string;
}

const idOf = async (request: APIRequestContext, path: string, name: string) => {
  const list = (await (await request.get(path)).json()) as Listed[];
  return list.find((item) => (item.name ?? item.title)?.includes(name))?.id ?? 'missing';
};

test('every page is accessible, in light and in dark colours', async ({ page }) => {
  // Some thirty pages.
  test.setTimeout(420_000);
  await signIn(page);
  const api = page.request;
  const fern = await idOf(api, '/api/kits', 'Fern Minder');
  const running = await idOf(api, '/api/workshops', '2: Fern');
  const twin = await idOf(api, '/api/kits', 'Twin Lamp');
  const learners = (await (await api.get('/api/people')).json()) as { id: string }[];
  const over = await idOf(api, '/api/workshops', '1: Twin');
  const { seats } = (await (await api.get(`/api/workshops/${running}`)).json()) as {
    seats: { token: string }[];
  };
  const paths = [
    '/kits',
    '/kits/import',
    `/kits/${fern}/parts`,
    `/kits/${fern}/inspection`,
    `/kits/${fern}/mix-ups`,
    `/kits/${fern}/steps`,
    `/kits/${fern}/board`,
    `/kits/${fern}/board/layout?side=bottom`,
    `/kits/${fern}/revisions`,
    '/guide',
    '/guide/transistor-to92',
    '/guide/types?find=LM317',
    '/guide/bodies',
    `/kits/${fern}/papers`,
    '/stores/drawers',
    '/stores/needs',
    '/stores/suppliers',
    '/workshops',
    '/workshops/new',
    `/workshops/${running}/plan`,
    `/workshops/${running}/pack`,
    `/workshops/${running}/floor`,
    `/workshops/${over}/wrap-up`,
    '/workshops/phones',
    '/site/you',
    '/site/accounts',
    '/site/record',
    '/site/names',
    '/site/backup',
    '/people',
    `/people/${learners[0]?.id}`,
    `/kits/${twin}/report?show=all`,
    `/seat/${seats[0]?.token}`,
    `/seat/${seats[6]?.token}`,
  ];
  for (const path of paths) {
    await test.step(path, async () => {
      await page.goto(path);
      await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
      await expectAccessible(page);
      await expectReadableInDark(page);
    });
  }
});

test('every trainer is usable by a screen reader, in light and in dark colours', async ({
  page,
}) => {
  test.setTimeout(240_000);
  await signIn(page);
  const { id } = await seatsOf(page, '3: Fern');
  await page.goto('/practice');
  await expectAccessible(page);
  await expectReadableInDark(page);
  for (const trainer of [
    'Bands and prints',
    'Which way round',
    'What comes first',
    'Joints',
    'Meter',
    'Heat bench',
  ]) {
    await test.step(trainer, async () => {
      await page.goto('/practice');
      await page.getByRole('button', { name: `Start: ${trainer}` }).click();
      await expect(page.getByRole('article')).toBeVisible();
      await expectAccessible(page);
      await expectReadableInDark(page);
      await answerByKeys(page, 1);
      await expectAccessible(page);
      await expectReadableInDark(page);
    });
  }
  await page.goto(`/practice/class/${id}`);
  await expect(page.getByRole('heading', { name: 'A question for everybody' })).toBeVisible();
  await expectAccessible(page);
  await expectReadableInDark(page);
});
