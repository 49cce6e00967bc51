/** Draws the pictures of the demo’s steps anew, from demo/pictures/*.svg: they are drawings and say so. */
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { chromium } from '@playwright/test';
import { root } from './prepare.mjs';

const folder = join(root, 'demo', 'pictures');
const browser = await chromium.launch({
  executablePath: process.env.OZZET_CHROMIUM ?? '/usr/bin/chromium-headless-shell',
  args: ['--no-sandbox'],
});
const page = await browser.newPage({ viewport: { width: 800, height: 600 } });
for (const file of readdirSync(folder).filter((name) => name.endsWith('.svg'))) {
  const svg = readFileSync(join(folder, file), 'utf8');
  await page.setContent(`<body style="margin:0">${svg}</body>`);
  await page.screenshot({ path: join(folder, file.replace(/svg$/, 'png')) });
}
await browser.close();
