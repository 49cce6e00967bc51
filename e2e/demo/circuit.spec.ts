import { expect, expectAccessible, openKit, signIn, test } from '../fixtures';

test.beforeEach(({ page }) => signIn(page));

/** Boards are worked out one after another, behind those of other tests: a minute each on a machine that is free. */
const workedOut = 240_000;

test('a kit says what its board must show, draws its circuit, and prints both', async ({
  page,
  request,
}) => {
  test.slow();
  await openKit(page, 'Tide Badge', 'Circuit');
  // Worked out by itself the first time somebody looks.
  await expect(page.getByRole('heading', { name: 'What this board must show' })).toBeVisible({
    timeout: workedOut,
  });
  await expect(page.getByText(/blinks at/).first()).toBeVisible();
  await expect(page.getByText('Current limit for the first power')).toBeVisible();
  // Placed and routed in a thread of its own, which takes its time on a busy machine.
  await expect(page.getByRole('img', { name: /Circuit with \d+ parts/ })).toBeVisible({
    timeout: workedOut,
  });
  await expectAccessible(page);

  // A net that is chosen in the table is the one in the drawing.
  await page.getByRole('button', { name: 'WAVE' }).click();
  await expect(page.locator('.circuit-drawing .chosen')).toHaveCount(1);

  const kitPath = new URL(page.url()).pathname.replace(/\/circuit$/, '');
  const csv = await page.request.get(`/api${kitPath}/papers/circuit-sheet.csv?lang=en`);
  expect(await csv.text()).toContain('WAVE');
  const svg = await page.request.get(`/api${kitPath}/circuit.svg?style=zigzag`);
  expect(svg.headers()['content-type']).toContain('image/svg+xml');
  expect((await request.get(`/api${kitPath}/circuit.svg`)).status()).toBe(401);
});

test('connections are typed, refused by line, and given back to the board', async ({ page }) => {
  test.slow();
  // A kit of this test’s own: others look at those of the demo.
  await page.goto('/kits/new?from=example');
  await page.getByRole('button', { name: 'Use Twin Lamp' }).click();
  await page.getByLabel('Name of the kit').fill('Lamp to be joined');
  await page.getByRole('button', { name: 'Create kit' }).click();
  await page.getByRole('link', { name: 'Circuit', exact: true }).click();
  await page.getByText('Connections', { exact: true }).click();
  const nets = page.getByLabel('Nets', { exact: true });
  const before = await nets.inputValue();
  await nets.fill(`${before}\nEXTRA: R9.1`);
  await page.getByRole('button', { name: 'Use these connections' }).click();
  await expect(page.getByText(/R9\.1 is no pin of this kit/)).toBeVisible();
  await nets.fill(before.replace('R1.1', '').replace('  ', ' '));
  await page.getByRole('button', { name: 'Use these connections' }).click();
  await expect(page.getByText('Board and list differ. One of them is wrong.')).toBeVisible();
  await page.getByRole('button', { name: 'Back to those of the board' }).click();
  await expect(page.getByText('These connections are those of the board.')).toBeAttached();

  // Pad by pad on the picture, with the keys too.
  const map = page.getByRole('region', { name: 'Join on the board' });
  await map.getByRole('button', { name: /^D1 \(\+\)/ }).click();
  await expect(map.getByText(/^D1 \(\+\) is on net LED1\./)).toBeVisible();
  await map.getByRole('button', { name: /^D2 \(\+\)/ }).focus();
  await page.keyboard.press('Enter');
  await expect(nets).toHaveValue(/^LED1: D1\.1 R1\.2 D2\.1 R4\.1$/m);
  await expectAccessible(page);
  await map.getByRole('button', { name: /^D2 \(\+\)/ }).click();
  await map.getByRole('button', { name: 'Take it off its net' }).click();
  await expect(nets).toHaveValue(/^LED1: D1\.1 R1\.2 R4\.1$/m);
});

