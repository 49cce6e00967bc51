import { readFileSync } from 'node:fs';
import type { BrowserContext, Page } from '@playwright/test';
import jsQR from 'jsqr';
import { expect, expectAccessible, test, watch } from '../fixtures';

/**
 * The thread of the whole product on a server as a new instructor finds it: passphrase, kit, steps, workshop, seat,
 * mistake, wrap-up; the floor and the seat in browsers of their own, at once.
 */
test.describe.configure({ mode: 'serial' });

const passphrase = 'gulls over the quay';
const csv = [
  'Wo;Stück;Was;Wert;Tol.',
  'R1, R4;2;Widerstand;470;5 %',
  'R2-R3;2;Widerstand;47k;5 %',
  'C1, C2;2;Elko 16V;10u;',
  'Q1;1;Transistor NPN;2N3904;',
  'D1;1;LED rot;;',
  'X1;1;IC-Fassung 8-polig;;',
  'U1;1;Timer DIP-8;NE555;',
  'BT1;1;Batteriehalter;;',
  ';2;Schraube;M3 x 8;',
  ';2;Batterie;AA;',
].join('\n');

let context: BrowserContext;
let floor: Page;
let wrong: string[];
let seatPath: string;

test.beforeAll(async ({ browser, baseURL }) => {
  context = await browser.newContext({
    viewport: { width: 1280, height: 800 },
    reducedMotion: 'reduce',
    ...(baseURL ? { baseURL } : {}),
  });
  wrong = watch(context, baseURL ?? '');
  floor = await context.newPage();
});
test.afterAll(() => context.close());
test.afterEach(() => expect(wrong).toEqual([]));

const chooseFile = (content: string | Buffer, name = 'list.csv') =>
  floor.getByLabel('Parts list file').setInputFiles({
    name,
    mimeType: 'text/csv',
    buffer: Buffer.isBuffer(content) ? content : Buffer.from(content),
  });
const rowOf = (text: string) => floor.getByRole('row').filter({ hasText: text });

/** At a check that a meter decides: types a reading that is right. */
async function passGate(seat: Page, title: string): Promise<void> {
  const reading = seat.getByLabel(/^What (does the meter show|current is shown)/);
  if (!(await reading.isVisible())) return;
  await expectAccessible(seat);
  await reading.fill('a bit');
  await seat.getByRole('button', { name: 'Check' }).tap();
  await expect(seat.getByText('“a bit” is not')).toBeVisible();
  await reading.fill(title.startsWith('Measure') ? '4k7' : '12 mA');
  await seat.getByRole('button', { name: 'Check' }).tap();
  await expect(seat.getByText('That is right.')).toBeVisible();
}

test('first use: a passphrase is chosen, a short one refused', async () => {
  await floor.goto('/');
  await expect(floor.getByRole('heading', { name: 'Choose a passphrase' })).toBeVisible();
  await expectAccessible(floor);
  await floor.getByLabel('Passphrase').fill('short');
  await floor.getByRole('button', { name: 'Set passphrase' }).click();
  await expect(floor.getByText('Choose at least 10 characters')).toBeVisible();
  await floor.getByLabel('Passphrase').fill(passphrase);
  await floor.getByRole('button', { name: 'Set passphrase' }).click();
  await expect(floor.getByRole('heading', { name: 'No workshop yet' })).toBeVisible();
  await expectAccessible(floor);
});

test('signing out and in again; a wrong passphrase is told at its field', async () => {
  await floor.getByRole('button', { name: 'Sign out' }).click();
  await expect(floor.getByRole('heading', { name: 'Sign in' })).toBeVisible();
  await floor.goto('/kits');
  await floor.getByLabel('Passphrase').fill('not this one');
  await floor.getByRole('button', { name: 'Sign in' }).click();
  await expect(floor.getByText('This is not the passphrase')).toBeVisible();
  await expectAccessible(floor);
  await floor.getByLabel('Passphrase').fill(passphrase);
  await floor.getByRole('button', { name: 'Sign in' }).click();
  // Back to where the way led.
  await expect(floor.getByRole('heading', { name: 'No kit yet' })).toBeVisible();
  await expectAccessible(floor);
});

