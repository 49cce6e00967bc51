import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { beforeEach, describe, expect, it } from 'vitest';
import {
  bookMove,
  changeOffers,
  changeStockItem,
  changeSupplier,
  createSupplier,
  getItemLedger,
  getStores,
  type StockItem,
  type StoredSupplier,
} from '#contract/stores';
import { call } from '../app/call.ts';
import { FakeServer, Refused } from '../testing/fakeServer.ts';
import { showPage } from '../testing/page.tsx';
import { ItemPage, loadItem } from './ItemPage.tsx';
import { loadStores } from './StoresFrame.tsx';
import { SuppliersPage } from './SuppliersPage.tsx';

let server: FakeServer;
let item: StockItem;
let suppliers: StoredSupplier[];

beforeEach(() => {
  server = new FakeServer();
  item = {
    id: '00000000-0000-4000-8000-00000000000a',
    part: { family: 'resistor-axial', value: { kind: 'amount', unit: 'ohm', amount: 470 } },
    location: 'A1',
    minimum: 20,
    level: 100,
    offers: [],
    version: 1,
  };
  suppliers = [
    {
      id: '00000000-0000-4000-8000-00000000000b',
      name: 'Pier Parts',
      deliveryCents: 490,
      days: 3,
      version: 1,
    },
  ];
  server.on(getStores, () => ({ items: [item], suppliers, currency: null }));
  server.on(getItemLedger, () => ({ item, moves: [] }));
});

const open = (at: string) =>
  showPage(
    [
      {
        id: 'stores',
        path: '/stores',
        loader: loadStores,
        children: [
          { path: 'suppliers', element: <SuppliersPage /> },
          { path: 'drawers/:itemId', loader: loadItem, element: <ItemPage /> },
        ],
      },
    ],
    at,
  );
const drawer = () => `/stores/drawers/${item.id}`;

