import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { expect, type Page, test } from '@playwright/test';
import { demoPassphrase } from '../../demo/scenario';
import { expectAccessible } from '../fixtures';
import { copyDemo, type Program, startProgram } from './program';

/** A second loopback address plays the network of the room. */
const inRoom = '127.0.0.2';

let data: string;
let program: Program;
let instructor: Page;

test.beforeEach(async ({ browser }) => {
  test.slow();
  data = join(mkdtempSync(join(tmpdir(), 'ozzet-phones-')), 'data');
  copyDemo(data);
  program = await startProgram(data, ['--demo'], 0, { OZZET_ROOM_ADDRESSES: inRoom });
  const context = await browser.newContext({ baseURL: program.address, reducedMotion: 'reduce' });
  instructor = await context.newPage();
  await instructor.request.post('/api/session', { data: { passphrase: demoPassphrase } });
});

test.afterEach(async () => {
  await instructor.context().close();
  await program.end('SIGTERM');
  rmSync(join(data, '..'), { recursive: true, force: true });
});

test('phones are let in by a switch, one is seen to come, and out again by the same', async ({
  browser,
}) => {
  await instructor.goto('/workshops');
  await instructor.getByRole('link', { name: 'Evening course 3: Fern Minder' }).click();
  await expect(instructor.getByText('Phones cannot join yet')).toBeVisible();
  await expect(instructor.getByRole('link', { name: 'Print all (A4)' })).toHaveAttribute(
    'aria-disabled',
    'true',
  );
  await expectAccessible(instructor);
  await instructor.getByRole('link', { name: 'Choose the network of the room' }).click();
  await expect(instructor.getByRole('heading', { name: 'Phones cannot join' })).toBeVisible();
  await expectAccessible(instructor);
  await instructor.getByRole('button', { name: 'Let phones in this room in' }).click();
  await expect(instructor.getByRole('heading', { name: 'Phones can join' })).toBeVisible();
  await expect(instructor.getByText('No device has joined yet.')).toBeVisible();
  await expectAccessible(instructor);

  const room = `http://${inRoom}:${program.port}`;
  const context = await browser.newContext({
    viewport: { width: 390, height: 844 },
    ignoreHTTPSErrors: true,
    reducedMotion: 'reduce',
  });
  const phone = await context.newPage();
  await phone.goto(`${room}/hello`);
  await expect(phone.getByRole('heading', { name: 'This device gets in' })).toBeVisible();
  await expectAccessible(phone);
  await expect(instructor.getByText(/The first device joined at \d\d:\d\d/)).toBeVisible();

  // What the code on the instructor's screen leads to is a seat.
  await instructor.goto('/workshops');
  await instructor.getByRole('link', { name: 'Evening course 3: Fern Minder' }).click();
  const link = await instructor
    .getByRole('link', { name: 'Open seat 1, Tern' })
    .getAttribute('href');
  await phone.goto(room + link);
  // The evening has not begun: the seat waits, until somebody on the floor opens it.
  await expect(phone.getByText('This page opens by itself')).toBeVisible();
  await expectAccessible(phone);
  await instructor.getByRole('link', { name: 'Floor' }).click();
  await instructor.getByRole('button', { name: 'Open the seats now' }).click();
  await expect(instructor.getByRole('button', { name: 'Open the seats now' })).toHaveCount(0);
  await phone.getByRole('button', { name: 'Begin with step 1' }).click({ timeout: 30_000 });
  await expect(phone.getByText(/^Step \d+ of/)).toBeVisible();
  await phone.getByRole('button', { name: /^Done/ }).click();
  await expect(phone.getByText('Saved')).toBeVisible();

  // Staff pages are sent on to the encrypted door, whose authority the tablet can look at first.
  await phone.goto(`${room}/workshops`);
  await expect(phone).toHaveURL(new RegExp(`^https://${inRoom}:\\d+/`));
  await expect(phone.getByRole('heading', { name: 'Sign in' })).toBeVisible();
  await phone.goto(`${room}/trust`);
  const shown = (await phone.locator('.print').innerText()).replaceAll(/\s+/g, ' ').trim();
  await expectAccessible(phone);
  const { fingerprint } = (await (await instructor.request.get('/api/room')).json()) as {
    fingerprint: string;
  };
  expect(shown).toBe(fingerprint);

  await instructor.goto('/workshops/phones');
  await instructor.getByRole('button', { name: 'Lock phones out' }).click();
  await expect(instructor.getByText('Phones cannot join')).toBeVisible();
  await expect(phone.goto(`${room}/hello`)).rejects.toThrow(/ERR_CONNECTION_REFUSED/);
  await context.close();
});
