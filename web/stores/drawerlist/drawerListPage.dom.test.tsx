import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { beforeEach, describe, expect, it } from 'vitest';
import { getOwnTypes, getRememberedFamilies } from '#contract/kits';
import {
  getDrawerColumns,
  getStores,
  type ListedDrawer,
  rememberDrawerColumns,
  type StockItem,
  setCurrency,
  takeDrawersOver,
} from '#contract/stores';
import { FakeServer } from '../../testing/fakeServer.ts';
import { showPage } from '../../testing/page.tsx';
import { loadStores } from '../StoresFrame.tsx';
import { SuppliersPage } from '../SuppliersPage.tsx';
import { DrawerListPage } from './DrawerListPage.tsx';

let server: FakeServer;
let currency: string | null = null;
const item: StockItem = {
  id: '00000000-0000-4000-8000-00000000000a',
  part: { family: 'resistor-axial', value: { kind: 'amount', unit: 'ohm', amount: 470 } },
  location: 'A1',
  minimum: 20,
  level: 100,
  offers: [],
  version: 4,
};
beforeEach(() => {
  server = new FakeServer();
  server.on(getStores, () => ({ items: [item], suppliers: [], currency }));
  server.on(getRememberedFamilies, () => ({}));
  server.on(getOwnTypes, () => ({}));
  server.on(getDrawerColumns, () => null);
  server.on(rememberDrawerColumns, () => ({}));
});

const open = (at: string) =>
  showPage(
    [
      {
        id: 'stores',
        path: '/stores',
        loader: loadStores,
        children: [
          { path: 'drawers', element: <h1>the drawers</h1> },
          { path: 'drawers/list', element: <DrawerListPage /> },
          { path: 'suppliers', element: <SuppliersPage /> },
        ],
      },
    ],
    at,
  );
const choose = async (...rows: readonly string[]) => {
  const router = open('/stores/drawers/list');
  const user = userEvent.setup({ delay: null });
  await user.upload(
    await screen.findByLabelText('Parts list file'),
    new File([rows.join('\n')], 'drawers.csv', { type: 'text/csv' }),
  );
  return { router, user };
};
const rowOf = async (name: RegExp) =>
  within(await screen.findByRole('table', { name: 'Drawers' })).getByRole('row', { name });

describe('a list of drawers', () => {
  it('shows what is there beside what it says, and changes that drawer or makes another', async () => {
    let sent: readonly ListedDrawer[] = [];
    server.on(takeDrawersOver, ({ body }) => {
      sent = body.drawers;
      return { made: 1, changed: 1, newSuppliers: ['Quay'] };
    });
    const { user, router } = await choose(
      'Part,Value,Drawer,Stock,Supplier,Price',
      'Resistor,470,A1,80,Quay,2.50',
      'LED 5 mm,red,B2,7,,',
      'Resistor,1k,C3,many,,',
    );
    expect((await rowOf(/470/)).textContent).toContain('80 (now 100)');
    expect(await screen.findByText(/“many” is not a number of pieces/)).toBeTruthy();
    await user.click(screen.getByRole('button', { name: 'Save 2 drawers' }));
    await waitFor(() => expect(router.state.location.pathname).toBe('/stores/drawers'));
    expect(sent).toMatchObject([
      { there: { itemId: item.id, version: 4 }, pieces: 80, minimum: null },
      { there: null, location: 'B2', pieces: 7, offers: [] },
    ]);
  });

  it('leaves out what somebody leaves out, and makes new what somebody says is new', async () => {
    let sent: readonly ListedDrawer[] = [];
    server.on(takeDrawersOver, ({ body }) => {
      sent = body.drawers;
      return { made: 1, changed: 0, newSuppliers: [] };
    });
    const { user } = await choose('Part,Value,Stock', 'Resistor,470,80', 'LED 5 mm,red,7');
    const choice = async (name: RegExp) =>
      within(await rowOf(name)).getByRole('combobox', { name: /What to do with/ });
    await user.selectOptions(await choice(/470/), 'Make a new drawer');
    await user.selectOptions(await choice(/LED/), 'Leave out');
    await user.click(screen.getByRole('button', { name: 'Save 1 drawer' }));
    await waitFor(() => expect(sent).toMatchObject([{ there: null, pieces: 80 }]));
  });

  it('that is no list says so', async () => {
    await choose('');
    expect(await screen.findByRole('alert')).toBeTruthy();
    expect(screen.queryByRole('button', { name: /^Save/ })).toBeNull();
  });
});

describe('the currency of the site', () => {
  it('is chosen once, and every amount has it', async () => {
    server.on(setCurrency, ({ body }) => {
      currency = body.currency;
      return {};
    });
    open('/stores/suppliers');
    const user = userEvent.setup({ delay: null });
    await user.click(await screen.findByRole('combobox', { name: /Currency/ }));
    await user.click(await screen.findByRole('option', { name: /^EUR/ }));
    expect(await screen.findByText(/€12\.50/)).toBeTruthy();
  });
});
