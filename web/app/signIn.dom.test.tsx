import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { beforeEach, expect, it } from 'vitest';
import { setUp, signedOut, signIn } from '#contract/session';
import { FakeServer, Refused } from '../testing/fakeServer.ts';
import { showPage } from '../testing/page.tsx';
import { SignInPage } from './SignInPage.tsx';

let server: FakeServer;
beforeEach(() => {
  server = new FakeServer();
});

const signedIn = { ...signedOut, signedIn: true, role: 'instructor', name: 'Instructor' } as const;

const open = (needsSetup: boolean, next = '', needsCode = false, needsName = false) => {
  const router = showPage(
    [
      {
        path: '/sign-in',
        loader: () => ({ ...signedOut, needsSetup, needsCode, needsName }),
        element: <SignInPage />,
      },
      { path: '*', element: <h1>inside</h1> },
    ],
    `/sign-in${next}`,
  );
  return { router, user: userEvent.setup({ delay: null }) };
};

it('a first passphrase has some length, and opens the door', async () => {
  const chosen: string[] = [];
  server.on(setUp, ({ body }) => {
    chosen.push(body.passphrase);
    return signedIn;
  });
  const { user, router } = open(true);
  const field = await screen.findByLabelText('Passphrase');
  await user.type(field, 'tooshort{Enter}');
  expect(await screen.findByText(/at least 10 characters\. Three or four words/)).toBeTruthy();
  expect(server.calls).toEqual([]);
  await user.type(field, ' and longer{Enter}');
  await waitFor(() => expect(router.state.location.pathname).toBe('/workshops'));
  expect(chosen).toEqual(['tooshort and longer']);
});

it('from another device the code of the terminal is asked for, and told at its field where it is wrong', async () => {
  server.on(setUp, ({ body }) => {
    if (body.code !== 'ABCD-2345') {
      throw new Refused(403, 'No', [{ field: 'code', message: 'This is not the code.' }]);
    }
    return signedIn;
  });
  const { user, router } = open(true, '', true);
  await user.type(await screen.findByLabelText('Passphrase'), 'a quiet harbour');
  const code = screen.getByLabelText('Code');
  await user.type(code, 'nonsense{Enter}');
  expect(await screen.findByText('This is not the code.')).toBeTruthy();
  await user.clear(code);
  await user.type(code, 'ABCD-2345{Enter}');
  await waitFor(() => expect(router.state.location.pathname).toBe('/workshops'));
});

it('a wrong passphrase is told at its field, which keeps what was typed', async () => {
  server.on(signIn, () => {
    throw new Refused(422, 'No', [{ field: 'passphrase', message: 'This is not the passphrase.' }]);
  });
  const { user, router } = open(false);
  const field = await screen.findByLabelText<HTMLInputElement>('Passphrase');
  await user.type(field, 'a quiet harbor{Enter}');
  expect(await screen.findByText('This is not the passphrase.')).toBeTruthy();
  expect(field.getAttribute('aria-invalid')).toBe('true');
  expect(field.value).toBe('a quiet harbor');
  expect(router.state.location.pathname).toBe('/sign-in');
});

it('a refusal that names no field stands there as well', async () => {
  server.on(signIn, () => {
    throw new Refused(429, 'Too many tries. Wait a quarter of an hour.');
  });
  const { user } = open(false);
  await user.type(await screen.findByLabelText('Passphrase'), 'anything{Enter}');
  expect(await screen.findByText(/Wait a quarter of an hour/)).toBeTruthy();
});

it.each([
  ['?next=/workshops/7/floor', '/workshops/7/floor'],
  ['?next=//elsewhere.example', '/workshops'],
  ['?next=https://elsewhere.example', '/workshops'],
  ['', '/workshops'],
])('after “%s” the way goes on to %s', async (next, path) => {
  server.on(signIn, () => signedIn);
  const { user, router } = open(false, next);
  await user.type(await screen.findByLabelText(/^Name/), 'Knot');
  await user.type(screen.getByLabelText('Passphrase'), 'the second lantern{Enter}');
  await waitFor(() => expect(router.state.location.pathname).toBe(path));
});

it('where there are several instructors the name is asked for, and told at its field', async () => {
  server.on(signIn, () => {
    throw new Refused(422, 'No', [{ field: 'name', message: 'Type your name as well.' }]);
  });
  const { user } = open(false, '', false, true);
  await user.type(await screen.findByLabelText('Passphrase'), 'a quiet harbour{Enter}');
  expect(await screen.findByText('Type your name as well.')).toBeTruthy();
  expect(screen.getByLabelText('Name').getAttribute('aria-invalid')).toBe('true');
});
