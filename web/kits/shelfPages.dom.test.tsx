import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { beforeEach, describe, expect, it } from 'vitest';
import {
  archiveKit,
  bringKitBack,
  changeKitAbout,
  listKitEvenings,
  removeKit,
} from '#contract/kitShelf';
import {
  changeLines,
  getKit,
  getOwnTypes,
  getRememberedFamilies,
  type Kit,
  type KitSummary,
} from '#contract/kits';
import { getStores } from '#contract/stores';
import { usualSettings } from '#core/order/settings';
import { line, ohm } from '#core/order/testing/kits';
import { call } from '../app/call.ts';
import { FakeServer, Refused } from '../testing/fakeServer.ts';
import { showPage } from '../testing/page.tsx';
import { AboutPage, loadKitEvenings } from './AboutPage.tsx';
import { KitFrame } from './KitFrame.tsx';
import { KitsPage } from './KitsPage.tsx';
import { PartsPage } from './PartsPage.tsx';

const kitId = '00000000-0000-4000-8000-000000000001';

let server: FakeServer;
let stored: Kit;

beforeEach(() => {
  server = new FakeServer();
  stored = {
    id: kitId,
    name: 'Small Lamp',
    revision: 1,
    about: { description: 'Glows.', tags: ['easy'], archivedAt: null, pictures: {}, version: 4 },
    revisionId: '00000000-0000-4000-8000-000000000002',
    supplyVolt: 6,
    importedAt: '2026-03-01T10:00:00Z',
    workshops: 0,
    lines: [{ part: line('resistor-axial', 'R1 R2', ohm(470)), confidence: 'sure' }],
    errata: [],
    board: null,
    circuitNotes: {},
    order: usualSettings,
    versions: { lines: 1, errata: 1, supply: 1, order: 1, board: 1, circuit: 1 },
  };
  server.on(getKit, () => stored);
  server.on(listKitEvenings, () => []);
  server.on(getStores, () => ({ items: [], suppliers: [], currency: null }));
  server.on(getRememberedFamilies, () => ({}));
  server.on(getOwnTypes, () => ({}));
});

const open = (page: 'about' | 'parts') =>
  showPage(
    [
      { path: '/kits', element: <h1>all kits</h1> },
      {
        id: 'kit',
        path: '/kits/:kitId',
        loader: () => call(getKit, { params: { kitId } }),
        element: <KitFrame />,
        children: [
          { path: 'about', loader: loadKitEvenings, element: <AboutPage /> },
          { path: 'parts', element: <PartsPage /> },
        ],
      },
    ],
    `/kits/${kitId}/${page}`,
  );

describe('a kit as a thing', () => {
  it('is renamed from the version that was read, with its tags parted', async () => {
    let sent: unknown;
    server.on(changeKitAbout, ({ body }) => {
      sent = body;
      return { version: 5 };
    });
    open('about');
    const user = userEvent.setup({ delay: null });
    const tags = await screen.findByLabelText('Tags');
    await user.clear(tags);
    await user.type(tags, 'easy, night, easy');
    await user.click(screen.getByRole('button', { name: 'Save' }));
    await waitFor(() =>
      expect(sent).toEqual({
        version: 4,
        name: 'Small Lamp',
        description: 'Glows.',
        tags: ['easy', 'night'],
      }),
    );
  });

  it('whose name is taken says so at the name, and keeps what was typed', async () => {
    server.on(changeKitAbout, () => {
      throw new Refused(422, 'No', [{ field: 'name', message: 'There is a kit of this name.' }]);
    });
    open('about');
    const user = userEvent.setup({ delay: null });
    const name = await screen.findByLabelText<HTMLInputElement>('Name of the kit');
    await user.type(name, ' II');
    await user.click(screen.getByRole('button', { name: 'Save' }));
    await screen.findByText('There is a kit of this name.');
    expect(name.value).toBe('Small Lamp II');
  });

  it('is put away, and deleted with a way back', async () => {
    server.on(archiveKit, ({ body }) => {
      stored = { ...stored, about: { ...stored.about, archivedAt: body.archived ? 'now' : null } };
      return {};
    });
    server.on(removeKit, () => ({}));
    server.on(bringKitBack, () => ({}));
    const router = open('about');
    const user = userEvent.setup({ delay: null });
    await user.click(await screen.findByRole('button', { name: 'Archive kit' }));
    await user.click(await screen.findByRole('button', { name: 'Bring kit back' }));
    await screen.findByRole('button', { name: 'Archive kit' });
    await user.click(screen.getByRole('button', { name: 'Delete kit' }));
    await waitFor(() => expect(router.state.location.pathname).toBe('/kits'));
    await user.click(await screen.findByRole('button', { name: 'Undo' }));
    await waitFor(() => expect(router.state.location.pathname).toBe(`/kits/${kitId}/parts`));
    expect(server.calls).toContain(`POST /api/kits/${kitId}/back`);
  });

  it('that evenings were planned with is not offered to be deleted', async () => {
    server.on(listKitEvenings, () => [
      {
        workshopId: '00000000-0000-4000-8000-0000000000a1',
        title: 'A test evening',
        startsAt: '2026-03-05T18:30:00Z',
        revision: 1,
        seats: 8,
        nextTime: 'Bend the LEDs before the class.',
      },
    ]);
    open('about');
    await screen.findByRole('table');
    await screen.findByText('Bend the LEDs before the class.');
    expect(screen.queryByRole('button', { name: 'Delete kit' })).toBeNull();
    screen.getByText(/cannot be deleted; archive it/);
  });
});

