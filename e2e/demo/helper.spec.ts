import { expect, expectAccessible, signIn, test } from '../fixtures';

/** A helper's side of the site: what is shown can be done. */

const knot = { role: 'helper', name: 'Whimbrel', passphrase: 'a heap of driftwood' } as const;

test('a helper meets no page and no file that refuses them, wherever the links lead', async ({
  page,
}) => {
  test.slow();
  await signIn(page);
  expect((await page.request.post('/api/accounts', { data: knot })).status()).toBe(200);
  await page.context().clearCookies();
  await page.goto('/sign-in');
  await page.getByLabel(/^Name/).fill(knot.name);
  await page.getByLabel('Passphrase').fill(knot.passphrase);
  await page.getByRole('button', { name: 'Sign in' }).click();
  await expect(page.getByRole('heading', { name: 'Workshops', level: 1 })).toBeVisible();
  // Only the evening of today.
  await expect(page.getByRole('link', { name: 'Evening course 2: Fern Minder' })).toBeVisible();
  await expect(page.getByRole('link', { name: /Evening course [13]/ })).toHaveCount(0);

  const refused: string[] = [];
  page.on('response', (response) => {
    if (response.status() === 403) refused.push(`${page.url()}: ${response.url()}`);
  });
  const seen = new Set<string>();
  const files = new Set<string>();
  const ahead = ['/workshops'];
  for (let path = ahead.shift(); path !== undefined; path = ahead.shift()) {
    // One of each kind of page is enough: the second kit and the second part show the same.
    const kind = path.replace(/[0-9a-f-]{36}|(?<=\/guide\/)[\w-]+/g, ':id');
    if (seen.has(kind)) continue;
    seen.add(kind);
    await page.goto(path);
    await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
    const links = await page
      .locator('a[href^="/"]')
      .evaluateAll((found) => found.map((link) => link.getAttribute('href') ?? ''));
    for (const link of links) {
      const [pathname = ''] = link.split(/[?#]/);
      if (link.startsWith('/api/')) files.add(link);
      else if (!pathname.startsWith('/seat/')) ahead.push(pathname);
    }
  }
  expect([...seen].sort()).toEqual(
    expect.arrayContaining([
      '/kits',
      '/kits/:id/steps',
      '/site/you',
      '/workshops/:id/floor',
      '/workshops/:id/plan',
      '/workshops/:id/wrap-up',
      '/workshops/phones',
    ]),
  );
  for (const file of files) {
    const { status } = await page.evaluate(
      async (href) => ({ status: (await fetch(href)).status }),
      file,
    );
    if (status === 403) refused.push(file);
  }
  expect(refused).toEqual([]);
});

test('a helper reads kits without anything to change them, and asks for a seat’s link', async ({
  page,
  playwright,
  baseURL,
}) => {
  await signIn(page);
  const helper = { ...knot, name: 'Turnstone' };
  expect((await page.request.post('/api/accounts', { data: helper })).status()).toBe(200);
  await page.context().clearCookies();
  const api = await playwright.request.newContext(baseURL ? { baseURL } : {});
  const { name, passphrase } = helper;
  await api.post('/api/session', { data: { name, passphrase } });
  await page.context().addCookies((await api.storageState()).cookies);
  await page.goto('/kits');
  await expect(page.getByRole('link', { name: 'New kit' })).toHaveCount(0);
  await page.getByRole('link', { name: 'Fern Minder' }).click();
  await expect(page.getByRole('table', { name: 'Parts' })).toBeVisible();
  await expect(page.getByRole('button', { name: /Edit|Remove|Add/ })).toHaveCount(0);
  const [evening] = (await (await page.request.get('/api/workshops')).json()) as { id: string }[];
  const path = `/workshops/${evening?.id}`;
  const { seats } = (await (await page.request.get(`/api${path}`)).json()) as {
    seats: { id: string }[];
  };
  await page.goto(`${path}/floor?seat=${seats[0]?.id}`);
  await page.getByRole('button', { name: 'Show the seat’s link' }).click();
  await expect(page.getByRole('link', { name: 'Open the seat' })).toHaveAttribute(
    'href',
    /^\/seat\/[\w-]{32}$/,
  );
  await expectAccessible(page);
  await api.dispose();
});