test.describe('a file that cannot be read is refused with the way out', () => {
  test.beforeEach(() => floor.goto('/kits/new'));

  test('5 MB of garbage', async () => {
    await chooseFile(Buffer.alloc(5_000_000, 0x41));
    await expect(floor.getByRole('alert')).toContainText('at most 1 MB');
  });

  test('a spreadsheet instead of CSV', async () => {
    await chooseFile(Buffer.from([0x50, 0x4b, 3, 4, 0, 0, 0, 0]), 'list.xlsx');
    await expect(floor.getByRole('alert')).toContainText('not a file that can be read here');
  });

  test('another encoding, and reading it as that', async () => {
    await chooseFile(Buffer.from('Ref,Part,Value\nD1,LED gr\xfcn,\n', 'latin1'));
    await expect(floor.getByRole('alert')).toContainText('not UTF-8');
    await floor.getByRole('button', { name: 'Read as Western European text' }).click();
    await expect(rowOf('D1').last()).toContainText('green');
  });

  test('a missing column, put right by choosing one', async () => {
    await chooseFile('Alpha,Beta\nR1,resistor 470\nR2,resistor 1k\n');
    await floor.getByLabel('Meaning of Beta').click();
    await floor.getByRole('option', { name: '– not needed –' }).click();
    await expect(floor.getByRole('alert')).toContainText('No column says what the parts are');
    await expect(floor.getByRole('button', { name: 'Create kit' })).toBeDisabled();
    await floor.getByLabel('Meaning of Beta').click();
    await floor.getByRole('option', { name: 'What it is' }).click();
    await expect(floor.getByText('3. Preview: 2 lines, 2 pieces')).toBeVisible();
    await expect(floor.getByRole('alert')).toHaveCount(0);
  });

  test('a wrong value and a place name twice, by row and column', async () => {
    await chooseFile('Ref,Part,Value\nR1,resistor,4k7k\nR2,resistor,1k\nR2,resistor,2k\n');
    const alert = floor.getByRole('alert');
    await expect(alert).toContainText(
      'Row 2, Value: “4k7k” is not a value in Ω. Write one like 470, 4k7, 2M2.',
    );
    await expect(alert).toContainText('Row 4, Ref: R2 stands in row 3 already');
    await expect(floor.getByRole('button', { name: 'Create kit' })).toBeDisabled();
    await expectAccessible(floor);
  });

  test.afterEach(async () => {
    await floor.goto('/kits');
    await expect(floor.getByRole('heading', { name: 'No kit yet' })).toBeVisible();
  });
});

test('a parts list with headings of its own becomes a kit', async () => {
  await floor.goto('/kits');
  await floor.getByRole('link', { name: 'New kit' }).click();
  await chooseFile(csv);
  // „Wo“ is a heading that no list knows: the cells tell.
  await expect(floor.getByLabel('Meaning of Wo').locator('..')).toContainText(
    'Places on the board',
  );
  await expect(floor.getByLabel('Meaning of Wert').locator('..')).toContainText('Value or type');
  await expect(floor.getByText('3. Preview: 10 lines, 15 pieces')).toBeVisible();
  await expectAccessible(floor);
  await floor.getByLabel('Supply voltage in V').fill('three');
  await expect(floor.getByText('Write a number such as 6')).toBeVisible();
  await floor.getByLabel('Supply voltage in V').fill('3');
  await floor.getByLabel('Name of the kit').fill('Quay Light');
  await floor.getByRole('button', { name: 'Create kit' }).click();
  await expect(floor.getByRole('heading', { name: 'Quay Light', level: 1 })).toBeVisible();
});

