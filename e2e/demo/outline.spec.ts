import { expect, expectAccessible, phoneOf, seatsOf, signIn, test } from '../fixtures';
import { goToSeat } from '../goToSeat';

// By the published format RS-274X: a board of 60 by 40 mm with one round corner and a hole, and a small one beside it.
const edgeLayer = [
  '%FSLAX46Y46*%',
  '%MOMM*%',
  '%ADD10C,0.1*%',
  'D10*',
  'G75*',
  'G01*',
  'X0Y0D02*',
  'X60000000D01*',
  'Y35000000D01*',
  'G03*',
  'X55000000Y40000000I-5000000J0D01*',
  'G01*',
  'X0D01*',
  'Y0D01*',
  'X8000000Y5000000D02*',
  'G02*',
  'X8000000Y5000000I-1600000J0D01*',
  'G01*',
  'X70000000Y0D02*',
  'X95000000D01*',
  'Y20000000D01*',
  'X70000000D01*',
  'Y0D01*',
  'M02*',
].join('\n');

test('a kit of two boards: edges from a file, a slot by hand, and parts told by the board they are on', async ({
  page,
}) => {
  test.slow();
  await signIn(page);
  const name = 'Two boards';
  await page.goto('/kits/new');
  await page.getByLabel('Parts list file').setInputFiles({
    name: 'two.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from(
      'Reference,Quantity,Value,Description\n"R1,R2",2,10k,resistor\nD1,1,red,LED 5 mm\n',
    ),
  });
  await page.getByLabel('Name of the kit').fill(name);
  await page.getByRole('button', { name: 'Create kit' }).click();
  await page.getByRole('navigation', { name: 'Kit' }).getByRole('link', { name: 'Board' }).click();
  await page.getByRole('link', { name: 'Place the parts' }).click();

  const tools = page.getByRole('region', { name: 'Boards and outline' });
  await page.getByLabel('Gerber file of the edge layer').setInputFiles({
    name: 'lamp.gko',
    mimeType: 'text/plain',
    buffer: Buffer.from('Not a layer'),
  });
  await expect(tools.getByRole('alert')).toContainText('draw the outline');
  await page.getByLabel('Gerber file of the edge layer').setInputFiles({
    name: 'lamp.gko',
    mimeType: 'text/plain',
    buffer: Buffer.from(edgeLayer),
  });
  await expect(tools.getByRole('alert')).toContainText('Boards read: 2. Cut-outs: 1.');
  await expect(tools.getByLabel('Corner 1, x in mm')).toBeVisible();

  // A slot for a strap, on the second board by where it lies.
  for (const [label, value] of [
    ['Middle x, mm', '82,5'],
    ['Middle y, mm', '10'],
    ['Width, mm', '8'],
    ['Height, mm', '2'],
    ['Radius, mm', '1'],
  ] as const) {
    await tools.getByLabel(label, { exact: true }).fill(value);
  }
  await tools.getByRole('button', { name: 'Add cut-out' }).click();
  await tools.getByLabel('Line to edit').click();
  await page.getByRole('option', { name: 'Board 2: cut-out 1' }).click();
  await expect(tools.getByLabel('Corner 1, radius in mm')).toHaveValue('1');
  await tools.getByLabel('Line to edit').click();
  await page.getByRole('option', { name: 'Board 2: edge' }).click();
  await tools.getByLabel('Name of the board').fill('Light board');
  // A corner that would make the slot hang over is told; Undo brings it back.
  await tools.getByLabel('Corner 1, x in mm').fill('90');
  await tools.getByLabel('Corner 1, x in mm').press('Enter');
  await expect(tools).toContainText('Light board: cut-out 1 is not wholly on its board.');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(tools).not.toContainText('not wholly');

  const tray = page.getByRole('list', { name: 'To place' });
  const area = page.getByTestId('layout');
  const put = async (place: string, share: readonly [number, number]) => {
    await tray.getByRole('button', { name: new RegExp(`\\b${place}\\b`) }).click();
    const ground = await area
      .locator('.board-printed')
      .nth(place === 'D1' ? 1 : 0)
      .boundingBox();
    if (!ground) throw new Error('no board');
    await page.mouse.click(ground.x + ground.width * share[0], ground.y + ground.height * share[1]);
    await expect(area.locator(`[data-place="${place}"]`)).toBeVisible();
  };
  await page.getByRole('button', { name: 'Whole board' }).click();
  await put('R1', [0.3, 0.3]);
  await put('R2', [0.3, 0.7]);
  await put('D1', [0.8, 0.2]);
  await expectAccessible(page);

  // Nothing is lost by a reload.
  await page.reload();
  await expect(tools.getByLabel('Line to edit')).toBeVisible();
  await page.getByRole('button', { name: 'Save board' }).click();
  await expect(page.getByText('Light board').first()).toBeVisible();
  await expect(page.getByRole('list', { name: 'Places' })).toContainText(
    /D1.*Light board: in the upper right/,
  );
  await expect(page.getByRole('list', { name: 'Places' })).toContainText(/R1.*Main board:/);
  await expectAccessible(page);
});

