import { expect, expectAccessible, seatsOf, signIn, test } from '../fixtures';
import { goToSeat } from '../goToSeat';

test('a learner chooses a language; the seat speaks it, keeps it, and goes on in it without network', async ({
  page,
  context,
}) => {
  await signIn(page);
  const { seats } = await seatsOf(page, '3: Fern');
  await page.setViewportSize({ width: 390, height: 844 });
  await goToSeat(page, seats[7]?.token);
  await expect(page.getByRole('heading', { name: /Solder the .* resistors/ })).toBeVisible();
  await page.getByRole('combobox', { name: 'Language' }).selectOption('Deutsch');
  await expect(page.getByRole('heading', { name: /Widerstände .* einlöten/ })).toBeVisible();
  await expect(page.getByRole('button', { name: /^Fertig/ })).toBeVisible();
  expect(await page.evaluate(() => document.documentElement.lang)).toBe('de');
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
  await expectAccessible(page);

  await page.getByRole('combobox', { name: 'Sprache' }).selectOption('Español');
  await expect(page.getByRole('heading', { name: /^Suelda resistencias/ })).toBeVisible();
  await page.getByRole('button', { name: 'Algo ha salido mal' }).click();
  await expect(page.getByRole('button', { name: 'Valor equivocado' })).toBeVisible();
  await page.getByRole('button', { name: 'Cerrar' }).click();
  await page.reload();
  await expect(page.getByRole('heading', { name: /^Suelda/ })).toBeVisible();
  await context.route('**/api/**', (route) => route.abort('internetdisconnected'));
  await page.reload();
  await expect(page.getByRole('status').filter({ hasText: 'Sin red' })).toBeVisible();
  await expect(page.getByRole('heading', { name: /^Suelda/ })).toBeVisible();
});
