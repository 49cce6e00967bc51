import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import type { Locator, Page } from '@playwright/test';
import { expect, expectAccessible, openKit, seatsOf, signIn, test } from '../fixtures';
import { goToSeat } from '../goToSeat';

test.beforeEach(({ page }) => signIn(page));

const twinLamp = readFileSync(join(import.meta.dirname, '../../demo/kits/twin-lamp.csv'), 'utf8');

const openBoard = (page: Page, name: string) => openKit(page, name, 'Board');

/** The pixel of a point of the board (mm, y up) as the layout page shows it. */
async function pixelOf(area: Locator, xMm: number, yMm: number) {
  return area.evaluate(
    (element, [x, y]) => {
      const svg = element.querySelector('svg');
      if (!svg) throw new Error('no map');
      const box = element.getBoundingClientRect();
      const { x: left, y: top, width, height } = svg.viewBox.baseVal;
      // The board's own height is that of its ground.
      const ground = svg.querySelector<SVGGraphicsElement>('.board-printed, .board-strip');
      if (!ground) throw new Error('no board');
      const high = ground.getBBox().height;
      const scale = Math.min(box.width / width, box.height / height);
      return {
        x: box.left + box.width / 2 + ((x ?? 0) - left - width / 2) * scale,
        y: box.top + box.height / 2 + (high - (y ?? 0) - top - height / 2) * scale,
      };
    },
    [xMm, yMm],
  );
}

test('the Twin Lamp is laid out from nothing, by mouse and by keys, and is a complete board', async ({
  page,
}) => {
  test.slow();
  await page.goto('/kits/new');
  await page
    .getByLabel('Parts list file')
    .setInputFiles({ name: 'twin.csv', mimeType: 'text/csv', buffer: Buffer.from(twinLamp) });
  await page.getByLabel('Name of the kit').fill('Bare Lamp');
  await page.getByRole('button', { name: 'Create kit' }).click();
  await page.getByRole('navigation', { name: 'Kit' }).getByRole('link', { name: 'Board' }).click();
  await expectAccessible(page);
  await page.getByRole('link', { name: 'Place the parts' }).click();
  const area = page.getByTestId('layout');
  const tray = page.getByRole('list', { name: 'To place' });
  const state = page.getByRole('status', { name: 'Layout' });
  await expect(tray.getByRole('listitem')).toHaveCount(12);
  await expectAccessible(page);

  // By mouse: take a part, click where it goes.
  const put = async (place: string, xMm: number, yMm: number) => {
    await tray.getByRole('button', { name: new RegExp(`\\b${place}\\b`) }).click();
    const { x, y } = await pixelOf(area, xMm, yMm);
    await page.mouse.click(x, y);
    await expect(area.locator(`[data-place="${place}"]`)).toBeVisible();
  };
  await put('R1', 20.32, 40.64);
  await put('R4', 20.32, 33.02);
  await put('R2', 20.32, 25.4);
  await put('C1', 40.64, 40.64);
  await put('C2', 40.64, 30.48);
  await put('D1', 55.88, 40.64);
  await put('D2', 55.88, 30.48);
  await put('S1', 20.32, 10.16);

  // By keys alone: put on the board, then moved with the arrows.
  const byKeys = async (place: string, keys: readonly string[]) => {
    await tray.getByRole('button', { name: new RegExp(`\\b${place}\\b`) }).press('Enter');
    const part = area.locator(`[data-place="${place}"]`);
    await part.focus();
    for (const key of keys) await page.keyboard.press(key);
  };
  const times = (key: string, count: number) => Array.from({ length: count }, () => key);
  await byKeys('J1', [...times('ArrowRight', 12), ',']);
  await byKeys('Q1', times('ArrowDown', 6));
  await byKeys('Q2', [...times('ArrowRight', 6), ...times('ArrowDown', 2)]);
  await byKeys('R3', [...times('ArrowLeft', 8), ...times('ArrowDown', 1)]);
  await expect(tray.getByRole('listitem')).toHaveCount(0);

  // What is in the way is said, and put right: by dragging, until nothing is.
  for (const [place, xMm, yMm] of [
    ['J1', 70, 15.24],
    ['Q1', 40.64, 17.78],
    ['Q2', 50.8, 17.78],
    ['R3', 20.32, 17.78],
  ] as const) {
    const part = area.locator(`[data-place="${place}"]`);
    const box = await part.boundingBox();
    const to = await pixelOf(area, xMm, yMm);
    await page.mouse.move(
      (box?.x ?? 0) + (box?.width ?? 0) / 2,
      (box?.y ?? 0) + (box?.height ?? 0) / 2,
    );
    await page.mouse.down();
    await page.mouse.move(to.x, to.y, { steps: 6 });
    await page.mouse.up();
  }
  await expect(state).toContainText('The layout is complete');

  // Undo takes back one thing at a time, redo brings it again.
  await page.getByRole('button', { name: 'Undo' }).click();
  await page.getByRole('button', { name: 'Redo' }).click();
  await expect(state).toContainText('The layout is complete');
  // What is not saved outlives another page, the way back, and a page that is loaded anew.
  await page.getByRole('link', { name: 'Parts', exact: true }).click();
  await expect(page).toHaveURL(/\/parts/);
  await page.goBack();
  await expect(page.getByText('begun earlier and never saved')).toBeVisible();
  await page.reload();
  await expect(page.getByText('The layout is complete')).toBeVisible();
  await page.getByRole('button', { name: 'Save board' }).click();
  await expect(page.getByRole('list', { name: 'Places' }).getByRole('listitem')).toHaveCount(12);
  await page.reload();
  await expect(page.getByRole('list', { name: 'Places' }).getByRole('listitem')).toHaveCount(12);
});

