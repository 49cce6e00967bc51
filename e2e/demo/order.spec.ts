import { expect, expectAccessible, openKit, phoneOf, signIn, test } from '../fixtures';
import { goToSeat } from '../goToSeat';

const stepsOf = (page: import('@playwright/test').Page) =>
  page.getByRole('list', { name: 'Steps' }).getByRole('listitem');

test.beforeEach(({ page }) => signIn(page));

test('another style is planned at once, says why, and is saved', async ({ page }) => {
  await openKit(page, 'Wire Finder', 'Steps');
  const steps = stepsOf(page);
  await expect(steps.first()).toContainText('R1');
  await page.getByRole('combobox', { name: 'Add a style' }).click();
  await page.getByRole('option', { name: /^Block by block/ }).click();
  await expect(page.getByText('Block by block, then lowest first:')).toBeVisible();
  // The supply’s block comes first, and is tested before the next one begins.
  await expect(steps.filter({ hasText: 'Measure from supply to ground: ' }).first()).toBeVisible();
  await expect(
    steps.filter({ hasText: 'It belongs to an earlier block than' }).first(),
  ).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(steps.first()).toContainText('R1');
  await page.getByRole('button', { name: 'Redo' }).click();

  await page.getByRole('combobox', { name: 'Fit before turning the board' }).click();
  await page.getByRole('option', { name: 'up to 20 parts' }).click();
  await expect(steps.filter({ hasText: 'when the board is turned' }).first()).toContainText(
    /would drop by up to [\d.]+ mm/,
  );
  // What is not saved yet outlives a reload.
  await page.reload();
  await expect(page.getByRole('region', { name: 'Changes' })).toBeVisible();
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Save the order' }).click();
  await expect(page.getByText('Order saved.')).toBeVisible();
  await expect(page.getByRole('region', { name: 'Changes' })).toHaveCount(0);
  await page.reload();
  await expect(page.getByText('Block by block, then lowest first:')).toBeVisible();
});

test('a step dragged against a rule says which, and is kept with its reason', async ({ page }) => {
  await openKit(page, 'Fern Minder', 'Steps');
  const steps = stepsOf(page);
  const chip = page.getByRole('button', { name: /^Move step \d+, Put in the LM393 chip/ });
  await chip.scrollIntoViewIfNeeded();
  const power = steps.filter({ has: page.getByRole('heading', { name: /^First power/ }) });
  const [from, to] = [await chip.boundingBox(), await power.boundingBox()];
  if (!from || !to) throw new Error('not to be seen');
  await page.mouse.move(from.x + 10, from.y + from.height / 2);
  await page.mouse.down();
  await page.mouse.move(from.x + 10, from.y - 20, { steps: 5 });
  await page.mouse.move(from.x + 10, to.y + 10, { steps: 10 });
  await page.mouse.up();
  const broken = page.getByRole('group', { name: 'Broken rule' });
  await expect(broken).toContainText(
    'Chips stay out of their sockets until the supply has been checked.',
  );
  await expect(page.getByRole('button', { name: 'Save the order' })).toBeDisabled();
  await broken.getByLabel('Why is it right here?').fill('It is a dummy chip, to practise on.');
  await broken.getByLabel('Why is it right here?').press('Enter');
  await expect(page.getByRole('button', { name: 'Save the order' })).toBeEnabled();
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Save the order' }).click();
  await expect(page.getByText('Order saved.')).toBeVisible();
  await page.reload();
  await expect(broken.getByLabel('Why is it right here?')).toHaveValue(
    'It is a dummy chip, to practise on.',
  );
  await page.getByRole('button', { name: 'Order them by styles again' }).click();
  await expect(broken).toHaveCount(0);
  await page.getByRole('button', { name: 'Save the order' }).click();
  await expect(page.getByText('Order saved.').last()).toBeVisible();
});

test('steps are moved, split and merged by keys alone', async ({ page }) => {
  await openKit(page, 'Twin Lamp', 'Steps');
  const steps = stepsOf(page);
  await page.getByRole('button', { name: /^Move step 1, Solder the 470 Ω/ }).focus();
  await page.keyboard.press('Space');
  await expect(page.getByText('At the place of step 1')).toBeAttached();
  await page.keyboard.press('ArrowDown');
  await expect(page.getByText('At the place of step 2')).toBeAttached();
  await page.keyboard.press('Space');
  await expect(steps.first()).toContainText('47 kΩ');
  await page.getByRole('button', { name: 'Split step 1' }).press('Enter');
  await expect(steps.nth(1).getByRole('heading')).toHaveText('Solder the 47 kΩ resistor R3');
  await page.getByRole('button', { name: 'Merge step 1 with the next' }).press('Enter');
  await expect(steps.first().getByRole('heading')).toContainText('R2, R3');
  await page.getByRole('button', { name: 'Discard changes' }).press('Enter');
  await expect(steps.first()).toContainText('470 Ω');
});

