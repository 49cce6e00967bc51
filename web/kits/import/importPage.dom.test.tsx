import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { beforeEach, describe, expect, it } from 'vitest';
import { createKit, getRememberedFamilies, getRememberedMapping } from '#contract/kits';
import { FakeServer, Refused } from '../../testing/fakeServer.ts';
import { showPage } from '../../testing/page.tsx';
import { NewKitPage } from './NewKitPage.tsx';

let server: FakeServer;
beforeEach(() => {
  server = new FakeServer();
  server.on(getRememberedFamilies, () => ({}));
  server.on(getRememberedMapping, () => null);
});

const list = ['Ref,Qty,Description,Value', 'R1 R2,2,Resistor,470', 'D1,1,LED 5 mm,red'];

const open = async (rows: readonly string[] = list) => {
  const router = showPage(
    [
      { path: '/kits/new', element: <NewKitPage /> },
      { path: '/kits/:kitId/parts', element: <h1>the parts</h1> },
    ],
    '/kits/new',
  );
  const user = userEvent.setup({ delay: null });
  await user.upload(
    await screen.findByLabelText('Parts list file'),
    new File([rows.join('\n')], 'lamp.csv', { type: 'text/csv' }),
  );
  return { router, user };
};
const read = () => screen.findByRole('table', { name: 'Preview' });
const takeOver = () => screen.getByRole<HTMLButtonElement>('button', { name: /Create kit/ });

describe('a parts list', () => {
  it('is read before anything is stored, and taken over with name and supply', async () => {
    let sent: unknown;
    server.on(createKit, ({ body }) => {
      sent = body;
      return { id: 'k1', revision: 1 } as never;
    });
    const { user, router } = await open();
    expect(within(await read()).getAllByRole('row')).toHaveLength(3);
    expect(screen.getByText(/2 lines, 3 pieces/)).toBeTruthy();
    expect(server.calls.filter((one) => one.startsWith('POST /api/kits '))).toEqual([]);
    await user.type(screen.getByLabelText(/Name of the kit/), ' Small Lamp ');
    await user.type(screen.getByLabelText('Supply voltage in V'), '4,5');
    await user.click(takeOver());
    await waitFor(() => expect(router.state.location.pathname).toBe('/kits/k1/parts'));
    expect(sent).toMatchObject({ name: 'Small Lamp', supplyVolt: 4.5, csv: list.join('\n') });
  });

  it('with a supply that is no number is told at its field, and not sent', async () => {
    const { user } = await open();
    await read();
    await user.type(screen.getByLabelText('Supply voltage in V'), 'six');
    expect(await screen.findByText(/Write a number such as 6 or 4.5/)).toBeTruthy();
    await user.click(takeOver());
    expect(server.calls.some((one) => one === 'POST /api/kits')).toBe(false);
  });

  it('is read by the columns that were chosen for such headings before', async () => {
    server.on(getRememberedMapping, () => ({ designators: 0, description: 3, value: 2 }));
    await open(['A,B,C,D', 'R1,1,470,Resistor', 'D1,1,red,LED 5 mm']);
    expect(within(await read()).getByRole('row', { name: /D1/ }).textContent).toMatch(/LED/);
  });

  it('that says a quantity its places deny is not taken over until the row is right', async () => {
    const { user } = await open([list[0] ?? '', 'R1 R2,3,Resistor,470', list[2] ?? '']);
    await read();
    expect(takeOver().disabled).toBe(true);
    expect(screen.getByText(/Correct the errors first/)).toBeTruthy();
    await user.click(screen.getAllByRole('button', { name: /Correct row/ })[0] as HTMLElement);
    const dialog = await screen.findByRole('dialog');
    const quantity = within(dialog).getByLabelText(/Quantity/);
    await user.clear(quantity);
    await user.type(quantity, '2');
    await user.click(within(dialog).getByRole('button', { name: /Save|Put/ }));
    await waitFor(() => expect(takeOver().disabled).toBe(false));
  });

  it('of another letter code is refused with a way out, not half read', async () => {
    const router = showPage([{ path: '/kits/new', element: <NewKitPage /> }], '/kits/new');
    const latin = Uint8Array.from(
      [...'Ref,Description,Value\nR1,Widerst', 0xe4, ...'nd,470'].map((one) =>
        typeof one === 'string' ? one.charCodeAt(0) : one,
      ),
    );
    const user = userEvent.setup({ delay: null });
    await user.upload(
      await screen.findByLabelText('Parts list file'),
      new File([latin], 'old.csv'),
    );
    await user.click(await screen.findByRole('button', { name: /Read as/ }));
    expect((await read()).textContent).toContain('R1');
    expect(router.state.location.pathname).toBe('/kits/new');
  });

  it('whose name is taken says so at the name, and can be sent again', async () => {
    let tries = 0;
    server.on(createKit, () => {
      tries += 1;
      if (tries === 1) {
        throw new Refused(422, 'No', [{ field: 'name', message: 'There is a kit of this name.' }]);
      }
      return { id: 'k2', revision: 1 } as never;
    });
    const { user, router } = await open();
    await read();
    await user.type(screen.getByLabelText(/Name of the kit/), 'Small Lamp');
    await user.click(takeOver());
    expect(await screen.findByText('There is a kit of this name.')).toBeTruthy();
    await user.type(screen.getByLabelText(/Name of the kit/), ' II');
    await user.click(takeOver());
    await waitFor(() => expect(router.state.location.pathname).toBe('/kits/k2/parts'));
  });

  it('gets a row that it lacks, and loses one that is no part', async () => {
    const { user } = await open();
    const rows = async () => within(await read()).getAllByRole('row').length;
    const before = await rows();
    await user.click(screen.getByRole('button', { name: 'Add a row' }));
    const fresh = await screen.findByRole('dialog', { name: 'New row' });
    await user.type(within(fresh).getByLabelText(/Places on the board/), 'R9');
    await user.type(within(fresh).getByLabelText(/What it is/), 'resistor');
    await user.type(within(fresh).getByLabelText(/Value or type/), '1k');
    await user.click(within(fresh).getByRole('button', { name: /Save|Put/ }));
    await waitFor(async () => expect(await rows()).toBe(before + 1));
    expect((await read()).textContent).toContain('R9');
    await user.click(within(await read()).getAllByRole('button', { name: /R9/ })[0] as HTMLElement);
    const dialog = await screen.findByRole('dialog');
    await user.click(within(dialog).getByRole('button', { name: 'Leave this row out' }));
    await waitFor(async () => expect(await rows()).toBe(before));
    expect((await read()).textContent).not.toContain('R9');
  });
});
