import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import type { ReactElement } from 'react';
import type { LoaderFunction } from 'react-router';
import { beforeEach, describe, expect, it } from 'vitest';
import {
  type Account,
  createAccount,
  listAccounts,
  removeAccount,
  renewPassphrase,
} from '#contract/accounts';
import { listBackups, lockDaily } from '#contract/backup';
import { getRecord, type RecordEntry } from '#contract/record';
import {
  changePassphrase,
  endSession,
  listSessions,
  type OpenSession,
  type SessionState,
  signedOut,
} from '#contract/session';
import { FakeServer, Refused } from '../testing/fakeServer.ts';
import { showPage } from '../testing/page.tsx';
import { AccountsPage, loadAccounts } from './AccountsPage.tsx';
import { BackupPage, loadBackups } from './BackupPage.tsx';
import { loadRecord, RecordPage } from './RecordPage.tsx';
import { SiteFrame } from './SiteFrame.tsx';
import { loadSessions, YouPage } from './YouPage.tsx';

let server: FakeServer;
let staff: SessionState;
beforeEach(() => {
  server = new FakeServer();
  staff = { ...signedOut, signedIn: true, accountId: 'a1', role: 'instructor', name: 'Ida' };
});

function open(loader: LoaderFunction, element: ReactElement) {
  showPage(
    [
      {
        id: 'staff',
        path: '/',
        loader: () => staff,
        element: <SiteFrame />,
        children: [{ path: 'here', loader, element }],
      },
    ],
    '/here',
  );
  return userEvent.setup({ delay: null });
}

describe('who may sign in', () => {
  let accounts: Account[];
  beforeEach(() => {
    accounts = [
      { id: 'a1', role: 'instructor', name: 'Ida' },
      { id: 'b1', role: 'helper', name: 'Knot' },
    ];
    server.on(listAccounts, () => accounts);
  });
  const show = () => open(loadAccounts, <AccountsPage />);
  const fill = async (user: ReturnType<typeof userEvent.setup>, name: string, words: string) => {
    await user.type(await screen.findByLabelText('Name'), name);
    await user.type(screen.getByLabelText('Passphrase'), words);
    await user.click(screen.getByRole('button', { name: 'Add person' }));
  };

  it('grows by a helper, and the form is empty for the next', async () => {
    server.on(createAccount, ({ body: { role, name } }) => {
      accounts = [...accounts, { id: 'b2', role, name }];
      return { id: 'b2' };
    });
    const user = show();
    await fill(user, 'Sanderling', 'a heap of driftwood');
    expect(await screen.findByText('Sanderling can now sign in')).toBeTruthy();
    expect(await screen.findByRole('button', { name: 'Remove Sanderling' })).toBeTruthy();
    expect(accounts.at(-1)?.role).toBe('helper');
    expect(screen.getByLabelText<HTMLInputElement>('Name').value).toBe('');
    expect(screen.getByLabelText<HTMLInputElement>('Passphrase').value).toBe('');
  });

  it('needs a passphrase of some length; a name that is taken is told at its field', async () => {
    server.on(createAccount, () => {
      throw new Refused(422, 'No', [{ field: 'name', message: 'Somebody is called Knot.' }]);
    });
    const user = show();
    await fill(user, 'Knot', 'short');
    expect(await screen.findByText(/at least 10 characters/)).toBeTruthy();
    expect(server.calls.some((one) => one.startsWith('POST'))).toBe(false);
    await user.type(screen.getByLabelText('Passphrase'), ' but longer now');
    await user.click(screen.getByRole('button', { name: 'Add person' }));
    expect(await screen.findByText('Somebody is called Knot.')).toBeTruthy();
  });

  it('is never left without oneself; removing somebody says what that means', async () => {
    server.on(removeAccount, ({ params }) => {
      accounts = accounts.filter(({ id }) => id !== params.accountId);
      return { removed: true };
    });
    const user = show();
    await user.click(await screen.findByRole('button', { name: 'Remove Knot' }));
    expect(await screen.findByText('Knot is signed out and can no longer sign in')).toBeTruthy();
    expect(screen.queryByRole('button', { name: 'Remove Ida' })).toBeNull();
  });

  it('gets a new passphrase from the instructor, helpers only', async () => {
    let renewed: unknown;
    server.on(renewPassphrase, ({ params, body }) => {
      renewed = { ...params, ...body };
      return { ended: 1 };
    });
    const user = show();
    await user.click(await screen.findByRole('button', { name: 'New passphrase for Knot' }));
    await user.type(
      screen.getByRole('textbox', { name: 'New passphrase for Knot' }),
      'another lantern here',
    );
    await user.click(screen.getByRole('button', { name: 'Set passphrase' }));
    expect(await screen.findByText(/Knot now signs in with the new passphrase/)).toBeTruthy();
    expect(renewed).toEqual({ accountId: 'b1', passphrase: 'another lantern here' });
    expect(screen.queryByRole('button', { name: 'New passphrase for Ida' })).toBeNull();
  });
});