test('every part is a row with its picture, bands, way round, joints and height', async () => {
  const first = rowOf('R1, R4');
  await expect(first).toContainText('resistor');
  await expect(first).toContainText('470 Ω');
  await expect(first).toContainText('5 %');
  await expect(
    first.getByRole('img', { name: '470 Ω resistor: yellow, violet, brown, gold' }),
  ).toBeVisible();
  await expect(first).toContainText('Either way');
  await expect(first).toContainText('2.5 mm');
  const capacitor = rowOf('C1, C2');
  await expect(capacitor).toContainText('10 µF');
  await expect(capacitor).toContainText('16 V');
  await expect(capacitor).toContainText('Polarised.');
  await capacitor.getByRole('button', { name: 'C1, C2', exact: true }).click();
  await expect(floor.getByText('Long lead into the hole marked +')).toBeVisible();
  await expect(rowOf('U1')).toContainText('NE555');
  await expectAccessible(floor);
});

test('the steps keep the hard rules and say why', async () => {
  await floor.getByRole('link', { name: 'Steps' }).click();
  const steps = floor.getByRole('list', { name: 'Steps' }).getByRole('listitem');
  await expect(steps.getByRole('heading')).toHaveText([
    'Solder the 470 Ω resistors R1, R4',
    'Solder the 47 kΩ resistors R2, R3',
    'Solder the chip socket X1',
    'Solder the 2N3904 transistor Q1',
    'Solder the red LED D1',
    'Solder the 10 µF electrolytic capacitors C1, C2',
    'Try the battery holder in its place',
    'Fit the M3 x 8 screws for BT1',
    'Solder the battery holder BT1',
    'Look at every joint',
    'Measure from supply to ground',
    'First power',
    'Put in the NE555 chip U1',
    'Put in the AA round cells',
    'Does it work?',
  ]);
  await expect(steps.nth(0)).toContainText(
    'If X1 (chip socket) at 4.2 mm went in before, they would drop out',
  );
  await expect(steps.nth(1)).toContainText('another value: one value at a time');
  await expect(steps.nth(7)).toContainText('BT1 (battery holder) down flat');
  await expect(steps.nth(12)).toContainText('until the supply has been checked');
  await expectAccessible(floor);
});

test('a workshop is planned, with a link and a code for each seat', async () => {
  await floor.getByRole('link', { name: 'Plan workshop' }).click();
  await floor.getByRole('button', { name: 'Create workshop' }).click();
  await expect(floor.getByText('Give the workshop a title.')).toBeVisible();
  await floor.getByLabel('Title').fill('Quay evening');
  const now = new Date(Date.now() - 5 * 60_000);
  const local = new Date(now.getTime() - now.getTimezoneOffset() * 60_000)
    .toISOString()
    .slice(0, 16);
  await floor.getByLabel('Date and start').fill(local);
  await floor.getByLabel('Length in minutes').fill('90');
  await floor.getByRole('spinbutton', { name: 'Seats' }).fill('1');
  await floor.getByLabel('Names').fill('Auk\nPetrel');
  await floor.getByRole('button', { name: 'Create workshop' }).click();
  await expect(floor.getByText('There are more names than seats')).toBeVisible();
  await floor.getByRole('spinbutton', { name: 'Seats' }).fill('3');
  await expectAccessible(floor);
  await floor.getByRole('button', { name: 'Create workshop' }).click();

  await expect(floor.getByRole('heading', { name: 'Quay evening' })).toBeVisible();
  await expect(floor.getByRole('link', { name: /^Open seat \d/ })).toHaveCount(3);
  await expectAccessible(floor);
  seatPath =
    (await floor.getByRole('link', { name: 'Open seat 2, Petrel' }).getAttribute('href')) ?? '';
  expect(seatPath).toMatch(/^\/seat\/[\w-]{32}$/);
});

test('the code on the bag leads to the seat’s link', async ({ baseURL }) => {
  const code = floor.getByRole('img', { name: 'Code of seat 2, Petrel' });
  const { data, width, height } = await code.evaluate(async (svg) => {
    const image = new Image();
    image.src = `data:image/svg+xml,${encodeURIComponent(new XMLSerializer().serializeToString(svg))}`;
    await image.decode();
    const canvas = new OffscreenCanvas(400, 400);
    const draw = canvas.getContext('2d');
    if (!draw) throw new Error('no canvas');
    draw.imageSmoothingEnabled = false;
    draw.drawImage(image, 0, 0, 400, 400);
    return { data: [...draw.getImageData(0, 0, 400, 400).data], width: 400, height: 400 };
  });
  expect(jsQR(new Uint8ClampedArray(data), width, height)?.data).toBe(`${baseURL}${seatPath}`);
});