test('from below left and right change, in the picture and in words', async ({ page }) => {
  await openBoard(page, 'Twin Lamp');
  const place = page
    .getByRole('list', { name: 'Places' })
    .getByRole('listitem')
    .filter({ hasText: 'J1' });
  await expect(place.first()).toContainText('at the left, left of Q1');
  await expect(place.first()).toContainText('opening towards the left');
  await page.getByRole('button', { name: 'Solder side' }).click();
  await expect(
    page.getByRole('group', { name: 'Solder side, seen from below (mirrored)' }),
  ).toBeVisible();
  await expect(place.first()).toContainText('at the right, right of Q1');
  await expect(place.first()).toContainText('opening towards the right');
  await place.first().getByRole('button').click();
  await expect(page).toHaveURL(/side=bottom&part=J1/);
  await page.reload();
  await expect(place.first().getByRole('button')).toHaveAttribute('aria-pressed', 'true');
  await expectAccessible(page);
});

test('a hand-wired board names its holes, from either side', async ({ page }) => {
  await openBoard(page, 'Wire Finder');
  const place = page
    .getByRole('list', { name: 'Places' })
    .getByRole('listitem')
    .filter({ hasText: /^R1 / });
  await expect(place).toContainText('hole Q1; hole Q5');
  await page.getByRole('button', { name: 'Solder side' }).click();
  await expect(place).toContainText('hole Q1, column 8 from the left as you see it');
  await expectAccessible(page);
});

test('what is exported is imported again as the same; what cannot be read is told', async ({
  page,
}) => {
  await openBoard(page, 'Tide Badge');
  const board = async () => {
    const id = page.url().split('/')[4];
    return ((await (await page.request.get(`/api/kits/${id}`)).json()) as { board: object }).board;
  };
  const before = await board();
  for (const [button, input, said] of [
    ['Export the pad list', 'Pad list file', 'pads imported'],
    ['Export positions', 'Positions file', 'positions imported'],
  ] as const) {
    const download = page.waitForEvent('download');
    await page.getByRole('button', { name: button }).click();
    const path = await (await download).path();
    await page.getByLabel(input).setInputFiles(path);
    await expect(page.getByText(said).last()).toBeVisible();
    expect(await board()).toEqual(before);
  }
  await page.getByLabel('Pad list file').setInputFiles({
    name: 'wrong.ipc',
    mimeType: 'text/plain',
    buffer: Buffer.from('this is no pad list\n999\n'),
  });
  await expect(page.getByText('contains no pad in IPC-D-356A')).toBeVisible();
  // Headings that say nothing are asked for once, and known the next time.
  await page.reload();
  const odd = 'Bauteil;Waagrecht;Senkrecht\nR1;12.7;27.94\n';
  const choose = () =>
    page
      .getByLabel('Positions file')
      .setInputFiles({ name: 'odd.csv', mimeType: 'text/csv', buffer: Buffer.from(odd) });
  await choose();
  for (const [column, heading] of [
    ['Place name', 'Bauteil'],
    ['X, from the left', 'Waagrecht'],
    ['Y, from below', 'Senkrecht'],
  ] as const) {
    await page.getByRole('combobox', { name: column }).click();
    await page.getByRole('option', { name: heading }).click();
  }
  await page.getByRole('button', { name: 'Import positions' }).last().click();
  await expect(page.getByText('1 positions imported').last()).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).last().click();
  await expect.poll(board).toEqual(before);
  await page.reload();
  await choose();
  await expect(page.getByText('1 positions imported').last()).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).last().click();
  await expect.poll(board).toEqual(before);
});