test('another value is tried, a part is said to behave otherwise, and a sentence is changed', async ({
  page,
}) => {
  test.slow();
  await page.goto('/kits/new?from=example');
  await page.getByRole('button', { name: 'Use Fern Minder' }).click();
  await page.getByLabel('Name of the kit').fill('Fern to be tried');
  await page.getByRole('button', { name: 'Create kit' }).click();
  await page.getByRole('link', { name: 'Circuit', exact: true }).click();

  // Tried otherwise: nothing of it stays.
  await page.getByLabel('Part', { exact: true }).click();
  await page.getByRole('option', { name: /^R6 / }).click();
  await page.getByLabel('Instead of 1 kΩ').fill('green');
  await page.getByRole('button', { name: 'Compare', exact: true }).click();
  await expect(page.getByText(/Value of R6: “green” is none for this part/)).toBeVisible();
  await page.getByLabel('Instead of 1 kΩ').fill('2k2');
  await page.getByRole('button', { name: 'Compare', exact: true }).click();
  await expect(page.getByRole('table', { name: 'What if' })).toBeVisible({ timeout: workedOut });
  await expectAccessible(page);

  // A sentence in the instructor’s own words.
  await page.getByRole('button', { name: 'Change sentence: U1' }).click();
  await page.getByLabel('What U1 does').fill('U1 feels how wet the soil is.');
  await page.getByRole('button', { name: 'Save sentence' }).click();
  await expect(page.getByRole('button', { name: 'U1 feels how wet the soil is.' })).toBeVisible();

  // What the instructor says of a part comes before what is known of it.
  await page.getByText('How the parts are taken to behave').click();
  await page.getByRole('button', { name: 'Say how BZ1 behaves' }).click();
  await page.getByLabel('What you know of it').click();
  await page.getByRole('option', { name: 'A netlist (SPICE)' }).click();
  await page.getByLabel('Elements').fill('D1 1 2 none');
  await expect(page.getByText(/names a model that is not here/)).toBeVisible();
  await page.getByLabel('Elements').fill('R1 1 2 470');
  await page.getByRole('button', { name: 'Save behaviour' }).click();
  await expect(page.getByText('the netlist that you wrote.')).toBeVisible();
  await expectAccessible(page);
});

test('a kit without a board is joined pin by pin, says what it must show, and where a fault is', async ({
  page,
}) => {
  test.slow();
  await page.goto('/kits/new');
  // A lamp that goes on at dusk (common practice): base at a divider with the cell.
  await page
    .getByLabel('Paste or type the list')
    .fill(
      'Ref,Qty,Part\nR1,1,10k\nR2,1,470\nR3,1,LDR\nQ1,1,BC547\nD1,1,LED red 5mm\nBT1,1,9V battery clip',
    );
  await page.getByRole('button', { name: 'Read list' }).click();
  await page.getByLabel('Name of the kit').fill('Lamp at dusk');
  await page.getByLabel('Supply voltage in V').fill('9');
  await page.getByRole('button', { name: 'Create kit' }).click();
  await page.getByRole('link', { name: 'Circuit', exact: true }).click();
  await expect(page.getByText('Nothing says yet which pins are joined. Enter it')).toHaveCount(2);
  await expectAccessible(page);
  // A name that is written otherwise is told before it is used.
  const lamp = page.getByLabel('D1 (−)', { exact: true });
  await lamp.fill('kk');
  await page.keyboard.press('Tab');
  await expect(page.getByText('Only one pin is on the net kk.')).toBeVisible();
  for (const [pin, net] of [
    ['BT1 (+)', '9V'],
    ['BT1 (−)', 'GND'],
    ['R1, pin 1', '9v'],
    ['R1, pin 2', 'base'],
    ['R3, pin 1', 'base'],
    ['R3, pin 2', 'GND'],
    ['Q1 (base)', 'base'],
    ['Q1 (emitter)', 'GND'],
    ['Q1 (collector)', 'k'],
    ['R2, pin 1', '9V'],
    ['R2, pin 2', 'a'],
    ['D1 (+)', 'a'],
    ['D1 (−)', 'k'],
  ] as const) {
    await page.getByLabel(pin, { exact: true }).fill(net);
    await page.keyboard.press('Tab');
  }
  await expect(page.getByLabel('Nets', { exact: true })).toHaveValue(
    /^9V: BT1\.1 R1\.1 R2\.1\nGND: /,
  );
  await page.getByRole('button', { name: 'Use these connections' }).click();
  await expect(page.getByRole('heading', { name: 'What this board must show' })).toBeVisible();
  // A junction of silicon holds its base at 0.6 to 0.75 V (common practice).
  await expect(page.getByRole('row', { name: /^base.*0\.6\d|^base.*0\.7\d/ })).toBeVisible();
  await page.getByRole('link', { name: 'Find the fault', exact: true }).click();
  await expect(page.getByRole('heading', { name: 'Do this next' })).toBeVisible({
    timeout: 120_000,
  });
  await expect(page.getByRole('img', { name: /Circuit with \d+ parts/ })).toBeVisible();
  await expectAccessible(page);
});
