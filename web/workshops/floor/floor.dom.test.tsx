import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import type { SentEvent } from '#contract/events';
import { getPaces } from '#contract/pace';
import type { SessionState } from '#contract/session';
import {
  getWorkshopLog,
  logAtSeats,
  openSeats,
  showLink,
  type Workshop,
} from '#contract/workshops';
import type { BuildEvent, Deed } from '#core/build/event';
import { seatsOf } from '#core/build/together';
import { shortcutsNow } from '../../app/shortcuts.ts';
import { HandStream } from '../../app/testing/browser.ts';
import { eveningOf, helper, instructor, noPaces, showEvening } from '../../testing/evening.tsx';
import { FakeServer, Refused } from '../../testing/fakeServer.ts';
import { FloorPage } from './FloorPage.tsx';
import { loadFloor } from './keptFloor.ts';

let server: FakeServer;
let workshop: Workshop;
let staff: SessionState;
/** What the log held before the page was opened. */
let before: BuildEvent[];
/** What the page has sent. */
let sent: SentEvent[];

beforeEach(() => {
  vi.stubGlobal('EventSource', HandStream);
  server = new FakeServer();
  workshop = eveningOf();
  staff = instructor;
  before = [];
  sent = [];
  server.on(getPaces, () => noPaces);
  server.on(getWorkshopLog, () => ({
    events: before.map((event, index) => ({ seq: index + 1, event })),
    now: new Date().toISOString(),
  }));
  server.on(logAtSeats, ({ body }) => {
    sent.push(...body.events);
    return { accepted: body.events.map(({ id }) => id), now: new Date().toISOString() };
  });
});

async function open(at = 'floor') {
  showEvening(
    () => staff,
    () => workshop,
    { path: 'floor', loader: loadFloor, element: <FloorPage /> },
    at,
  );
  await screen.findByRole('list', { name: 'Seats' });
  await waitFor(() => expect(shortcutsNow()).not.toEqual([]));
  return userEvent.setup({ delay: null });
}

const seatId = (number: number) => workshop.seats[number - 1]?.id ?? '';
const stepId = (number: number) => workshop.steps[number - 1]?.id ?? '';
let ids = 0;
const logged = (
  number: number,
  deed: Deed,
  by: 'learner' | 'instructor' = 'learner',
): BuildEvent => {
  ids += 1;
  return {
    ...deed,
    id: `01900000-0000-7000-8000-${String(ids).padStart(12, '0')}`,
    seatId: seatId(number),
    at: new Date(Date.now() - 5 * 60_000).toISOString(),
    by,
  };
};
const lane = (number: number) =>
  screen.getByRole('button', { name: new RegExp(`^Seat ${number}`) });
const kinds = () => sent.map(({ kind }) => kind);