test('a seat works on a phone while the floor watches', async ({ browser, baseURL }) => {
  // A whole evening in one test.
  test.setTimeout(180_000);
  const phone = await browser.newContext({
    viewport: { width: 390, height: 844 },
    hasTouch: true,
    reducedMotion: 'reduce',
    ...(baseURL ? { baseURL } : {}),
  });
  const phoneWrong = watch(phone, baseURL ?? '');
  const seat = await phone.newPage();
  await floor.getByRole('link', { name: 'Floor' }).click();
  const lane = floor.getByRole('list', { name: 'Seats' }).getByRole('listitem').nth(1);
  await expect(
    lane.getByRole('button', { name: /Petrel: step 1, Solder the 470 Ω resistors/ }),
  ).toBeVisible();

  await test.step('the step shows the part, where, how and which way round', async () => {
    await seat.goto(seatPath);
    await expect(seat.getByRole('heading', { name: 'Hello Petrel' })).toBeVisible();
    await expectAccessible(seat);
    await seat.getByRole('button', { name: 'Begin with step 1' }).tap();
    await expect(seat.getByRole('heading', { name: 'Solder the 470 Ω resistors' })).toBeVisible();
    await expect(seat.getByText('Step 1 of 15 · 4 joints')).toBeVisible();
    await expect(
      seat.getByRole('img', { name: '470 Ω resistor: yellow, violet, brown, gold' }),
    ).toBeVisible();
    await expect(seat.getByRole('list', { name: 'Places on the board: R1, R4' })).toBeVisible();
    await expect(seat.getByText('Glasses on.')).toBeVisible();
    await expectAccessible(seat);
  });

  await test.step('text is 18 px or more and targets are 48 px or more', async () => {
    const sizes = await seat.evaluate(() =>
      [...document.querySelectorAll('p, li, button, h1, h2, span, figcaption')].map((e) =>
        Number.parseFloat(getComputedStyle(e).fontSize),
      ),
    );
    expect(Math.min(...sizes)).toBeGreaterThanOrEqual(18);
    for (const button of await seat.getByRole('button').all()) {
      expect((await button.boundingBox())?.height).toBeGreaterThanOrEqual(48);
    }
  });

  await test.step('done moves the lane, back moves it back', async () => {
    await seat.getByRole('button', { name: 'Done' }).tap();
    await expect(seat.getByRole('heading', { name: 'Solder the 47 kΩ resistors' })).toBeVisible();
    await expect(lane.getByRole('button', { name: /Petrel: step 2/ })).toBeVisible();
    await seat.getByRole('button', { name: 'Back one step' }).tap();
    await expect(lane.getByRole('button', { name: /Petrel: step 1/ })).toBeVisible();
    await seat.getByRole('button', { name: 'Done' }).tap();
    await expect(lane.getByRole('button', { name: /Petrel: step 2/ })).toBeVisible();
  });

  await test.step('a double tap finishes one step, not two', async () => {
    await seat.getByRole('button', { name: 'Done' }).dblclick();
    await expect(lane.getByRole('button', { name: /Petrel: step 3/ })).toBeVisible();
    await expect(seat.getByText('Step 3 of 15')).toBeVisible();
    await seat.getByRole('button', { name: 'Back one step' }).tap();
    await expect(lane.getByRole('button', { name: /Petrel: step 2/ })).toBeVisible();
  });

  await test.step('what went wrong fits the step, names the part, and says what to do', async () => {
    await seat.getByRole('button', { name: 'Something went wrong' }).tap();
    const dialog = seat.getByRole('dialog');
    await expect(dialog.getByRole('button', { name: 'Backwards' })).toHaveCount(0);
    await expectAccessible(seat);
    await dialog
      .getByLabel('At which step?')
      .selectOption({ label: 'R1, R4 Solder the 470 Ω resistors' });
    await dialog.getByRole('button', { name: 'Wrong value' }).tap();
    await dialog.getByRole('button', { name: 'R4' }).tap();
    await expect(dialog).toContainText('Which value sits at R4 now?');
    await dialog.getByRole('button', { name: /^47 kΩ/ }).tap();
    await expect(dialog).toContainText('Do not trim yet');
    await dialog.getByRole('button', { name: 'Repaired, continue' }).tap();
    await expect(floor.getByRole('region', { name: 'Mistakes' })).toContainText('Wrong value R4');
    await expect(floor.getByRole('region', { name: 'Mistakes' })).toContainText(
      '2 Petrel · step 1',
    );
  });

  await test.step('a slip is taken back', async () => {
    await seat.getByRole('button', { name: 'Something went wrong' }).tap();
    await seat.getByRole('dialog').getByRole('button', { name: 'Lost part' }).tap();
    await seat.getByRole('dialog').getByRole('button', { name: 'Not sure' }).tap();
    await expect(floor.getByRole('region', { name: 'Mistakes' })).toContainText('Lost part');
    await seat.getByRole('dialog').getByRole('button', { name: 'Undo' }).tap();
    await expect(floor.getByRole('region', { name: 'Mistakes' })).not.toContainText('Lost part');
  });

  await test.step('a call for help reaches the floor, and a visit settles it on both', async () => {
    await seat.getByRole('button', { name: 'Ask for help' }).tap();
    await expect(
      seat.getByRole('status').filter({ hasText: 'Your instructor has been told' }),
    ).toBeVisible();
    await expect(floor.getByRole('region', { name: 'Who next' })).toContainText('2 Petrel');
    await expect(lane).toContainText('help');
    await expectAccessible(floor);
    await floor.getByRole('button', { name: 'Go to seat 2' }).click();
    await expect(floor.getByRole('region', { name: 'Who next' })).toContainText(
      'Nobody needs you now',
    );
    await expect(seat.getByText('Your instructor has been told')).toHaveCount(0);
  });

  await test.step('undoing the visit brings the call back, and the learner withdraws it', async () => {
    await floor.getByRole('button', { name: 'Undo', exact: true }).first().click();
    await expect(
      seat.getByRole('status').filter({ hasText: 'Your instructor has been told' }),
    ).toBeVisible();
    await seat.getByRole('button', { name: 'No longer needed' }).tap();
    await expect(floor.getByRole('region', { name: 'Who next' })).toContainText(
      'Nobody needs you now',
    );
  });

  await test.step('the instructor logs a mistake in two taps and takes it back', async () => {
    await lane.getByRole('button', { name: 'Log a mistake at seat 2' }).click();
    await expectAccessible(floor);
    await floor.getByRole('button', { name: 'Dry joint at R3' }).click();
    await expect(floor.getByRole('region', { name: 'Mistakes' })).toContainText('Dry joint R3');
    await floor.getByRole('button', { name: 'Undo Dry joint of seat 2' }).click();
    await expect(floor.getByRole('region', { name: 'Mistakes' })).not.toContainText('Dry joint');
    // And once more, to stay.
    await lane.getByRole('button', { name: 'Log a mistake at seat 2' }).click();
    await floor.getByRole('button', { name: 'Solder bridge at R2' }).click();
    await expect(floor.getByRole('region', { name: 'Mistakes' })).toContainText('Solder bridge R2');
  });

  await test.step('a check that fails asks for help by itself', async () => {
    while (!(await seat.getByRole('button', { name: 'No, it is different' }).isVisible())) {
      const title = await seat.getByRole('heading', { level: 1 }).textContent();
      await seat.getByRole('button', { name: /^Done/ }).tap();
      await expect(seat.getByRole('heading', { level: 1 })).not.toHaveText(title ?? '');
    }
    await expect(
      seat.getByRole('heading', { name: 'Try the battery holder in its place' }),
    ).toBeVisible();
    await expectAccessible(seat);
    await seat.getByRole('button', { name: 'No, it is different' }).tap();
    await expect(
      seat.getByRole('status').filter({ hasText: 'Your instructor has been told' }),
    ).toBeVisible();
    await expect(floor.getByRole('region', { name: 'Mistakes' })).toContainText(
      'The check says no',
    );
    await floor.getByRole('button', { name: 'Visit seat 2' }).click();
    await expect(seat.getByText('Your instructor has been told')).toHaveCount(0);
  });

  await test.step('and holds the seat until the floor lets it go on', async () => {
    await expect(seat.getByRole('button', { name: 'On hold' })).toBeDisabled();
    await lane.getByRole('button', { name: /^Seat 2 Petrel/ }).click();
    await floor.getByRole('button', { name: 'Let the seat go on' }).click();
    await expect(seat.getByRole('button', { name: 'On hold' })).toHaveCount(0);
    await floor.getByRole('button', { name: 'Close', exact: true }).click();
  });

  await test.step('the last step leads to the end', async () => {
    while (!(await seat.getByRole('heading', { name: 'Your board is done' }).isVisible())) {
      const title = await seat.getByRole('heading', { level: 1 }).textContent();
      await passGate(seat, title ?? '');
      await seat.getByRole('button', { name: /^(Done|Yes, it matches|Go on)/ }).tap();
      await expect(seat.getByRole('heading', { level: 1 })).not.toHaveText(title ?? '');
    }
    await expectAccessible(seat);
    await expect(lane).toContainText('done');
  });
  expect(phoneWrong).toEqual([]);
  await phone.close();
});

