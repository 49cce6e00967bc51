import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { beforeEach, describe, expect, it } from 'vitest';
import type { KitSummary } from '#contract/kits';
import { createWorkshop } from '#contract/workshops';
import { FakeServer, Refused } from '../testing/fakeServer.ts';
import { showPage } from '../testing/page.tsx';
import { NewWorkshopPage } from './NewWorkshopPage.tsx';

const workshopId = '00000000-0000-4000-8000-0000000000a1';
const kit: KitSummary = {
  id: '00000000-0000-4000-8000-000000000001',
  name: 'Small Lamp',
  revision: 2,
  supplyVolt: 6,
  description: '',
  tags: [],
  archivedAt: null,
  workshops: 0,
  lastWorkshopAt: null,
  revisedAt: '2026-11-01T10:00:00.000Z',
  pieces: 9,
  steps: 7,
  board: null,
  picture: null,
  minutes: 95,
};

let server: FakeServer;
beforeEach(() => {
  server = new FakeServer();
});

describe('a workshop that is planned', () => {
  const open = (kits: readonly KitSummary[] = [kit]) => {
    const router = showPage(
      [
        { path: '/workshops/new', loader: () => kits, element: <NewWorkshopPage /> },
        { path: '/workshops/:workshopId/plan', element: <h1>the plan</h1> },
        { path: '/kits/new', element: <h1>the import</h1> },
      ],
      '/workshops/new',
    );
    return { router, user: userEvent.setup({ delay: null }) };
  };
  const put = async (user: ReturnType<typeof userEvent.setup>, label: string, text: string) => {
    const field = await screen.findByRole(
      label === 'Names' || label === 'Title' ? 'textbox' : 'spinbutton',
      {
        name: new RegExp(`^${label}`),
      },
    );
    await user.clear(field);
    // Pasted, not typed: the form is drawn anew for every sign.
    await user.click(field);
    await user.paste(text);
  };

  it('needs a kit first, and leads to where one is made', async () => {
    const { user, router } = open([]);
    await user.click(await screen.findByRole('link', { name: 'New kit' }));
    expect(router.state.location.pathname).toBe('/kits/new');
  });

  it('seats the names in their order and leaves the other seats without one', async () => {
    let sent: unknown;
    server.on(createWorkshop, ({ body }) => {
      sent = body;
      return { id: workshopId };
    });
    const { user, router } = open();
    await put(user, 'Title', '  First evening ');
    await put(user, 'Seats', '4');
    await put(user, 'Names', 'Tern, Plover\n \nAuk');
    await user.click(screen.getByRole('button', { name: 'Create workshop' }));
    await waitFor(() =>
      expect(router.state.location.pathname).toBe(`/workshops/${workshopId}/plan`),
    );
    expect(sent).toMatchObject({
      title: 'First evening',
      kitId: kit.id,
      lengthMinutes: 120,
      seats: [{ name: 'Tern' }, { name: 'Plover' }, { name: 'Auk' }, { name: '' }],
    });
    const { startsAt } = sent as { startsAt: string };
    expect(new Date(startsAt).toISOString()).toBe(startsAt);
  });

  it.each([
    ['Seats', '1', 'more names than seats'],
    ['Seats', '61', 'at most 60 seats'],
    ['Seats', '2.5', 'a whole number of seats'],
    ['Length in minutes', '5', 'at least 10 minutes'],
    ['Length in minutes', '601', 'Plan a second evening'],
    ['Names', 'x'.repeat(41), 'at most 40 characters'],
  ])('with %s “%s” is told at the field, and nothing is sent', async (label, text, told) => {
    const { user } = open();
    await put(user, 'Title', 'First evening');
    await put(user, 'Names', 'Tern, Plover');
    await put(user, label, text);
    await user.click(screen.getByRole('button', { name: 'Create workshop' }));
    expect(await screen.findByText(new RegExp(told))).toBeTruthy();
    expect(server.calls).toEqual([]);
  });

  it('that is shorter than the steps says so at once, and may still be planned', async () => {
    server.on(createWorkshop, () => ({ id: workshopId }));
    const { user, router } = open();
    await put(user, 'Title', 'Short evening');
    expect(screen.queryByText(/longer than the workshop/)).toBeNull();
    await put(user, 'Length in minutes', '90');
    expect(await screen.findByText(/longer than the workshop/)).toBeTruthy();
    await user.click(screen.getByRole('button', { name: 'Create workshop' }));
    await waitFor(() => expect(router.state.location.pathname).toContain('/plan'));
  });

  it('that the server refuses is told, with what was typed still there', async () => {
    server.on(createWorkshop, () => {
      throw new Refused(422, 'Two seats are called Tern.');
    });
    const { user } = open();
    await put(user, 'Title', 'First evening');
    await put(user, 'Names', 'Tern, Tern');
    await user.click(screen.getByRole('button', { name: 'Create workshop' }));
    expect((await screen.findByRole('alert')).textContent).toContain('Two seats are called Tern.');
    expect(screen.getByRole<HTMLTextAreaElement>('textbox', { name: /^Names/ }).value).toBe(
      'Tern, Tern',
    );
  });
});
