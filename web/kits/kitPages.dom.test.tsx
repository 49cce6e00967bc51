import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { beforeEach, describe, expect, it } from 'vitest';
import { changeErrata, changeLines, changeOrder, getKit, type Kit } from '#contract/kits';
import { usualSettings } from '#core/order/settings';
import { line, ohm } from '#core/order/testing/kits';
import { call } from '../app/call.ts';
import { FakeServer, Refused } from '../testing/fakeServer.ts';
import { showPage } from '../testing/page.tsx';
import { KitFrame } from './KitFrame.tsx';
import { StepsPage } from './order/StepsPage.tsx';
import { PartsPage } from './PartsPage.tsx';

const kitId = '00000000-0000-4000-8000-000000000001';
const sure = { confidence: 'sure' } as const;

let server: FakeServer;
/** The kit as it is stored. */
let stored: Kit;

beforeEach(() => {
  server = new FakeServer();
  stored = {
    id: kitId,
    name: 'Small Lamp',
    revision: 1,
    about: { description: '', tags: [], archivedAt: null, pictures: {}, version: 1 },
    revisionId: '00000000-0000-4000-8000-000000000002',
    supplyVolt: 6,
    importedAt: '2026-03-01T10:00:00Z',
    workshops: 0,
    lines: [
      { part: line('resistor-axial', 'R1 R2', ohm(470)), ...sure },
      { part: line('led-5mm', 'D1', { kind: 'colour', colour: 'red' }), ...sure },
    ],
    errata: [],
    board: null,
    circuitNotes: {},
    order: usualSettings,
    versions: { lines: 1, errata: 1, supply: 1, order: 1, board: 1, circuit: 1 },
  };
  server.on(getKit, () => stored);
});

const open = (page: 'parts' | 'steps') =>
  showPage(
    [
      {
        id: 'kit',
        path: '/kits/:kitId',
        loader: () => call(getKit, { params: { kitId } }),
        element: <KitFrame />,
        children: [
          { path: 'parts', element: <PartsPage /> },
          { path: 'steps', element: <StepsPage /> },
        ],
      },
    ],
    `/kits/${kitId}/${page}`,
  );

/** What the server does with a change: the version decides. */
const save = <Part extends 'lines' | 'errata' | 'order'>(
  part: Part,
  version: number,
  content: Kit[Part],
) => {
  if (version !== stored.versions[part]) throw new Refused(409, 'Somebody else has changed it.');
  stored = {
    ...stored,
    [part]: content,
    versions: { ...stored.versions, [part]: version + 1 },
  };
  const { revision, revisionId } = stored;
  return { revision, revisionId, isNew: false, version: version + 1 };
};

const noteErratum = async (places: string, text: string) => {
  const user = userEvent.setup();
  await user.click(await screen.findByRole('button', { name: 'Add known problem' }));
  await user.type(await screen.findByLabelText('Places'), places);
  await user.type(screen.getByLabelText('What is wrong, and what to do instead'), text);
  await user.click(screen.getByRole('button', { name: 'Add' }));
  return user;
};

describe('a known problem', () => {
  it('is sent by itself, with the version that was read', async () => {
    server.on(changeErrata, ({ body }) => save('errata', body.version, body.errata));
    open('parts');
    await noteErratum('D1', 'Printed the wrong way round.');
    expect(await screen.findByText('Known problem added.')).toBeTruthy();
    expect(stored.errata).toEqual([{ designators: ['D1'], text: 'Printed the wrong way round.' }]);
    expect(server.calls.filter((one) => one.startsWith('PUT'))).toEqual([
      `PUT /api/kits/${kitId}/errata`,
    ]);
  });

  it('is not sent for a place that the kit does not have', async () => {
    open('parts');
    await noteErratum('Q9', 'Missing.');
    expect(await screen.findByText(/Q9 is not a place of this kit/)).toBeTruthy();
    expect(server.calls.some((one) => one.startsWith('PUT'))).toBe(false);
  });

  it('that comes second says what has changed, keeps what was typed, and is added to it', async () => {
    server.on(changeErrata, ({ body }) => save('errata', body.version, body.errata));
    open('parts');
    await screen.findByRole('button', { name: 'Add known problem' });
    // Meanwhile at another desk.
    const theirs = { designators: ['R1'], text: 'R1 is labelled R2.' };
    stored = { ...stored, errata: [theirs], versions: { ...stored.versions, errata: 2 } };
    const user = await noteErratum('D1', 'Turned.');
    expect(await screen.findByText(/Meanwhile: R1: R1 is labelled R2/)).toBeTruthy();
    const field = screen.getByLabelText<HTMLInputElement>('What is wrong, and what to do instead');
    expect(field.value).toBe('Turned.');
    await screen.findByRole('button', { name: 'Remove the known problem of R1' });
    await user.click(screen.getByRole('button', { name: 'Add' }));
    await waitFor(() => expect(stored.errata).toHaveLength(2));
    expect(stored.errata[0]).toEqual(theirs);
  });

  it('that is removed right after another one, before the page has read the kit anew, goes too', async () => {
    server.on(changeErrata, ({ body }) => save('errata', body.version, body.errata));
    stored = {
      ...stored,
      errata: [
        { designators: ['R1'], text: 'R1 is labelled R2.' },
        { designators: ['D1'], text: 'Turned.' },
      ],
    };
    const shown = stored;
    // What is read stays behind what is stored for as long as this test lasts.
    server.on(getKit, () => shown);
    open('parts');
    const user = userEvent.setup();
    await user.click(await screen.findByRole('button', { name: /Remove the known problem of R1/ }));
    await user.click(screen.getByRole('button', { name: /Remove the known problem of D1/ }));
    await waitFor(() => expect(stored.errata).toEqual([]));
    expect(stored.versions.errata).toBe(3);
  });

  it('can be taken back', async () => {
    server.on(changeErrata, ({ body }) => save('errata', body.version, body.errata));
    open('parts');
    const user = await noteErratum('D1', 'Turned.');
    await user.click(await screen.findByRole('button', { name: 'Undo' }));
    await waitFor(() => expect(stored.errata).toEqual([]));
    expect(stored.versions.errata).toBe(3);
  });
});