describe('the floor', () => {
  it('shows who is at which step, and who calls for help', async () => {
    before = [
      logged(1, { kind: 'step-done', stepId: stepId(1) }),
      logged(2, { kind: 'help-asked', stepId: stepId(1) }),
    ];
    await open();
    expect(lane(1).getAttribute('aria-label')).toContain('step 2');
    expect(lane(2).getAttribute('aria-label')).toContain('step 1');
    const next = screen.getByRole('heading', { name: 'Who next' }).parentElement;
    expect(next?.textContent).toContain('2 Skua');
  });

  it('logs a mistake in two taps, with who saw it, and takes it back by one', async () => {
    const user = await open();
    await user.click(screen.getByRole('button', { name: 'Log a mistake at seat 1' }));
    const grid = await screen.findByRole('dialog', { name: 'Mistake at seat 1' });
    await user.click(within(grid).getByRole('radio', { name: 'The learner saw it' }));
    const [first] = within(grid).getAllByRole('button');
    if (first) await user.click(first);
    await waitFor(() => expect(kinds()).toEqual(['mistake']));
    expect(sent[0]).toMatchObject({ seatId: seatId(1), stepId: stepId(1), noticedBy: 'learner' });
    await user.click(await screen.findByRole('button', { name: 'Undo' }));
    await waitFor(() => expect(sent.at(-1)).toMatchObject({ kind: 'undo', undoes: sent[0]?.id }));
  });

  it('a visit answers the call, and going on to another seat ends it', async () => {
    const call = logged(2, { kind: 'help-asked', stepId: stepId(1) });
    before = [call];
    const user = await open();
    await user.click(screen.getByRole('button', { name: 'Visit seat 2' }));
    await waitFor(() => expect(sent[0]).toMatchObject({ kind: 'visit', answers: [call.id] }));
    await user.click(screen.getByRole('button', { name: 'Visit seat 1' }));
    await waitFor(() => expect(kinds()).toEqual(['visit', 'visit-ended', 'visit']));
    expect(sent[1]).toMatchObject({ visit: sent[0]?.id, seatId: seatId(2) });
  });

  it('a helper ends their own visits only', async () => {
    staff = helper;
    before = [logged(2, { kind: 'visit', answers: [] }, 'instructor')];
    const user = await open();
    expect(screen.getByText(/The instructor is with/)).toBeTruthy();
    await user.click(screen.getByRole('button', { name: 'Visit seat 1' }));
    await waitFor(() => expect(kinds()).toEqual(['visit']));
    expect(screen.getByText(/You are with/)).toBeTruthy();
    expect(screen.getByText(/The instructor is with/)).toBeTruthy();
  });

  it('tells every seat the same, and nothing without words', async () => {
    const user = await open();
    await user.click(screen.getByRole('button', { name: 'Tell everyone …' }));
    const dialog = await screen.findByRole('dialog', { name: 'Message to everyone' });
    const tell = within(dialog).getAllByRole('button').at(-1);
    if (tell) await user.click(tell);
    expect(await within(dialog).findByText('Write what everybody must know.')).toBeTruthy();
    expect(sent).toEqual([]);
    await user.type(
      within(dialog).getByRole('textbox', { name: 'What everybody must know' }),
      'R1 is printed beside R2.',
    );
    if (tell) await user.click(tell);
    // One entry for all of them.
    await waitFor(() => expect(kinds()).toEqual(['notice']));
    expect(new Set(sent.flatMap(seatsOf)).size).toBe(3);
  });

  it('chooses seats by keys, round and round, and praises the one that is chosen', async () => {
    const user = await open();
    await user.keyboard('j');
    await waitFor(() => expect(lane(1).getAttribute('aria-pressed')).toBe('true'));
    await user.keyboard('u');
    await waitFor(() => expect(lane(3).getAttribute('aria-pressed')).toBe('true'));
    await user.keyboard('b');
    await waitFor(() => expect(sent).toMatchObject([{ kind: 'praise', seatId: seatId(3) }]));
    await user.keyboard('x');
    await waitFor(() => expect(lane(3).getAttribute('aria-pressed')).toBe('false'));
  });

  it('before the start lets the learners begin by a tap, and says so no more', async () => {
    workshop = eveningOf({ startsAt: new Date(Date.now() + 20 * 60_000).toISOString() });
    server.on(openSeats, () => {
      workshop = { ...workshop, openedAt: new Date().toISOString() };
      return { openedAt: workshop.openedAt ?? '' };
    });
    const user = await open();
    expect(screen.getByText(/Seats wait until/)).toBeTruthy();
    await user.click(screen.getByRole('button', { name: 'Open the seats now' }));
    await waitFor(() => expect(screen.queryByText(/Seats wait until/)).toBeNull());
  });

  it('asks nobody to open seats once the evening runs', async () => {
    await open();
    expect(screen.queryByRole('button', { name: 'Open the seats now' })).toBeNull();
  });
});

describe('an entry that the server does not take', () => {
  const refuse = () =>
    server.on(logAtSeats, () => {
      throw new Refused(422, 'There is no such step in this plan.');
    });

  it('is shown with the reason, and sent again when somebody says so', async () => {
    refuse();
    const user = await open();
    await user.click(screen.getByRole('button', { name: 'Visit seat 1' }));
    const told = await screen.findByText(/Not saved, kept on this device: seat 1/);
    expect(told.textContent).toContain('no such step');
    server.on(logAtSeats, ({ body }) => {
      sent.push(...body.events);
      return { accepted: body.events.map(({ id }) => id), now: new Date().toISOString() };
    });
    await user.click(screen.getByRole('button', { name: 'Try again' }));
    await waitFor(() => expect(kinds()).toEqual(['visit']));
    expect(screen.queryByText(/Not saved/)).toBeNull();
  });

  it('goes for good when somebody deletes it', async () => {
    refuse();
    const user = await open();
    await user.click(screen.getByRole('button', { name: 'Visit seat 1' }));
    await user.click(await screen.findByRole('button', { name: 'Delete' }));
    await waitFor(() => expect(screen.queryByText(/Not saved/)).toBeNull());
    expect(Object.keys(localStorage).filter((key) => /outbox|set-aside/.test(key))).toEqual([]);
  });
});

describe('one seat', () => {
  it('opens by its link; a helper asks for that first', async () => {
    staff = helper;
    workshop = { ...workshop, seats: workshop.seats.map((seat) => ({ ...seat, token: null })) };
    server.on(showLink, ({ params }) => ({ token: `shown-${params.seatId.at(-1)}` }));
    const user = await open(`floor?seat=${seatId(2)}`);
    expect(screen.queryByRole('link', { name: 'Open the seat' })).toBeNull();
    await user.click(await screen.findByRole('button', { name: 'Show the seat’s link' }));
    const link = await screen.findByRole('link', { name: 'Open the seat' });
    expect(link.getAttribute('href')).toBe('/seat/shown-2');
  });

  it('lists what was logged there, each to be taken back', async () => {
    const mistake = logged(1, {
      kind: 'mistake',
      stepId: stepId(1),
      mistake: 'wrong-value',
      designator: 'R1',
    });
    before = [mistake];
    const user = await open(`floor?seat=${seatId(1)}`);
    const entry = (await screen.findAllByText(/R1, made at step 1/))[0];
    expect(entry).toBeTruthy();
    const [undo] = screen.getAllByRole('button', { name: /^(Undo|Take back)/ });
    if (undo) await user.click(undo);
    await waitFor(() => expect(sent).toMatchObject([{ kind: 'undo', undoes: mistake.id }]));
  });
});