describe('parts by hand', () => {
  const typed = async (text: string) => {
    open('parts');
    const user = userEvent.setup({ delay: null });
    await user.click(await screen.findByRole('button', { name: 'Add parts' }));
    const field = await screen.findByLabelText('Parts, one in a line');
    await user.type(field, text);
    return { user, field };
  };

  it('are shown as they are understood, and added by Enter', async () => {
    let sent: readonly { readonly part: { readonly designators: readonly string[] } }[] = [];
    server.on(changeLines, ({ body }) => {
      sent = body.lines;
      return { revision: 1, revisionId: stored.revisionId, isNew: false, version: 2 };
    });
    const { user, field } = await typed('C1 100nF ceramic');
    within(screen.getByRole('form', { name: 'Add parts' })).getByText(/1 × 100 nF/);
    await user.type(field, '{Enter}');
    await waitFor(() =>
      expect(sent.map(({ part }) => part.designators)).toEqual([['R1', 'R2'], ['C1']]),
    );
  });

  it('at a place that is taken are told, and not sent', async () => {
    const { user, field } = await typed('R2 1k resistor');
    expect(screen.getByRole<HTMLButtonElement>('button', { name: 'Add' }).disabled).toBe(true);
    await user.type(field, '{Enter}');
    expect(server.calls.some((one) => one.startsWith('PUT'))).toBe(false);
  });
});

describe('the list of kits', () => {
  const kit = (name: string, more: Partial<KitSummary> = {}): KitSummary => ({
    id: name,
    name,
    revision: 1,
    supplyVolt: null,
    pieces: 3,
    minutes: 40,
    steps: 6,
    board: null,
    picture: null,
    description: '',
    tags: [],
    archivedAt: null,
    workshops: 0,
    lastWorkshopAt: null,
    revisedAt: '2026-03-01T10:00:00Z',
    ...more,
  });
  const shown = () => screen.queryAllByRole('heading', { level: 2 }).map((one) => one.textContent);

  it('is narrowed by a tag, keeps what is put away apart, and offers no evening with it', async () => {
    const kits = [
      kit('Lamp', { tags: ['easy'] }),
      kit('Clock'),
      kit('Old horn', { archivedAt: '2026-01-01T00:00:00Z' }),
    ];
    showPage([{ path: '/kits', loader: () => kits, element: <KitsPage /> }], '/kits');
    const user = userEvent.setup({ delay: null });
    const tag = await screen.findByRole('button', { name: 'easy (1)' });
    expect(shown()).toEqual(['Clock', 'Lamp']);
    await user.click(tag);
    expect(shown()).toEqual(['Lamp']);
    await user.click(tag);
    await user.click(screen.getByRole('button', { name: 'Archived kits' }));
    expect(shown()).toEqual(['Old horn']);
    expect(screen.queryByRole('link', { name: /Plan workshop/ })).toBeNull();
  });

  it('of three hundred draws as many as are seen', async () => {
    const kits = Array.from({ length: 300 }, (_, n) => kit(`Kit ${n + 1}`));
    showPage([{ path: '/kits', loader: () => kits, element: <KitsPage /> }], '/kits');
    await screen.findByRole('heading', { name: 'Kit 1' });
    expect(shown().length).toBeLessThan(300);
    screen.getByText(/more rows/);
  });
});