test('the styles are compared in a worker, with a recommendation in words', async ({ page }) => {
  await openKit(page, 'Fern Minder', 'Steps');
  await page.getByRole('button', { name: 'Compare the styles' }).click();
  const table = page.getByRole('table', { name: 'Styles compared' });
  await expect(table.getByRole('row')).toHaveCount(8);
  await expect(page.getByText('The order is already as good as any')).toBeVisible();
  await expect(page.getByText(/Block by block finds a fault \d+ minutes sooner/)).toBeVisible();
  await expectAccessible(page);
  await table.getByRole('button', { name: 'Use Toughest first' }).click();
  await expect(page.getByText('Toughest first:').first()).toBeVisible();
  await page.getByRole('button', { name: 'Discard changes' }).click();
});

test('blocks are read from the nets, and can be named and given a test', async ({ page }) => {
  await openKit(page, 'Fern Minder', 'Steps');
  await page.getByText('Blocks: Supply, Lamps and sounders').click();
  const lamps = page.getByRole('group', { name: 'Block Lamps and sounders' });
  await lamps.getByLabel('Parts').fill('D2-D4, R4-R6, R99');
  await lamps.getByLabel('Parts').blur();
  await expect(lamps).toContainText('R99: not in this kit');
  await lamps.getByLabel('Parts').fill('D2-D4, R4-R6');
  await lamps.getByLabel('It works if you see').fill('A touch of the probe lights the lamp.');
  await lamps.getByLabel('It works if you see').blur();
  await page.getByLabel('Test each block as soon as it is complete').check();
  await expect(
    stepsOf(page).getByRole('heading', { name: 'Does it work?: Lamps and sounders' }),
  ).toBeVisible();
  await page.getByRole('button', { name: 'Discard changes' }).click();
});

