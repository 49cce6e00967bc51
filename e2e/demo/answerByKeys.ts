import { expect, type Page } from '@playwright/test';

/** Goes through what the page asks with the keyboard alone, right or wrong, until the session is over. */
export async function answerByKeys(page: Page, most: number): Promise<string[]> {
  const kinds: string[] = [];
  for (let count = 0; count < most; count += 1) {
    if (await page.getByRole('heading', { name: 'That was it' }).isVisible()) break;
    const article = page.getByRole('article');
    await expect(article).toBeVisible();
    kinds.push((await article.getByRole('heading').first().textContent()) ?? '');
    const value = article.getByRole('textbox');
    const main = article.getByRole('button', { name: 'That is my answer' });
    if (await value.isVisible()) {
      await value.fill('47');
      await value.press('Enter');
    } else if (await article.getByText('Find the bridge').isVisible()) {
      await article
        .getByRole('button', { name: /^between A1/ })
        .first()
        .focus();
      await page.keyboard.press('ArrowRight');
      await expect(article.locator('rect:focus')).toHaveAttribute('aria-label', /between A2/);
      await page.keyboard.press('Enter');
    } else if (await article.getByText(/can drop into its place/).isVisible()) {
      await page.keyboard.press('ArrowRight');
      await page.keyboard.press('Enter');
    } else if (await article.getByText('Make a good joint').isVisible()) {
      await page.keyboard.down('i');
      await expect(article.locator('.heat-status')).toContainText(/pad \d+ °C/);
      await page.keyboard.up('i');
      await page.keyboard.press('l');
    } else if (await article.getByText(/Something is wrong with this board/).isVisible()) {
      const choose = async (label: string) => {
        const field = article.getByLabel(label, { exact: true });
        await field.focus();
        await field.press('ArrowDown');
      };
      await article.getByRole('button', { name: 'Do it' }).press('Enter');
      await choose('Place');
      await choose('Fault');
      await article.getByRole('button', { name: 'That is it' }).press('Enter');
    } else if (await article.getByText(/^Place \d bands/).isVisible()) {
      for (const key of ['4', '7', '0', '2', '1', '+']) await page.keyboard.press(key);
      await main.press('Enter');
    } else if (await article.getByText(/Put these steps/).isVisible()) {
      const first = article
        .getByRole('list', { name: 'Steps, the first on top' })
        .getByRole('listitem')
        .first();
      const before = await first.textContent();
      await article
        .getByRole('button', { name: /^Later/ })
        .first()
        .press('Enter');
      await expect(first).not.toHaveText(before ?? '');
      await main.press('Enter');
    } else if (await article.getByText(/Two readings fit/).isVisible()) {
      const toggles = article.locator('button[aria-pressed]');
      await toggles.nth(0).press('Enter');
      await toggles.nth(1).press('Enter');
      await article.getByRole('radio').first().press('Space');
      await main.press('Enter');
    } else {
      await page.keyboard.press('1');
    }
    await expect(article.getByRole('button', { name: 'Next', exact: true })).toBeVisible();
    await article.getByRole('button', { name: 'Next', exact: true }).focus();
    await page.keyboard.press('Enter');
  }
  return kinds;
}
