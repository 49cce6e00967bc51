/** The browser that benchmarks measure in. */
import { chromium } from '@playwright/test';

export const openBrowser = () =>
  chromium.launch({
    executablePath: process.env.OZZET_CHROMIUM ?? '/usr/bin/chromium-headless-shell',
    args: ['--no-sandbox', '--disable-gpu', '--disable-background-networking', '--disable-quic'],
  });

/** A page that is signed in as the instructor. */
export async function instructorPage(browser, { address, passphrase }) {
  const page = await (
    await browser.newContext({ viewport: { width: 1280, height: 800 } })
  ).newPage();
  await page.goto(`${address}/sign-in`);
  await page.getByLabel('Passphrase').fill(passphrase);
  await page.getByRole('button', { name: 'Sign in' }).click();
  await page.getByRole('heading', { name: 'Workshops', level: 1 }).waitFor();
  return page;
}
