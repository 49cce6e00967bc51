import AxeBuilder from '@axe-core/playwright';
import { type BrowserContext, test as base, expect, type Page } from '@playwright/test';

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
  const { violations } = await new AxeBuilder({ page })
    .withTags(['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa'])
    .analyze();
  const serious = violations
    .filter(({ impact }) => impact === 'serious' || impact === 'critical')
    .map(
      ({ id, nodes }) =>
        `${id}: ${nodes.map(({ html, any }) => `${html.slice(0, 160)} ${any[0]?.message ?? ''}`).join(' | ')}`,
    );
  expect(serious).toEqual([]);
}

export async function signIn(page: Page, passphrase: string): Promise<void> {
  await page.goto('/sign-in');
  await page.getByLabel('Passphrase').fill(passphrase);
  await page.getByRole('button', { name: 'Sign in' }).click();
  await expect(page.getByRole('heading', { name: 'Workshops', level: 1 })).toBeVisible();
}

/** Opens a kit from the list, at one of its pages. */
export async function openKit(page: Page, name: string, tab?: string): Promise<void> {
  await page.goto('/kits');
  await page.getByRole('link', { name, exact: true }).click();
  if (tab) {
    await page.getByRole('navigation', { name: 'Kit' }).getByRole('link', { name: tab }).click();
  }
}