describe('a line of the list', () => {
  it('is corrected where it stands now, also when others have come before it', async () => {
    server.on(changeLines, ({ body }) => save('lines', body.version, body.lines));
    open('parts');
    const user = userEvent.setup();
    const row = await screen.findByRole('row', { name: /D1/ });
    await user.click(within(row).getByRole('button', { name: /Edit/ }));
    const extra = { part: line('diode-axial', 'D7', { kind: 'type', print: '1N4148' }), ...sure };
    stored = {
      ...stored,
      lines: [extra, ...stored.lines],
      versions: { ...stored.versions, lines: 2 },
    };
    const dialog = await screen.findByRole('dialog');
    const value = within(dialog).getByLabelText('Colour');
    await user.clear(value);
    await user.type(value, 'green');
    await user.click(within(dialog).getByRole('button', { name: /Save/ }));
    expect(await within(dialog).findByText(/Meanwhile: D7/)).toBeTruthy();
    await screen.findByRole('row', { name: /D7/, hidden: true });
    await user.click(within(dialog).getByRole('button', { name: /Save/ }));
    await waitFor(() => expect(stored.lines).toHaveLength(3));
    await waitFor(() => expect(stored.versions.lines).toBe(3));
    expect(stored.lines.map(({ part }) => part.designators[0])).toEqual(['D7', 'R1', 'D1']);
    expect(stored.lines[2]?.part.value).toEqual({ kind: 'colour', colour: 'green' });
  });
});

describe('an order that was not saved', () => {
  it('outlives a reload, is told as such, and is saved by itself', async () => {
    server.on(changeOrder, ({ body }) => save('order', body.version, body.order));
    const draft = { ...usualSettings, styles: ['by-sheet'], v: 2 };
    localStorage.setItem(`ozzet.draft.order ${stored.revisionId}`, JSON.stringify(draft));
    open('steps');
    expect(await screen.findByText('Changed, not saved yet')).toBeTruthy();
    await userEvent.setup().click(screen.getByRole('button', { name: 'Save the order' }));
    await waitFor(() => expect(stored.order.styles).toEqual(['by-sheet']));
  });

  it('is put together with what somebody else has saved since, and both are told', async () => {
    server.on(changeOrder, ({ body }) => save('order', body.version, body.order));
    const words = { title: { en: 'Mine' } };
    const own = { changed: [{ at: 'R1', words, basis: '' }], added: [], hidden: [] };
    const draft = `ozzet.draft.order ${stored.id}`;
    localStorage.setItem(draft, JSON.stringify({ ...usualSettings, own, v: 2 }));
    localStorage.setItem(`${draft}.base`, JSON.stringify({ ...usualSettings, v: 2 }));
    stored = { ...stored, order: { ...usualSettings, checks: 'blocks' } };
    open('steps');
    expect(await screen.findByText(/Somebody else has saved these steps/)).toBeTruthy();
    await userEvent.setup().click(screen.getByRole('button', { name: 'Save the order' }));
    await waitFor(() => expect(stored.order).toMatchObject({ checks: 'blocks', own }));
  });

  it('of a form that nobody understands is let go, and nothing breaks', async () => {
    localStorage.setItem(
      `ozzet.draft.order ${stored.revisionId}`,
      JSON.stringify({ v: 99, styles: 7 }),
    );
    open('steps');
    expect((await screen.findAllByText(/R1, R2|R1–R2|R1-R2/)).length).toBeGreaterThan(0);
    expect(screen.queryByText('Changed, not saved yet')).toBeNull();
  });
});