interface Board {
  readonly pads: readonly object[];
  readonly placements: readonly object[];
}

test('files of a board program: the end that is pin 1 is asked, and parts are turned onto their pads', async ({
  page,
}) => {
  const headers = { origin: new URL(page.url()).origin };
  const kits = (await (await page.request.get('/api/kits')).json()) as {
    id: string;
    name: string;
  }[];
  const boardOf = async (id: string | undefined) =>
    ((await (await page.request.get(`/api/kits/${id}`)).json()) as { board: Board }).board;
  const drawn = await boardOf(kits.find(({ name }) => name === 'Twin Lamp')?.id);
  const mapping = { designators: 0, quantity: 1, description: 2, value: 3 };
  const made = await page.request.post('/api/kits', {
    headers,
    data: { name: 'From a board program', supplyVolt: 6, csv: twinLamp, mapping },
  });
  const { id } = (await made.json()) as { id: string };
  const board = () => boardOf(id);
  const file = (name: string) =>
    readFileSync(join(import.meta.dirname, '../../demo/boards', name), 'utf8');
  // The same board as a program has it that numbers cathodes 1 and has other quarters for 0 degrees.
  const pads = file('twin-lamp.ipc').replace(
    /^(317\S+\s+D\d\s+)-([12])/gm,
    (_, start, pin) => `${start}-${3 - Number(pin)}`,
  );
  const places = file('twin-lamp.csv')
    .replace(/^(D\d,[^,]+,[^,]+),0,/gm, '$1,180,')
    .replace(/^(Q1,[^,]+,[^,]+),0,/m, '$1,90,');
  const give = (label: string, name: string, text: string) =>
    page
      .getByLabel(label)
      .setInputFiles({ name, mimeType: 'text/plain', buffer: Buffer.from(text) });

  await page.goto(`/kits/${id}/board`);
  await give('Pad list file', 'lamp.ipc', pads);
  const question = page.getByRole('group', { name: 'Which end is pin 1?' });
  await expect(question).toContainText('Diodes and LEDs: D1, D2.');
  await expectAccessible(page);
  await question.getByRole('button', { name: /^Pin 1 is the cathode/ }).click();
  await expect(page.getByText(/pin 1 of diodes and LEDs is the cathode/)).toBeVisible();
  await give('Positions file', 'lamp.csv', places);
  await expect(page.getByText('Turned to fit the pads: Q1.')).toBeVisible();
  const { pads: lying, placements } = drawn;
  await expect.poll(board).toMatchObject({ pads: lying, placements, diodePinOne: 'cathode' });

  // Whoever has answered wrongly says so later; it is the other way round then.
  await page.getByRole('button', { name: 'It is the other end' }).click();
  await expect(page.getByText('Pin 1 of diodes and LEDs saved.').last()).toBeVisible();
  await expect.poll(board).toMatchObject({ diodePinOne: 'anode' });
  // The next file is read into the board as the page has it.
  await expect(page.getByText(/pin 1 of diodes and LEDs is the anode/)).toBeVisible();

  // A list in which the middle of a lamp is not joined.
  await expect(page.getByText('Connections to check')).toHaveCount(0);
  await give('Pad list file', 'open.ipc', pads.replace(/^317LED1(\s+R1 )/m, '317N/C $1'));
  await expect(page.getByRole('alert').getByText(/^A lead of each of .*R1/)).toBeVisible();
  await expectAccessible(page);
});

