import AxeBuilder from '@axe-core/playwright';
import {
  type Browser,
  type BrowserContext,
  test as base,
  expect,
  type Locator,
  type Page,
} from '@playwright/test';
import { demoPassphrase } from '../demo/scenario';

/** What a page must never do: fail inside, break its own security policy, or call anything but its server. */
export function watch(context: BrowserContext, baseURL: string): string[] {
  const wrong: string[] = [];
  context.on('weberror', (error) => wrong.push(`failed inside: ${error.error().message}`));
  context.on('console', (message) => {
    const text = message.text();
    // What the browser itself says of an answer that a test provokes, or of a network that a test takes away.
    if (/Failed to load resource|net::ERR_INTERNET_DISCONNECTED/.test(text)) return;
    if (message.type() === 'error') wrong.push(`console: ${text}`);
  });
  context.on('request', (request) => {
    const url = request.url();
    if (!url.startsWith(baseURL) && !url.startsWith('data:') && !url.startsWith('blob:'))
      wrong.push(`left the site: ${url}`);
  });
  return wrong;
}

export const test = base.extend<{ quiet: undefined }>({
  quiet: [
    async ({ context, baseURL }, use) => {
      const wrong = watch(context, baseURL ?? '');
      await use(undefined);
      expect(wrong).toEqual([]);
    },
    { auto: true },
  ],
});

export { expect };

/** Fails on what axe calls serious or critical; the rules are those of WCAG 2.2 A and AA. */
export async function expectAccessible(page: Page): Promise<void> {
  await layBars(page, true);
  await expectNothingSerious(
    axe(page).withTags(['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa']),
  );
  await layBars(page, false);
}

/**
 * What stays at an edge of the window covers a part of something wherever the page happens to be scrolled to, and axe
 * calls that too small a target. People scroll it out, so axe sees such bars in their own places.
 */
async function layBars(page: Page, inPlace: boolean): Promise<void> {
  await page.evaluate((laid) => {
    const kept = document as Document & { laidBars?: CSSStyleSheet };
    if (laid) {
      kept.laidBars = new CSSStyleSheet();
      kept.laidBars.replaceSync(
        '.next-bar, .seat-sheet, .seat-head, .seat-foot { position: static !important }',
      );
      document.adoptedStyleSheets = [...document.adoptedStyleSheets, kept.laidBars];
    } else {
      document.adoptedStyleSheets = document.adoptedStyleSheets.filter(
        (sheet) => sheet !== kept.laidBars,
      );
    }
  }, inPlace);
}

/** The same page in dark colours, by the rules that look at colours; leaves it in light ones. */
export async function expectReadableInDark(page: Page): Promise<void> {
  await colours(page, 'dark');
  await expectNothingSerious(axe(page).withRules(['color-contrast', 'link-in-text-block']));
  await colours(page, 'light');
}

/** Staff pages follow the system by a script, seat pages by their style sheet alone. */
async function colours(page: Page, scheme: 'light' | 'dark'): Promise<void> {
  await page.emulateMedia({ colorScheme: scheme });
  const root = page.locator('html');
  if ((await root.getAttribute('data-mode')) === null) return;
  await expect(root).toHaveAttribute('data-mode', scheme);
}

/** No page has frames, so results need no page of their own to be put together in, nor the long list of what is right. */
const axe = (page: Page) =>
  new AxeBuilder({ page }).setLegacyMode(true).options({ resultTypes: ['violations'] });

/** What is wrong stays so; a page that was just being drawn anew is looked at once more. */
async function expectNothingSerious(builder: AxeBuilder): Promise<void> {
  if ((await seriousOf(builder)).length === 0) return;
  expect(await seriousOf(builder)).toEqual([]);
}

async function seriousOf(builder: AxeBuilder): Promise<string[]> {
  const { violations } = await builder.analyze();
  return violations
    .filter(({ impact }) => impact === 'serious' || impact === 'critical')
    .map(
      ({ id, nodes }) =>
        `${id}: ${nodes.map(({ html, any }) => `${html.slice(0, 160)} ${any[0]?.message ?? ''}`).join(' | ')}`,
    );
}

/**
 * Presses a button until what it opens is there: where a page is drawn anew between pressing and letting go, the click
 * goes nowhere. Never pressed behind what is open already.
 */
export async function openBy(button: Locator, opened: Locator): Promise<void> {
  await expect(async () => {
    if (!(await opened.isVisible())) await button.click({ timeout: 10_000 });
    await expect(opened).toBeVisible({ timeout: 10_000 });
  }).toPass();
}

let session: Promise<{ cookies: Parameters<BrowserContext['addCookies']>[0] }> | undefined;

/**
 * Signs in as the demo's instructor, without opening a page. Each worker signs in once: hashing a passphrase takes
 * long on purpose, and the form itself has a test of its own.
 */
export async function signIn(page: Page): Promise<void> {
  session ??= (async () => {
    const answer = await page.request.post('/api/session', {
      data: { passphrase: demoPassphrase },
    });
    expect(answer.status()).toBe(200);
    return page.context().storageState();
  })();
  await page.context().addCookies((await session).cookies);
}

export interface Seat {
  readonly name: string;
  readonly token: string;
}

/** A phone of its own, in a browser of its own. */
export async function phoneOf(browser: Browser, baseURL: string | undefined): Promise<Page> {
  const context = await browser.newContext({
    viewport: { width: 390, height: 844 },
    reducedMotion: 'reduce',
    serviceWorkers: 'block',
    ...(baseURL ? { baseURL } : {}),
  });
  return context.newPage();
}

/** The seats of an evening, which wait no longer: a test's own are at work before its start. */
export async function seatsOf(page: Page, title: string): Promise<{ id: string; seats: Seat[] }> {
  const workshops = (await (await page.request.get('/api/workshops')).json()) as {
    id: string;
    title: string;
  }[];
  const id = workshops.find((one) => one.title.includes(title))?.id ?? '';
  await page.request.post(`/api/workshops/${id}/open`);
  const { seats } = (await (await page.request.get(`/api/workshops/${id}`)).json()) as {
    seats: Seat[];
  };
  return { id, seats };
}

/** Presses a key until the page that listens for it shows what it opens: on a busy machine it listens a little later. */
export async function pressFor(page: Page, key: string, shown: Locator): Promise<void> {
  await expect(async () => {
    if (!(await shown.isVisible())) await page.keyboard.press(key);
    await expect(shown).toBeVisible({ timeout: 2000 });
  }).toPass();
}

/** Opens a kit from the list, at one of its pages. */
export async function openKit(page: Page, name: string, tab?: string): Promise<void> {
  await page.goto('/kits');
  await page.getByRole('link', { name, exact: true }).click();
  if (tab) {
    await page.getByRole('navigation', { name: 'Kit' }).getByRole('link', { name: tab }).click();
  }
}