test('photos of both sides, and copper through the board: the learner switches to the photo', async ({
  page,
  browser,
  baseURL,
}) => {
  test.slow();
  await signIn(page);
  const origin = { origin: baseURL ?? '' };
  const kits = await (await page.request.get('/api/kits')).json();
  const { id } = kits.find((kit: { name: string }) => kit.name === 'Tide Badge');
  const copied = await page.request.post(`/api/kits/${id}/copies`, {
    headers: origin,
    data: { name: 'Badge with photos' },
  });
  const { id: kitId } = await copied.json();
  await page.goto(`/kits/${kitId}/board/layout`);
  const layout = page.getByTestId('layout');
  const photo = async (colour: string) =>
    Buffer.from(
      (
        await page.evaluate((fill) => {
          const canvas = document.createElement('canvas');
          [canvas.width, canvas.height] = [200, 150];
          const pen = canvas.getContext('2d');
          if (!pen) throw new Error('no canvas');
          pen.fillStyle = fill;
          pen.fillRect(0, 0, 200, 150);
          return canvas.toDataURL('image/png');
        }, colour)
      ).split(',')[1] ?? '',
      'base64',
    );
  const add = async (colour: string) => {
    await page.getByLabel('Photo of the board').setInputFiles({
      name: 'board.png',
      mimeType: 'image/png',
      buffer: await photo(colour),
    });
    await page.getByRole('dialog').getByRole('button', { name: 'Straighten' }).click();
    await expect(page.getByRole('dialog')).toHaveCount(0);
  };
  await add('#204080');
  await expect(page.getByRole('region', { name: 'Pictures of the component side' })).toContainText(
    'Photo',
  );
  await page.getByRole('button', { name: 'Solder side' }).click();
  await expect(layout.locator('image')).toHaveCount(0);
  await add('#802040');
  await page.getByLabel('Gerber file of the copper').setInputFiles({
    name: 'copper.gbl',
    mimeType: 'text/plain',
    buffer: Buffer.from(
      '%FSLAX46Y46*%\n%MOMM*%\n%ADD10C,2.0*%\nD10*\nX5000000Y5000000D02*\nX45000000Y5000000D01*\nM02*\n',
    ),
  });
  // The track lies where its file says, seen through the board: mirrored as a whole.
  const copper = layout.locator('image.picture-copper');
  await expect(copper).toHaveAttribute('x', '4');
  await expect(copper).toHaveAttribute('transform', /scale\(-1 1\)/);
  await expect(layout.locator('image.picture-photo')).not.toHaveAttribute('transform', /.*/);
  await page.getByRole('button', { name: 'Save board' }).click();

  // On the board's page each is shown on demand.
  await expect(page.getByRole('link', { name: 'Edit layout' })).toBeVisible();
  await page.getByRole('button', { name: 'Solder side' }).click();
  const copperShown = page.getByRole('button', { name: 'Copper', exact: true });
  await expect(copperShown).toBeVisible();
  await expect(page.locator('.board-map image')).toHaveCount(0);
  await copperShown.click();
  await expect(page.locator('.board-map image')).toHaveCount(1);
  await page.getByRole('button', { name: 'Photo', exact: true }).click();
  await expect(page.locator('.board-map image')).toHaveCount(1);
  await expectAccessible(page);

  const title = 'Badges with photos';
  const planned = await page.request.post('/api/workshops', {
    headers: origin,
    data: {
      title,
      kitId,
      startsAt: new Date().toISOString(),
      lengthMinutes: 90,
      seats: [{ name: 'Tern' }],
    },
  });
  expect(planned.ok()).toBe(true);
  const { seats } = await seatsOf(page, title);
  const phone = await phoneOf(browser, baseURL);
  await goToSeat(phone, seats[0]?.token);
  const map = phone.getByRole('region', { name: 'Where on the board' });
  await expect(map.locator('image')).toHaveCount(0);
  await map.getByRole('button', { name: 'Photo' }).click();
  await expect(map.locator('image')).toHaveCount(1);
  // What is fitted now stays ringed and named on it.
  await expect(map.locator('.placed-now').first()).toBeVisible();
  await expectAccessible(phone);
  await map.getByRole('button', { name: 'Turn it over' }).click();
  await expect(map.locator('image')).toHaveCount(1);
  await map.getByRole('button', { name: 'Drawing' }).click();
  await expect(map.locator('image')).toHaveCount(0);
});
