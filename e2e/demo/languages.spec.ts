import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import type { Page } from '@playwright/test';
import { expect, signIn, test } from '../fixtures';
import { planned } from '../planned';
import { addressesOf } from './addresses';

type Node = string | readonly Node[] | { readonly [key: string]: Node };

const locales = join(import.meta.dirname, '..', '..', 'locales');
const leaves = (node: Node, path = ''): (readonly [string, string])[] =>
  typeof node === 'string'
    ? [[path, node]]
    : Object.entries(node).flatMap(([key, value]) => leaves(value, `${path}.${key}`));
const textsOf = (language: string) =>
  new Map(
    readdirSync(join(locales, language))
      .filter((file) => file !== 'language.json')
      .flatMap((file) => leaves(JSON.parse(readFileSync(join(locales, language, file), 'utf8')))),
  );

/** Sentences of English that a language says in another way. */
function sentencesBesides(language: string): ReadonlySet<string> {
  const own = textsOf(language);
  return new Set(
    [...textsOf('en')]
      .filter(([key, text]) => own.get(key) !== text && !text.includes('{{'))
      .map(([, text]) => text)
      .filter((text) => text.split(' ').length > 2),
  );
}

/** What is wrong with a page as it stands: raw keys, blanks that were not filled, sideways scrolling, texts cut off. */
const faultsOf = (page: Page) =>
  page.evaluate(async () => {
    // Until its own letters are there a page is measured in others.
    await document.fonts.ready;
    const text = document.body.innerText;
    const cut = [...document.querySelectorAll<HTMLElement>('button, a, h1, h2, th, label, summary')]
      .filter((element) => {
        const { overflowX } = getComputedStyle(element);
        return overflowX !== 'visible' && element.scrollWidth > element.clientWidth + 1;
      })
      .map((element) => `cut off: ${element.innerText.slice(0, 40)}`);
    const sideways = document.documentElement.scrollWidth - innerWidth;
    const beyondTheEdge = () =>
      [...document.querySelectorAll('body *')]
        .filter((element) => element.getBoundingClientRect().right > innerWidth + 1)
        .slice(0, 5)
        .map((element) => `${element.tagName} “${element.textContent?.slice(0, 30)}”`)
        .join(', ');
    return [
      ...(text.match(/\b[a-z]+\.[a-z]\w*\.[a-z]\w+\b/gi) ?? []).filter(
        (word) => !/\.(local|csv|json|home)\b|^www\./.test(word),
      ),
      ...(text.match(/\{\{\w+/g) ?? []),
      ...cut,
      ...(sideways > 0 ? [`scrolls sideways by ${sideways}: ${beyondTheEdge()}`] : []),
    ];
  });

/** What stays wrong: a page that is still being laid out is given the time for it. */
async function lastingFaults(
  page: Page,
  counts = (_fault: string) => true,
): Promise<readonly string[]> {
  let found: readonly string[] = [];
  await expect
    .poll(
      async () => {
        found = (await faultsOf(page)).filter(counts);
        return found;
      },
      { timeout: 20_000 },
    )
    .toEqual([])
    .catch(() => undefined);
  return found;
}

/** Bodies are called as data sheets call them, in every language: “3 mm LED”. */
const isBody = (path: string) => path === '/guide/bodies';

/** Text of the page, node by node. */
const textNodes = (page: Page) =>
  page.evaluate(() => {
    const walker = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
    const found: string[] = [];
    for (let node = walker.nextNode(); node; node = walker.nextNode())
      found.push(node.textContent?.trim() ?? '');
    return found;
  });

/** The page at another size, once everything that follows its size has moved. */
async function resize(page: Page, [width, height]: readonly [number, number]): Promise<void> {
  await page.setViewportSize({ width, height });
  await page.waitForFunction((wide) => innerWidth === wide, width);
  await moved(page);
}

/** Two frames: what listens to the window or its colours has been told, and has been laid out anew. */
const moved = (page: Page) =>
  page.evaluate(
    () => new Promise((done) => requestAnimationFrame(() => requestAnimationFrame(done))),
  );

const desk = [1280, 800] as const;
const tablet = [820, 1180] as const;
const phone = [390, 844] as const;

for (const [language, sizes] of [
  ['en', [phone]],
  ['de', [desk, phone]],
  ['es', [desk, tablet]],
  // Long, accented, written from the right.
  ['en-XA', [desk, tablet, phone]],
] as const) {
  test(`every page is whole in ${language}`, async ({ page }) => {
    test.setTimeout(420_000);
    const foreign = sentencesBesides(language);
    await signIn(page);
    await page.goto('/kits');
    const paths = await addressesOf(page.request);
    await page.evaluate((id) => {
      localStorage.setItem('ozzet.staff.language', id);
      localStorage.setItem('ozzet.language', id);
    }, language);
    const faults: string[] = [];
    for (const path of paths) {
      await page.goto(path);
      await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
      await expect(page.locator('[aria-busy="true"]:empty')).toHaveCount(0);
      await expect(page.locator('html')).toHaveAttribute('lang', language);
      for (const size of sizes) {
        await resize(page, size);
        const found = [...(await lastingFaults(page))];
        if (language !== 'en')
          found.push(
            ...(await textNodes(page)).filter((text) => foreign.has(text) && !isBody(path)),
          );
        faults.push(...found.map((fault) => `${path}, ${size[0]} wide: ${fault}`));
      }
    }
    expect(faults).toEqual([]);
  });
}

test('the floor is whole at any time of the evening, on a phone', async ({ page }) => {
  await signIn(page);
  await page.goto('/kits');
  await page.evaluate(() => localStorage.setItem('ozzet.staff.language', 'en-XA'));
  await page.setViewportSize({ width: 390, height: 844 });
  const floor = (await addressesOf(page.request)).find((path) => path.endsWith('/floor')) ?? '';
  const faults: string[] = [];
  let minutes = 0;
  // As if it had begun so much earlier.
  await page.route('**/api/workshops/*', async (route) => {
    const answer = await route.fetch();
    const body = (await answer.json()) as { startsAt: string };
    const startsAt = new Date(Date.parse(body.startsAt) - minutes * 60_000).toISOString();
    await route.fulfill({ response: answer, json: { ...body, startsAt } });
  });
  for (minutes of [0, 10, 20, 25, 30, 40, 60, 90, 200]) {
    await page.goto(floor);
    await expect(page.locator('.plan-flag')).toBeVisible();
    faults.push(...(await lastingFaults(page)).map((fault) => `${minutes} min: ${fault}`));
    const covered = await page.locator('.lane').evaluateAll((lanes) =>
      lanes.flatMap((lane) => {
        const [standing, buttons] = [...lane.querySelectorAll('.standing, .lane-buttons')];
        if (!standing || !buttons) return ['no standing'];
        const text = document.createRange();
        text.selectNodeContents(standing);
        const [said, held] = [text.getBoundingClientRect(), buttons.getBoundingClientRect()];
        return said.left < held.right - 0.5 && said.right > held.left + 0.5
          ? [`covers its buttons: ${lane.textContent}`]
          : [];
      }),
    );
    faults.push(...covered);
  }
  // What is asked meanwhile is answered before the page goes.
  await page.unrouteAll({ behavior: 'wait' });
  expect(faults).toEqual([]);
});

test('a name without a blank goes on in the next line, wherever it stands', async ({ page }) => {
  test.setTimeout(240_000);
  await signIn(page);
  await page.goto('/kits');
  const name = 'Averyverylongnamewithoutanyblankinitatall';
  const { id, kitId, seats } = await planned(page, {
    title: `${name}OfAnEveningThatNobodyElseHas`,
    startsAt: -10,
    names: [`${name.slice(0, 38)}A`, 'Tern'],
  });
  const paths = [
    '/kits',
    ...['parts', 'steps', 'board', 'about', 'revisions', 'papers'].map(
      (it) => `/kits/${kitId}/${it}`,
    ),
    '/workshops',
    '/workshops/new',
    ...['plan', 'pack', 'floor', 'wall', 'wrap-up'].map((it) => `/workshops/${id}/${it}`),
    '/stores/needs',
    '/site/record',
    `/seat/${seats[0]?.token}`,
  ];
  const faults: string[] = [];
  for (const path of paths) {
    await page.goto(path);
    await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
    await expect(page.locator('[aria-busy="true"]:empty')).toHaveCount(0);
    for (const size of [desk, phone]) {
      await resize(page, size);
      const found = await lastingFaults(page, (fault) => fault.startsWith('scrolls'));
      faults.push(...found.map((fault) => `${path}, ${size[0]} wide: ${fault}`));
    }
  }
  expect(faults).toEqual([]);
});

/** What a reader may have set on the own device, instead of what most have. */
const readers = {
  'colours of the system': { forcedColors: 'active' },
  'a dark page': { colorScheme: 'dark' },
  'a page for print': { media: 'print' },
} as const;

test('every page is whole in dark colours, in those of the system, and for print', async ({
  page,
}) => {
  test.setTimeout(420_000);
  await signIn(page);
  const faults: string[] = [];
  for (const path of await addressesOf(page.request)) {
    await page.goto(path);
    await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
    await expect(page.locator('[aria-busy="true"]:empty')).toHaveCount(0);
    for (const [name, media] of Object.entries(readers)) {
      await page.emulateMedia({ forcedColors: 'none', colorScheme: null, media: null, ...media });
      await moved(page);
      faults.push(...(await lastingFaults(page)).map((fault) => `${path}, ${name}: ${fault}`));
    }
    await page.emulateMedia({ forcedColors: 'none', colorScheme: null, media: null });
  }
  expect(faults).toEqual([]);
});

test('every page is whole with text twice as large', async ({ page }) => {
  test.setTimeout(420_000);
  await signIn(page);
  // A browser with 32 px for 16: what is measured in rem grows with it.
  await page.addInitScript(() => {
    document.addEventListener('DOMContentLoaded', () => {
      document.documentElement.style.fontSize = '200%';
    });
  });
  const faults: string[] = [];
  for (const path of await addressesOf(page.request)) {
    await page.goto(path);
    await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
    await expect(page.locator('[aria-busy="true"]:empty')).toHaveCount(0);
    faults.push(...(await lastingFaults(page)).map((fault) => `${path}: ${fault}`));
  }
  expect(faults).toEqual([]);
});