test('a photo is brought to scale by two points of known distance', async ({ page }) => {
  await openBoard(page, 'Tide Badge');
  await page.getByRole('link', { name: 'Edit layout' }).click();
  const area = page.getByTestId('layout');
  await page.getByLabel('Gerber file of the silkscreen').setInputFiles({
    name: 'silk.gto',
    mimeType: 'text/plain',
    buffer: Buffer.from(
      '%FSLAX46Y46*%\n%MOMM*%\n%ADD10C,0.2*%\nD10*\nX0Y0D02*\nX20000000Y10000000D01*\nM02*\n',
    ),
  });
  const image = area.locator('image');
  await expect(image).toHaveAttribute('width', /^20\.2/);
  await page.getByRole('button', { name: 'Set scale' }).click();
  for (const [xMm, yMm] of [
    [5, 5],
    [25, 5],
  ] as const) {
    const { x, y } = await pixelOf(area, xMm, yMm);
    await page.mouse.click(x, y);
  }
  await page.getByLabel('Distance in mm').fill('40');
  await page.getByRole('button', { name: 'Scale', exact: true }).click();
  await expect.poll(async () => Number(await image.getAttribute('width'))).toBeGreaterThan(40);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(image).toHaveAttribute('width', /^20\.2/);
});

test('a photo of the board is straightened by its four corners and fits the outline', async ({
  page,
}) => {
  await openBoard(page, 'Tide Badge');
  await page.getByRole('link', { name: 'Edit layout' }).click();
  // A board that was photographed aslant: dark green, on a light table.
  const photo = await page.evaluate(() => {
    const canvas = document.createElement('canvas');
    [canvas.width, canvas.height] = [400, 300];
    const pen = canvas.getContext('2d');
    if (!pen) throw new Error('no canvas');
    pen.fillStyle = '#eeeeee';
    pen.fillRect(0, 0, 400, 300);
    pen.fillStyle = '#006030';
    pen.beginPath();
    for (const [x, y] of [
      [60, 40],
      [340, 60],
      [320, 270],
      [40, 250],
    ] as const)
      pen.lineTo(x, y);
    pen.fill();
    return canvas.toDataURL('image/png');
  });
  await page.getByLabel('Photo of the board').setInputFiles({
    name: 'board.png',
    mimeType: 'image/png',
    buffer: Buffer.from(photo.split(',')[1] ?? '', 'base64'),
  });
  const dialog = page.getByRole('dialog', { name: 'Where is the board in the photo?' });
  const corners = dialog.locator('.corner-picture');
  await expect(corners).toBeVisible();
  await expectAccessible(page);
  const box = await corners.boundingBox();
  if (!box) throw new Error('no photo');
  for (const [index, [x, y]] of (
    [
      [62, 42],
      [338, 62],
      [318, 268],
      [42, 248],
    ] as const
  ).entries()) {
    const corner = await corners.getByRole('button').nth(index).boundingBox();
    if (!corner) throw new Error('no corner');
    await page.mouse.move(corner.x + corner.width / 2, corner.y + corner.height / 2);
    await page.mouse.down();
    await page.mouse.move(box.x + (x / 400) * box.width, box.y + (y / 300) * box.height, {
      steps: 4,
    });
    await page.mouse.up();
  }
  await dialog.getByRole('button', { name: 'Straighten' }).click();
  await expect(dialog).toHaveCount(0);
  const image = page.getByTestId('layout').locator('image');
  // It is as large as the board, and nothing of the table is left in its corners.
  await expect(image).toHaveAttribute('width', /^50\.8/);
  const greens = await image.evaluate(async (element) => {
    const picture = new Image();
    picture.src = element.getAttribute('href') ?? '';
    await picture.decode();
    const canvas = document.createElement('canvas');
    [canvas.width, canvas.height] = [picture.width, picture.height];
    const pen = canvas.getContext('2d');
    pen?.drawImage(picture, 0, 0);
    return [
      [5, 5],
      [picture.width - 6, 5],
      [picture.width - 6, picture.height - 6],
      [5, picture.height - 6],
    ].map(([x = 0, y = 0]) => [...(pen?.getImageData(x, y, 1, 1).data ?? [])]);
  });
  for (const [red = 255] of greens) expect(red).toBeLessThan(60);
  await page.getByRole('button', { name: 'Discard', exact: true }).click();
});

test('the seat shows where the step’s parts go, on both sides, and where it takes more heat', async ({
  page,
}) => {
  const { seats } = await seatsOf(page, 'course 3');
  await page.setViewportSize({ width: 390, height: 844 });
  await goToSeat(page, seats[6]?.token);
  const map = page.getByRole('region', { name: 'Where on the board' });
  await expect(
    map.getByRole('img', { name: /^R1, 100 kΩ resistor: left column, 1st from the top/ }),
  ).toBeVisible();
  await expect(map).toContainText('Component side');
  await map.getByRole('button', { name: 'Turn it over' }).click();
  await expect(map).toContainText('Solder side, seen from below (mirrored)');
  await map.getByRole('button', { name: 'Whole board' }).click();
  await page.getByRole('button', { name: 'The board, step by step' }).click();
  const slider = map.getByRole('slider', { name: /^Step 1 of/ });
  await slider.press('End');
  await expect(map.getByRole('slider')).toHaveAccessibleName(/^Step 22 of 22:/);
  await expectAccessible(page);
  await page.getByRole('button', { name: 'The board, step by step' }).click();
  await page.getByRole('button', { name: 'Done' }).click();
  await expect(page.getByText('R3: more heat, longer.')).toBeVisible();
  await page.getByRole('button', { name: 'Back one step' }).click();
});

