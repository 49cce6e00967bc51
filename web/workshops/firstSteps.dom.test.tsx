import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { beforeEach, describe, expect, it } from 'vitest';
import { listKits } from '#contract/kits';
import { getRoom } from '#contract/room';
import { FakeServer } from '../testing/fakeServer.ts';
import { showPage } from '../testing/page.tsx';
import { FirstSteps } from './FirstSteps.tsx';

let kits: number;
let seatAddress: string | null;

beforeEach(() => {
  localStorage.clear();
  kits = 0;
  seatAddress = null;
  const server = new FakeServer();
  server.on(listKits, () => Array.from({ length: kits }, () => ({})) as never);
  server.on(getRoom, () => ({ seatAddress }) as never);
});

const open = (hasWorkshop: boolean) =>
  showPage(
    [{ path: '/workshops', element: <FirstSteps hasWorkshop={hasWorkshop} /> }],
    '/workshops',
  );
const contained = () =>
  screen.getAllByRole('link').filter(({ className }) => className.includes('contained'));

describe('the first evening', () => {
  it('begins with a kit on an empty site', async () => {
    open(false);
    await screen.findByRole('heading', { name: 'Your first evening in three steps' });
    expect(contained().map(({ textContent }) => textContent)).toEqual(['New kit']);
  });

  it('goes on where the site stands', async () => {
    kits = 1;
    open(true);
    await screen.findByRole('heading', { name: 'Your first evening in three steps' });
    expect(screen.getAllByText('done')).toHaveLength(2);
    expect(contained().map(({ textContent }) => textContent)).toEqual(['Let phones in']);
  });

  it('ends by itself, and can be hidden for good', async () => {
    const user = userEvent.setup({ delay: null });
    open(false);
    await user.click(await screen.findByRole('button', { name: 'Hide' }));
    await waitFor(() => expect(screen.queryByRole('heading')).toBeNull());
    expect(localStorage.getItem('ozzet.firstSteps.hidden')).not.toBeNull();
  });
});