test('a step is told in own words, another is added, one is left out, and all of it outlives leaving', async ({
  page,
}) => {
  await openKit(page, 'Tide Badge', 'Steps');
  const steps = stepsOf(page);
  await expect(steps.first()).toBeVisible();
  const before = await steps.count();
  await page.getByRole('button', { name: /^Edit the words of step 1,/ }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByLabel('Title').fill('The first ones, on the jig');
  await dialog
    .getByLabel('How', { exact: true })
    .fill('Lay the jig on the mat.\nBend, push in, solder.');
  await expectAccessible(page);
  await dialog.getByRole('button', { name: 'Apply' }).click();
  await page.getByRole('button', { name: /^Add a step after step 1,/ }).click();
  await dialog.getByLabel('What it is for').click();
  await page.getByRole('option', { name: 'Talk' }).click();
  await dialog.getByLabel('Title').fill('What a good joint looks like');
  await dialog.getByRole('button', { name: 'Apply' }).click();
  await expect(steps).toHaveCount(before + 1);
  await page.getByRole('button', { name: /^Leave out step 3,/ }).click();
  await page.getByLabel('Why is it left out?').fill('Done before the evening.');
  await page.getByLabel('Why is it left out?').press('Enter');
  await expect(steps.nth(2)).toContainText('Left out: Done before the evening.');

  await page.getByRole('link', { name: 'Parts', exact: true }).click();
  await expect(page).toHaveURL(/\/parts/);
  await page.goBack();
  await expect(steps.nth(0)).toContainText('The first ones, on the jig');
  await page.getByRole('button', { name: 'Save the order' }).click();
  await expect(page.getByText('Order saved.')).toBeVisible();
  await page.reload();
  await expect(steps.nth(1)).toContainText('What a good joint looks like');
  await expectAccessible(page);

  // Back to what is computed.
  await page.getByRole('button', { name: /^Edit the words of step 1,/ }).click();
  await dialog.getByRole('button', { name: 'Restore what is worked out' }).click();
  await expect(steps.nth(0)).not.toContainText('on the jig');
});

test('a picture with an arrow and a ring stands at a step, and the seat shows it', async ({
  page,
  browser,
  baseURL,
}) => {
  await openKit(page, 'Wire Finder', 'Steps');
  await page.getByRole('button', { name: /^Edit the words of step 1,/ }).click();
  const dialog = page.getByRole('dialog');
  const drawn = await page.evaluate(() => {
    const canvas = document.createElement('canvas');
    [canvas.width, canvas.height] = [400, 300];
    canvas.getContext('2d')?.fillRect(100, 100, 200, 80);
    return canvas.toDataURL('image/png');
  });
  await dialog
    .locator('input[type=file]')
    .first()
    .setInputFiles({
      name: 'drawing.png',
      mimeType: 'image/png',
      buffer: Buffer.from(drawn.split(',')[1] ?? '', 'base64'),
    });
  const says = dialog.getByLabel('What the picture shows');
  await expect(says).toBeVisible();
  // Nobody sees a picture that is not told to those who do not see it.
  await expect(dialog.getByRole('button', { name: 'Apply' })).toBeDisabled();
  await says.fill('A part lying flat');

  const marks = dialog.locator('.marked-picture svg');
  const box = async () => {
    await marks.scrollIntoViewIfNeeded();
    const found = await marks.boundingBox();
    if (!found) throw new Error('no picture to draw on');
    return found;
  };
  const { x, y, width, height } = await box();
  await page.mouse.move(x + width * 0.8, y + height * 0.2);
  await page.mouse.down();
  await page.mouse.move(x + width * 0.5, y + height * 0.45, { steps: 4 });
  await page.mouse.up();
  await dialog.getByLabel('Text at Arrow 1').fill('flat on the board');
  // The other one by keys alone.
  await dialog.getByRole('button', { name: 'Ring', exact: true }).press('Enter');
  await dialog.getByRole('button', { name: 'Place in the middle' }).press('Enter');
  const ring = dialog.locator('.mark-line').nth(1);
  const before = await ring.getAttribute('d');
  await dialog.getByRole('button', { name: 'Move Ring 2', exact: true }).press('ArrowRight');
  await expect(ring).not.toHaveAttribute('d', before ?? '');
  await expectAccessible(page);
  await dialog.getByRole('button', { name: 'Apply' }).click();
  await page.getByRole('button', { name: 'Save the order' }).click();
  await expect(page.getByText('Order saved.')).toBeVisible();

  const kitId = /kits\/([0-9a-f-]+)/.exec(page.url())?.[1];
  const planned = await page.request.post('/api/workshops', {
    headers: { Origin: baseURL ?? '' },
    data: {
      title: 'With pictures',
      kitId,
      startsAt: new Date(Date.now() - 60_000).toISOString(),
      lengthMinutes: 120,
      seats: [{ name: 'Tern' }],
    },
  });
  const { id } = (await planned.json()) as { id: string };
  const workshop = (await (await page.request.get(`/api/workshops/${id}`)).json()) as {
    seats: readonly { token: string }[];
  };
  const seat = await phoneOf(browser, baseURL);
  await goToSeat(seat, workshop.seats[0]?.token);
  const picture = seat.getByRole('img', { name: 'A part lying flat. flat on the board' });
  await expect(picture).toBeVisible();
  await expect
    .poll(() => picture.evaluate((image: HTMLImageElement) => image.naturalWidth))
    .toBe(400);
  await expectAccessible(seat);
  await seat.context().close();
});

test('something built apart from the board has steps of its own, in place of a computed one', async ({
  page,
}) => {
  await page.goto('/kits/new');
  await page.getByLabel('Parts list file').setInputFiles({
    name: 'cube.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from(
      'Reference,Quantity,Value,Description\nR1,1,10k,resistor\nR2,1,470,resistor\n"D1,D2,D3,D4",4,blue,LED 5 mm\n',
    ),
  });
  await page.getByLabel('Name of the kit').fill('Cube of LEDs');
  await page.getByRole('button', { name: 'Create kit' }).click();
  await page.getByRole('navigation', { name: 'Kit' }).getByRole('link', { name: 'Steps' }).click();
  const steps = stepsOf(page);
  const replaced = page.getByRole('button', { name: /^Add an assembly after step 3,/ });
  await replaced.click();
  const dialog = page.getByRole('dialog', { name: 'Add assembly' });
  await dialog.getByLabel('What one piece is called').fill('layer of 16 LEDs');
  await dialog.getByLabel('Pieces').fill('4');
  await dialog.getByLabel('Spacing in mm').fill('20,5');
  await dialog.getByLabel('Minutes for one').fill('a while');
  await expect(dialog.getByRole('button', { name: 'Add steps' })).toBeDisabled();
  await dialog.getByLabel('Minutes for one').fill('12');
  await dialog.getByLabel('Jig').fill('the board with 16 holes');
  await dialog.getByLabel(/^Leave out the step/).check();
  await expectAccessible(page);
  await dialog.getByRole('button', { name: 'Add steps' }).click();
  await expect(steps.nth(3)).toContainText('Build: layer of 16 LEDs');
  await expect(steps.nth(3)).toContainText('20.5 mm apart');
  await expect(steps.nth(3)).toContainText('4 times, on this jig: the board with 16 holes');
  await expect(steps.nth(3)).toContainText('48 min');
  await expect(steps.nth(4)).toContainText('Check for shorts: layer of 16 LEDs');
  await expect(steps.nth(4)).toContainText('100 Ω');
  await expect(steps.nth(5)).toContainText('Fit: layer of 16 LEDs');
  await expect(steps.nth(2)).toContainText('Done as an assembly: layer of 16 LEDs');
  // One press takes all of it back.
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(steps.filter({ hasText: 'layer of 16 LEDs' })).toHaveCount(0);
});
