import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { type Browser, type BrowserContext, expect, type Page, test } from '@playwright/test';
import { demoPassphrase } from '../../demo/scenario';
import { goToSeat } from '../goToSeat';
import { copyDemo, type Program, startProgram } from './program';

/** What the room’s network and machines do to people’s work, on a server of its own that can be killed. */

interface Evening {
  readonly id: string;
  readonly seats: readonly {
    readonly id: string;
    readonly token: string;
    readonly number: number;
  }[];
  readonly steps: readonly { readonly id: string }[];
}

let data: string;
let program: Program;
let evening: Evening;
const contexts: BrowserContext[] = [];

test.beforeEach(async ({ playwright }) => {
  test.slow();
  data = join(mkdtempSync(join(tmpdir(), 'ozzet-network-')), 'data');
  copyDemo(data);
  program = await startProgram(data, ['--demo']);
  const api = await playwright.request.newContext({ baseURL: program.address });
  await api.post('/api/session', { data: { passphrase: demoPassphrase } });
  const listed = (await (await api.get('/api/workshops')).json()) as {
    id: string;
    title: string;
  }[];
  const id = listed.find(({ title }) => title.includes('3:'))?.id ?? '';
  await api.post(`/api/workshops/${id}/open`);
  evening = (await (await api.get(`/api/workshops/${id}`)).json()) as Evening;
  await api.dispose();
});

test.afterEach(async () => {
  for (const context of contexts.splice(0)) await context.close();
  await program.end('SIGTERM');
  rmSync(join(data, '..'), { recursive: true, force: true });
});

/** A device of its own; its clock may be wrong by some minutes. */
async function device(browser: Browser, wrongByMinutes = 0): Promise<Page> {
  const context = await browser.newContext({
    baseURL: program.address,
    serviceWorkers: 'allow',
    reducedMotion: 'reduce',
  });
  contexts.push(context);
  if (wrongByMinutes !== 0) {
    await context.clock.install({ time: Date.now() + wrongByMinutes * 60_000 });
    await context.clock.resume();
  }
  return context.newPage();
}

async function seatAt(browser: Browser, number: number, wrongByMinutes = 0): Promise<Page> {
  const page = await device(browser, wrongByMinutes);
  await goToSeat(page, evening.seats[number - 1]?.token);
  await expect(page.getByText('Saved')).toBeVisible();
  return page;
}

async function floorOf(browser: Browser): Promise<Page> {
  const page = await device(browser);
  await page.request.post('/api/session', { data: { passphrase: demoPassphrase } });
  await page.goto(`/workshops/${evening.id}/floor`);
  await expect(page.getByRole('list', { name: 'Seats' })).toBeVisible();
  return page;
}

interface Logged {
  readonly kind: string;
  readonly at: string;
  readonly id: string;
  readonly stepId?: string;
}
const logOf = async (page: Page): Promise<Logged[]> =>
  (
    (await (await page.request.get(`/api/workshops/${evening.id}/log`)).json()) as {
      events: { event: Logged }[];
    }
  ).events
    .map(({ event }) => event)
    // The demo has people practise at home for this evening, and every seat is opened as one that was met before.
    .filter(({ kind }) => kind !== 'practised' && kind !== 'greeted');

const tap = (page: Page) => page.getByRole('button', { name: /^(Done|Yes)/ }).click();
const atStep = (page: Page, number: number) =>
  expect(page.getByText(`Step ${number} of`, { exact: false })).toBeVisible();

/** Until the page itself is kept on the device, so that it opens without the server. */
const kept = (page: Page) => page.evaluate(() => navigator.serviceWorker.ready.then(() => true));

test('two devices on one seat: each sees what the other does, and nothing counts twice', async ({
  browser,
}) => {
  const phone = await seatAt(browser, 1);
  const tablet = await seatAt(browser, 1);
  const floor = await floorOf(browser);
  await tap(phone);
  await atStep(tablet, 2);
  // Both tap before either has heard of the other: without network neither can, however slow the machine is.
  for (const one of [phone, tablet]) await one.context().setOffline(true);
  for (const one of [phone, tablet]) {
    await tap(one);
    await atStep(one, 3);
  }
  for (const one of [phone, tablet]) await one.context().setOffline(false);
  for (const one of [phone, tablet]) await expect(one.getByText('Saved')).toBeVisible();
  await atStep(phone, 3);
  await atStep(tablet, 3);
  await expect(floor.getByRole('button', { name: /^Seat 1 .*step 3,/ })).toBeVisible();
  await tablet.getByRole('button', { name: 'Back one step' }).click();
  await atStep(phone, 2);
  const done = (await logOf(floor)).filter(({ kind }) => kind === 'step-done');
  expect(new Set(done.map(({ stepId }) => stepId)).size).toBe(2);
});