describe('a drawer', () => {
  it('that somebody else has changed says how, keeps what was typed, and is saved the second time', async () => {
    server.on(changeStockItem, ({ body: { version, ...changes } }) => {
      if (version !== item.version)
        throw new Refused(409, 'Somebody else has changed this drawer.');
      item = { ...item, ...changes, version: version + 1 };
      return { version: item.version };
    });
    open(drawer());
    const user = userEvent.setup();
    await user.click(await screen.findByRole('button', { name: 'Edit' }));
    const dialog = await screen.findByRole('dialog');
    const where = within(dialog).getByLabelText<HTMLInputElement>('Location');
    await user.clear(where);
    await user.type(where, 'B3');
    item = { ...item, minimum: 50, version: 2 };
    await user.click(within(dialog).getByRole('button', { name: 'Save' }));
    expect(await within(dialog).findByText(/its minimum stock is 50/)).toBeTruthy();
    expect(where.value).toBe('B3');
    await user.click(within(dialog).getByRole('button', { name: 'Save' }));
    await waitFor(() => expect(item).toMatchObject({ location: 'B3', version: 3 }));
  });

  it('shows what the server says at its field', async () => {
    server.on(changeStockItem, () => {
      throw new Refused(422, 'No.', [{ field: 'minimum', message: 'The least is 0.' }]);
    });
    open(drawer());
    const user = userEvent.setup();
    await user.click(await screen.findByRole('button', { name: 'Edit' }));
    const dialog = await screen.findByRole('dialog');
    await user.click(within(dialog).getByRole('button', { name: 'Save' }));
    expect(await within(dialog).findByText('The least is 0.')).toBeTruthy();
    expect(within(dialog).queryByRole('alert')).toBeNull();
  });

  it('keeps the next number that is typed while the last one is being saved', async () => {
    let saved = () => {};
    const booked: number[] = [];
    server.on(bookMove, ({ body }) => {
      booked.push(body.pieces);
      return new Promise((answer) => {
        saved = () => answer({ level: 0 });
      });
    });
    open(drawer());
    const user = userEvent.setup();
    const quantity = await screen.findByLabelText<HTMLInputElement>(/^Quantity/);
    await user.type(quantity, '12');
    await user.click(screen.getByRole('button', { name: 'Save' }));
    await waitFor(() => expect(booked).toEqual([12]));
    await user.clear(quantity);
    await user.type(quantity, '27');
    saved();
    // The page is read again when the number is saved.
    await waitFor(() =>
      expect(server.calls.filter((one) => one.includes('/ledger')).length).toBeGreaterThan(1),
    );
    expect(quantity.value).toBe('27');
    await user.click(screen.getByRole('button', { name: 'Save' }));
    await waitFor(() => expect(booked).toEqual([12, 27]));
    saved();
    await waitFor(() => expect(quantity.value).toBe(''));
  });

  it('gets an offer added to those that came meanwhile', async () => {
    server.on(changeOffers, ({ body: { version, offers } }) => {
      if (version !== item.version)
        throw new Refused(409, 'Somebody else has changed this drawer.');
      const stored = offers.map((offer, index) => ({
        id: String(index),
        itemId: item.id,
        ...offer,
      }));
      item = { ...item, offers: stored, version: version + 1 };
      return { version: item.version };
    });
    open(drawer());
    const user = userEvent.setup();
    await user.type(await screen.findByLabelText('Pack size'), '100');
    await user.type(screen.getByLabelText('Price of a pack'), '1.50');
    const theirs = {
      id: 'theirs',
      itemId: item.id,
      supplierId: suppliers[0]?.id ?? '',
      packSize: 10,
      breaks: [{ fromPacks: 1, packCents: 40 }],
    };
    item = { ...item, offers: [theirs], version: 2 };
    await user.click(screen.getByRole('button', { name: /Add/ }));
    expect(await screen.findByText(/Somebody else has changed this drawer/)).toBeTruthy();
    await screen.findByRole('button', { name: /Remove the offer of Pier Parts, 10 a pack/ });
    await user.click(screen.getByRole('button', { name: /Add/ }));
    await waitFor(() => expect(item.offers.map(({ packSize }) => packSize)).toEqual([10, 100]));
    await screen.findByRole('button', { name: /Remove the offer of Pier Parts, 100 a pack/ });
    // One that is removed can be brought back.
    await user.click(
      await screen.findByRole('button', { name: /Remove the offer of Pier Parts, 10 a pack/ }),
    );
    await waitFor(() => expect(item.offers.map(({ packSize }) => packSize)).toEqual([100]));
    await user.click(await screen.findByRole('button', { name: 'Undo' }));
    await waitFor(() => expect(item.offers.map(({ packSize }) => packSize)).toEqual([100, 10]));
  });
});

describe('suppliers', () => {
  it('are refused by their fields, and stay as typed', async () => {
    server.on(createSupplier, () => {
      throw new Refused(422, 'No.', [{ field: 'name', message: 'There is one of that name.' }]);
    });
    open('/stores/suppliers');
    const user = userEvent.setup();
    await user.type(await screen.findByRole('textbox', { name: 'Name' }), 'Pier Parts');
    await user.type(screen.getByLabelText(/Days/), '2');
    await user.click(screen.getByRole('button', { name: /Add|Save/ }));
    expect(await screen.findByText('There is one of that name.')).toBeTruthy();
    expect(screen.getByDisplayValue('Pier Parts')).toBeTruthy();
  });

  it('are changed from the version that was read', async () => {
    let sent: number | undefined;
    server.on(changeSupplier, ({ body }) => {
      sent = body.version;
      suppliers = suppliers.map((one) => ({ ...one, ...body, version: body.version + 1 }));
      return { version: body.version + 1 };
    });
    open('/stores/suppliers');
    const user = userEvent.setup();
    await user.click(await screen.findByRole('button', { name: 'Edit Pier Parts' }));
    const days = await screen.findByDisplayValue('3');
    await user.clear(days);
    await user.type(days, '5');
    await user.click(screen.getByRole('button', { name: /Save|Change it/ }));
    await waitFor(() => expect(suppliers[0]?.days).toBe(5));
    expect(sent).toBe(1);
  });
});

it('a call that nobody answers is no answer', async () => {
  await expect(call(getStores, {})).resolves.toMatchObject({ items: [{ location: 'A1' }] });
});