test('the wrap-up tells what was done when, and is exported', async () => {
  await floor.getByRole('link', { name: 'Wrap-up' }).click();
  await expect(floor.getByText('1 of 3 finished their board')).toBeVisible();
  const petrel = floor.getByRole('region', { name: 'Seat 2' });
  await expect(petrel).toContainText(
    'Wrong value R4 (fitted: the value of R2), made at step 1, found at step 2',
  );
  await expect(petrel).toContainText('Solder bridge R2, made at step 2, found at once');
  // What was taken back is not counted; who did it stays to be seen.
  await expect(petrel).toContainText(/Deleted \(instructor, .*\): Dry joint R3, step 2/);
  await expect(floor.getByRole('region', { name: 'Seat 1' })).toContainText('No mistakes logged');
  await expectAccessible(floor);
  const download = floor.waitForEvent('download');
  await floor.getByRole('link', { name: 'Export as CSV' }).click();
  const file = await (await download).path();
  const text = readFileSync(file, 'utf8');
  expect(text.split('\r\n')[0]).toContain('seat,learner,what,step');
  expect(text).toMatch(/2,Petrel,mistake,1,solder-R1-R4,.*wrong-value,R4,,2,learner/);
  expect(text).not.toContain('dry-joint');
});

test('every place survives a reload, with what is chosen', async () => {
  await floor.getByRole('link', { name: 'Floor' }).click();
  await floor.getByRole('button', { name: /^Seat 2 Petrel/ }).click();
  await expect(floor).toHaveURL(/seat=/);
  await floor.reload();
  const panel = floor.getByRole('region', { name: 'Seat 2 Petrel' });
  await expect(panel).toContainText('Solder bridge at R2');
  await expectAccessible(floor);
});

test('a new list makes a new revision, and the workshop keeps its own', async () => {
  await floor.goto('/kits');
  await floor.getByRole('link', { name: 'Quay Light', exact: true }).click();
  await floor.getByRole('link', { name: 'Import new list' }).click();
  await chooseFile(`${csv}\nC3;1;Keramik;104;`);
  await floor.getByRole('button', { name: 'Create new revision' }).click();
  await expect(floor.getByText(/^Revision 2 of/)).toBeVisible();
  await expect(rowOf('C3')).toContainText('100 nF');
  await floor.goto('/workshops');
  await floor.getByRole('link', { name: 'Quay evening' }).click();
  await expect(floor.getByText(/Quay Light, revision 1/)).toBeVisible();
});