describe('the words of a step', () => {
  const pageOf = async () => {
    server.on(changeOrder, ({ body }) => save('order', body.version, body.order));
    open('steps');
    const user = userEvent.setup({ delay: null });
    const press = async (name: RegExp | string) =>
      user.click(await screen.findByRole('button', { name }));
    return { user, press };
  };

  it('are written over the computed ones and saved with the order', async () => {
    const { user, press } = await pageOf();
    await press(/Edit the words of step 1,/);
    const dialog = await screen.findByRole('dialog');
    await user.type(within(dialog).getByLabelText('Title'), 'Ours');
    await user.type(within(dialog).getByLabelText('Minutes'), '0');
    expect(within(dialog).getByLabelText('Minutes').getAttribute('aria-invalid')).toBe('true');
    await user.clear(within(dialog).getByLabelText('Minutes'));
    await user.type(within(dialog).getByLabelText('Minutes'), '4,5');
    await user.click(within(dialog).getByRole('button', { name: 'Apply' }));
    expect(await screen.findByRole('heading', { name: /Ours/ })).toBeTruthy();
    await press('Save the order');
    await waitFor(() => expect(stored.order.own?.changed).toHaveLength(1));
    expect(stored.order.own?.changed[0]?.words).toEqual({ title: { en: 'Ours' }, minutes: 4.5 });
  });

  it('say what is measured and how often it is done; what cannot be is not taken', async () => {
    const { user, press } = await pageOf();
    await press(/Edit the words of step 1,/);
    const dialog = await screen.findByRole('dialog');
    const apply = within(dialog).getByRole<HTMLButtonElement>('button', { name: 'Apply' });
    await user.click(within(dialog).getByLabelText('What is measured'));
    await user.click(await screen.findByRole('option', { name: 'Voltage, in V' }));
    expect(apply.disabled).toBe(true);
    await user.type(within(dialog).getByLabelText(/Where the probes go/), 'across C1');
    await user.type(within(dialog).getByLabelText('Right from'), '5');
    await user.type(within(dialog).getByLabelText('Right up to'), '4,8');
    expect(within(dialog).getByText(/from what or up to what it is right/)).toBeTruthy();
    await user.clear(within(dialog).getByLabelText('Right from'));
    await user.type(within(dialog).getByLabelText('How many times'), '1.5');
    expect(apply.disabled).toBe(true);
    await user.clear(within(dialog).getByLabelText('How many times'));
    await user.type(within(dialog).getByLabelText('How many times'), '64');
    await user.type(within(dialog).getByLabelText('Minutes for each'), '0,5');
    await user.type(within(dialog).getByLabelText('Jig'), 'a comb');
    await user.click(apply);
    await press('Save the order');
    await waitFor(() => expect(stored.order.own?.changed).toHaveLength(1));
    expect(stored.order.own?.changed[0]?.words).toEqual({
      measure: { unit: 'volt', at: { en: 'across C1' }, most: 4.8 },
      repeat: { times: 64, jig: { en: 'a comb' }, minutesEach: 0.5 },
    });
  });

  it('make steps of one’s own, and a step that is left out says why', async () => {
    const { user, press } = await pageOf();
    await press(/Add a step after step 1,/);
    const dialog = await screen.findByRole('dialog');
    expect(within(dialog).getByRole<HTMLButtonElement>('button', { name: 'Apply' }).disabled).toBe(
      true,
    );
    await user.type(within(dialog).getByLabelText(/Title/), 'Count the legs');
    await user.click(within(dialog).getByRole('button', { name: 'Apply' }));
    expect(await screen.findByRole('heading', { name: /Count the legs/ })).toBeTruthy();
    await press(/Leave out step 1,/);
    await user.type(await screen.findByLabelText('Why is it left out?'), 'At home{Enter}');
    expect(await screen.findByText('Left out: At home')).toBeTruthy();
    await press('Save the order');
    await waitFor(() => expect(stored.order.own?.added[0]?.sort).toBe('work'));
    expect(stored.order.own?.hidden[0]?.reason).toBe('At home');
    await waitFor(() => expect(screen.queryByText('Changed, not saved yet')).toBeNull());
    await press(/Bring back step 1,/);
    await waitFor(() => expect(screen.queryByText('Left out: At home')).toBeNull());
  });
});