for (const [name, minutes] of [
  ['fast', 60],
  ['slow', -60],
] as const) {
  test(`a device whose clock is an hour ${name} logs the right time and order`, async ({
    browser,
  }) => {
    const wrong = await seatAt(browser, 2, minutes);
    const right = await seatAt(browser, 2);
    const floor = await floorOf(browser);
    const before = Date.now();
    await tap(wrong);
    await atStep(right, 2);
    await tap(right);
    await atStep(wrong, 3);
    await wrong.getByRole('button', { name: 'Ask for help' }).click();
    await expect(floor.getByRole('region', { name: 'Who next' })).toContainText(
      'asked for help just now',
    );
    const log = await logOf(floor);
    expect(log.map(({ kind }) => kind)).toEqual(['step-done', 'step-done', 'help-asked']);
    const times = log.map(({ at }) => Date.parse(at));
    expect([...times].sort((a, b) => a - b)).toEqual(times);
    for (const time of times) {
      expect(time).toBeGreaterThan(before - 60_000);
      expect(time).toBeLessThan(Date.now() + 60_000);
    }

    // Without the server it goes on by what it knew of the right time, across a reload too.
    await kept(wrong);
    await program.end('SIGKILL');
    await wrong.reload();
    await expect(wrong.getByText(/No network/)).toBeVisible();
    const offlineAt = Date.now();
    await wrong.getByRole('button', { name: 'No longer needed' }).click();
    program = await startProgram(data, ['--demo'], program.port);
    await expect(wrong.getByText('Saved')).toBeVisible({ timeout: 30_000 });
    const withdrawn = (await logOf(floor)).find(({ kind }) => kind === 'help-withdrawn');
    expect(Math.abs(Date.parse(withdrawn?.at ?? '') - offlineAt)).toBeLessThan(60_000);
  });
}

test('the server is killed in the middle: seat and floor go on, also after a reload, and nothing is lost or doubled', async ({
  browser,
}) => {
  const seat = await seatAt(browser, 3);
  const floor = await floorOf(browser);
  await tap(seat);
  await atStep(seat, 2);
  await expect(floor.getByRole('button', { name: /^Seat 3 .*step 2,/ })).toBeVisible();
  await Promise.all([kept(seat), kept(floor)]);
  const acknowledged = await logOf(floor);

  await program.end('SIGKILL');
  await tap(seat);
  await expect(seat.getByText('1 entry is kept here', { exact: false })).toBeVisible();
  await floor.getByRole('button', { name: 'Log a mistake at seat 3' }).click();
  await floor
    .getByRole('dialog')
    .getByRole('button', { name: /^(?!Wrong value)/ })
    .first()
    .click();
  await expect(floor.getByText(/No network. Keep working: 1 entry is kept/)).toBeVisible();

  // Both pages open again without the server, with what was entered.
  await Promise.all([seat.reload(), floor.reload()]);
  await atStep(seat, 3);
  await tap(seat);
  await expect(seat.getByText('2 entries are kept here', { exact: false })).toBeVisible();
  await expect(floor.getByRole('list', { name: 'Seats' })).toBeVisible();
  await expect(floor.getByRole('heading', { name: 'Mistakes: 1' })).toBeVisible();
  await floor.getByRole('button', { name: 'Visit seat 3' }).click();
  await expect(floor.getByText(/2 entries are kept/)).toBeVisible();

  program = await startProgram(data, ['--demo'], program.port);
  await expect(seat.getByText('Saved')).toBeVisible({ timeout: 30_000 });
  await expect(floor.getByText(/No network/)).toHaveCount(0, { timeout: 30_000 });
  await expect(floor.getByRole('button', { name: /^Seat 3 .*step 4,/ })).toBeVisible();
  const log = await logOf(floor);
  expect(log.map(({ id }) => id)).toEqual(expect.arrayContaining(acknowledged.map(({ id }) => id)));
  expect(log.map(({ kind }) => kind).sort()).toEqual([
    'mistake',
    'step-done',
    'step-done',
    'step-done',
    'visit',
  ]);
  expect(new Set(log.map(({ id }) => id)).size).toBe(log.length);
  // Their times are those of the taps, not of the sending.
  const done = log.filter(({ kind }) => kind === 'step-done').map(({ at }) => at);
  expect([...done].sort()).toEqual(done);
});