describe('where one is signed in', () => {
  let sessions: OpenSession[];
  const session = (id: string, isThis: boolean): OpenSession => ({
    id,
    name: 'Ida',
    role: 'instructor',
    device: isThis ? 'Firefox on Linux' : 'Safari on iPad',
    openedAt: '2026-03-05T17:00:00.000Z',
    seenAt: '2026-03-05T18:00:00.000Z',
    isThis,
  });
  beforeEach(() => {
    sessions = [session('s1', true), session('s2', false)];
    server.on(listSessions, () => sessions);
  });

  it('is listed, and a device that is lost is signed out from here', async () => {
    server.on(endSession, ({ params }) => {
      sessions = sessions.filter(({ id }) => id !== params.sessionId);
      return { ended: true };
    });
    const user = open(loadSessions, <YouPage />);
    await user.click(await screen.findByRole('button', { name: 'Sign out Ida: Safari on iPad' }));
    expect(await screen.findByText('Signed out: Safari on iPad')).toBeTruthy();
    await waitFor(() => expect(screen.queryByRole('button', { name: /Sign out Ida/ })).toBeNull());
  });

  it('the passphrase is changed with the one of now, told at its field where it is wrong', async () => {
    server.on(changePassphrase, ({ body }) => {
      if (body.current !== 'a quiet harbour') {
        throw new Refused(422, 'No', [{ field: 'current', message: 'This is not yours.' }]);
      }
      return { ended: 1 };
    });
    const user = open(loadSessions, <YouPage />);
    const now = await screen.findByLabelText('Current passphrase');
    await user.type(now, 'something else');
    await user.type(screen.getByLabelText('New passphrase'), 'three old anchors');
    await user.click(screen.getByRole('button', { name: 'Change passphrase' }));
    expect(await screen.findByText('This is not yours.')).toBeTruthy();
    await user.clear(now);
    await user.type(now, 'a quiet harbour');
    await user.click(screen.getByRole('button', { name: 'Change passphrase' }));
    expect(await screen.findByText(/Passphrase changed/)).toBeTruthy();
  });

  it('a helper sees no tabs of what is the instructor’s', async () => {
    staff = { ...staff, role: 'helper', name: 'Knot' };
    open(loadSessions, <YouPage />);
    expect(await screen.findByText('You are signed in as a helper.')).toBeTruthy();
    expect(screen.queryByRole('navigation', { name: 'This site' })).toBeNull();
  });
});

describe('the record', () => {
  it('says who did what to what, and goes back page by page', async () => {
    const entry = (seq: number, changes: Partial<RecordEntry>): RecordEntry => ({
      seq,
      at: '2026-03-05T18:00:00.000Z',
      what: 'kit-changed',
      by: 'Ida',
      about: 'Small Lamp',
      cameFrom: 'this computer',
      ...changes,
    });
    server.on(getRecord, ({ params: { before } }) =>
      before === 'latest'
        ? { entries: [entry(9, {})], before: 9 }
        : {
            entries: [entry(8, { by: null, what: 'sign-in-failed', about: null })],
            before: null,
          },
    );
    const user = open(loadRecord, <RecordPage />);
    expect(await screen.findByText(/changed a kit: Small Lamp/)).toBeTruthy();
    await user.click(screen.getByRole('button', { name: 'Show older entries' }));
    expect(await screen.findByText('Somebody who was not signed in')).toBeTruthy();
    expect(server.calls).toContain('GET /api/record/9');
    expect(screen.queryByRole('button', { name: 'Show older entries' })).toBeNull();
  });
});

describe('backups of every day', () => {
  it('are encrypted with a passphrase of some length, and no longer when that is said', async () => {
    const contents = { kits: 1, workshops: 0, people: 0, entries: 0, drawers: 0 };
    let willEncrypt = false;
    server.on(listBackups, () => ({
      kept: [],
      willEncrypt,
      contents: { ...contents, latestEntryAt: null },
    }));
    server.on(lockDaily, ({ body: { passphrase } }) => {
      willEncrypt = passphrase !== null;
      return { willEncrypt };
    });
    const user = open(loadBackups, <BackupPage />);
    expect(await screen.findByText(/daily backups are not encrypted/)).toBeTruthy();
    const field = screen.getByLabelText<HTMLInputElement>('Passphrase for daily backups');
    await user.type(field, 'short');
    await user.click(screen.getByRole('button', { name: 'Encrypt daily backups' }));
    expect(await screen.findByText(/Choose at least 10 characters/)).toBeTruthy();
    expect(willEncrypt).toBe(false);
    await user.type(field, ' but longer now');
    await user.click(screen.getByRole('button', { name: 'Encrypt daily backups' }));
    expect(await screen.findByText(/From the next daily backup on/)).toBeTruthy();
    expect(field.value).toBe('');
    await user.click(screen.getByRole('button', { name: 'Stop encrypting' }));
    expect(await screen.findByText(/daily backups are not encrypted/)).toBeTruthy();
    expect(screen.queryByRole('button', { name: 'Stop encrypting' })).toBeNull();
  });
});