test('a board has its colour, shows what is joined, and lets parts be on none', async ({
  page,
}) => {
  await openKit(page, 'Fern Minder', 'Board');
  await page.getByRole('button', { name: 'Connections' }).click();
  await expect(page.locator('.connection')).toHaveAttribute('d', /^M/);
  await page.getByRole('link', { name: 'Edit layout' }).click();
  await page.getByLabel('Colour of the board').click();
  await page.getByRole('option', { name: 'Blue' }).click();
  await expect(page.locator('.board-blue')).toBeVisible();
  await page.locator('.board-map').getByRole('button', { name: /^BZ1,/ }).focus();
  await page.keyboard.press('ArrowLeft');
  await page.keyboard.press('Delete');
  await page.getByRole('list', { name: 'To place' }).getByRole('button', { name: /BZ1/ }).click();
  await page.getByRole('button', { name: 'BZ1 is on no board' }).click();
  await expect(page.getByText('All parts are placed')).toBeVisible();
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Place BZ1 on the board after all' }).click();
  await expect(page.getByText('All parts are placed')).toBeHidden();
  await page.getByRole('button', { name: 'Discard', exact: true }).click();
});

test('two fingers bring it closer', async ({ browser, baseURL }) => {
  const context = await browser.newContext({ hasTouch: true, baseURL: baseURL ?? '' });
  const page = await context.newPage();
  await signIn(page);
  await openBoard(page, 'Fern Minder');
  const map = page.locator('.board-map');
  const width = () => map.evaluate((svg: SVGSVGElement) => svg.viewBox.baseVal.width);
  const before = await width();
  const box = await map.boundingBox();
  if (!box) throw new Error('no map');
  const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
  const touch = await context.newCDPSession(page);
  const fingers = (apart: number) => [
    { x: x - apart, y, id: 0 },
    { x: x + apart, y, id: 1 },
  ];
  await touch.send('Input.dispatchTouchEvent', { type: 'touchStart', touchPoints: fingers(30) });
  for (const apart of [40, 50, 60]) {
    await touch.send('Input.dispatchTouchEvent', {
      type: 'touchMove',
      touchPoints: fingers(apart),
    });
  }
  await touch.send('Input.dispatchTouchEvent', { type: 'touchEnd', touchPoints: [] });
  // Twice as far apart: half as much is shown.
  await expect.poll(async () => (await width()) / before).toBeCloseTo(0.5, 1);
  await context.close();
});

test('the board builds itself up: by a slider, by the list of steps, and by itself', async ({
  page,
}) => {
  await openKit(page, 'Twin Lamp', 'Board');
  const build = page.getByRole('region', { name: 'Build up, step by step' });
  await expect(build).toContainText('The finished board');
  const slider = build.getByRole('slider');
  await slider.press('Home');
  await expect(build).toContainText('Step 1:');
  await expect(page).toHaveURL(/step=/);
  await slider.press('ArrowRight');
  await expect(build).toContainText('Step 2:');
  const second = page.getByRole('region', { name: 'Steps' }).getByRole('button').nth(1);
  await expect(second).toHaveAttribute('aria-pressed', 'true');
  // Pressed again, the whole board is there.
  await second.click();
  await expect(build).toContainText('The finished board');
  await build.getByRole('button', { name: 'Play' }).click();
  await expect(build).toContainText('Step 2:');
  await build.getByRole('button', { name: 'Stop' }).click();
  await expectAccessible(page);
  // For the projector: the board and the slider alone.
  const cables = page.getByRole('heading', { name: 'Cables' });
  await expect(cables).toBeVisible();
  await build.getByRole('button', { name: 'Full screen' }).click();
  await expect(cables).toBeHidden();
  await expect(build).toContainText('Step 2:');
  await build.getByRole('button', { name: 'Full screen' }).click();
  await expect(cables).toBeVisible();
});
