import type { Locator, Page } from '@playwright/test';
import { expect, openBy, openKit, signIn, test } from '../fixtures';

interface Editor {
  readonly name: string;
  /** From the door to the open form. */
  readonly open: (page: Page) => Promise<unknown>;
  /** What is typed into, and looked at again. */
  readonly field: (page: Page) => Locator;
  readonly typed: string;
}

const editors: readonly Editor[] = [
  {
    name: 'a line of the parts list',
    open: async (page) => {
      await openKit(page, 'Twin Lamp', 'Parts');
      await page.getByRole('button', { name: /^Edit R1/ }).click();
    },
    field: (page) => page.getByRole('dialog').getByLabel('Remarks', { exact: true }),
    typed: 'the long ones',
  },
  {
    name: 'the words of a step',
    open: async (page) => {
      await openKit(page, 'Twin Lamp', 'Steps');
      await page.getByRole('button', { name: /^Edit the words of step 2,/ }).click();
    },
    field: (page) => page.getByRole('dialog').getByLabel('Title'),
    typed: 'The second ones',
  },
  {
    name: 'a panel of the case',
    open: async (page) => {
      await openKit(page, 'Twin Lamp', 'Board');
      await page.getByRole('button', { name: 'Add panel' }).click();
    },
    field: (page) => page.getByRole('dialog').getByLabel('Holes', { exact: true }),
    typed: '20 15 5.2 LED',
  },
  {
    name: 'a cable',
    open: async (page) => {
      await openKit(page, 'Twin Lamp', 'Board');
      await page.getByRole('button', { name: 'Add cable' }).click();
    },
    field: (page) => page.getByRole('dialog').getByLabel('Cores', { exact: true }),
    typed: 'red, J1.1, BT1 +',
  },
  {
    name: 'an assembly',
    open: async (page) => {
      await openKit(page, 'Twin Lamp', 'Steps');
      await page.getByRole('button', { name: /^Add an assembly after step 2,/ }).click();
    },
    field: (page) => page.getByRole('dialog').getByLabel('What one piece is called'),
    typed: 'layer of 4 LEDs',
  },
  {
    name: 'why a step is left out',
    open: async (page) => {
      await openKit(page, 'Twin Lamp', 'Steps');
      await page.getByRole('button', { name: /^Leave out step 2,/ }).click();
    },
    field: (page) => page.getByLabel('Why is it left out?'),
    typed: 'done at home',
  },
  {
    name: 'a known problem',
    open: async (page) => {
      await openKit(page, 'Twin Lamp', 'Parts');
      await page.getByRole('button', { name: 'Add known problem' }).click();
    },
    field: (page) => page.getByLabel('What is wrong, and what to do'),
    typed: 'The print swaps R1 and R4',
  },
  {
    name: 'parts to add',
    open: async (page) => {
      await openKit(page, 'Twin Lamp', 'Parts');
      await page.getByRole('button', { name: 'Add parts' }).click();
    },
    field: (page) => page.getByLabel('Parts, one in a line'),
    typed: '2 470R resistors',
  },
  {
    name: 'a message to everybody',
    open: async (page) => {
      await page.goto('/workshops');
      await page
        .getByRole('link', { name: /course 3/ })
        .first()
        .click();
      await page.getByRole('link', { name: 'Floor', exact: true }).click();
      await openBy(page.getByRole('button', { name: 'Tell everyone …' }), page.getByRole('dialog'));
    },
    field: (page) => page.getByRole('dialog').getByLabel('What everybody must know'),
    typed: 'The flat of these faces the switch',
  },
  {
    name: 'the name of a kit',
    open: (page) => openKit(page, 'Twin Lamp', 'Kit'),
    field: (page) =>
      page.getByRole('form', { name: 'Name and description' }).getByLabel('Description'),
    typed: 'Two lamps that blink in turn, for the first evening',
  },
  {
    name: 'a drawer',
    open: async (page) => {
      await page.goto('/stores/drawers');
      await page.getByRole('button', { name: 'Add drawer' }).first().click();
    },
    field: (page) => page.getByRole('dialog').getByLabel('What it is'),
    typed: 'resistor 3k3',
  },
  {
    name: 'a new workshop',
    open: (page) => page.goto('/workshops/new'),
    field: (page) => page.getByLabel(/^Names/),
    typed: 'Ada, Bo, Cem',
  },
  {
    name: 'the seats of a workshop',
    open: async (page) => {
      await page.goto('/workshops');
      await page
        .getByRole('link', { name: /course 3/ })
        .first()
        .click();
      await page.getByRole('link', { name: 'Plan', exact: true }).click();
    },
    field: (page) => page.getByRole('textbox', { name: 'Name at seat 2' }),
    typed: 'Wren',
  },
  {
    name: 'a list that is not taken over yet',
    open: (page) => page.goto('/kits/new'),
    field: (page) => page.getByLabel('Name of the kit'),
    typed: 'Ferry horn',
  },
];

/** Ways out of a page. */
const leave: Readonly<Record<string, (page: Page) => Promise<Page>>> = {
  'by a link': async (page) => {
    await page.keyboard.press('Escape');
    await page.getByRole('navigation').getByRole('link', { name: 'People' }).first().click();
    await expect(page.getByRole('heading', { level: 1, name: 'People' })).toBeVisible();
    return page;
  },
  'by going back': async (page) => {
    await page.goBack();
    return page;
  },
  'by a reload': async (page) => {
    await page.reload();
    return page;
  },
  'by closing the tab': async (page) => {
    const next = await page.context().newPage();
    await page.close();
    return next;
  },
};

for (const { name, open, field, typed } of editors) {
  test(`what is typed into ${name} outlives leaving`, async ({ page: first }) => {
    await signIn(first);
    let page = first;
    await open(page);
    if (name.startsWith('a list')) {
      await page.getByLabel('Paste or type the list').fill('Qty,Part\n2,10k resistor\n');
      await page.getByRole('button', { name: 'Read list' }).click();
    }
    await field(page).fill(typed);
    for (const [way, goes] of Object.entries(leave)) {
      page = await goes(page);
      await open(page);
      await expect(field(page), way).toHaveValue(typed);
      await expect(page.getByText('What you typed here before was not saved.')).toBeVisible();
    }
    await page.getByRole('button', { name: 'Start over' }).click();
    await expect(page.getByText('What you typed here before')).toBeHidden();
    await page.reload();
    await open(page);
    await expect(page.getByText('What you typed here before')).toBeHidden();
  });
}
