import { act, screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import type { SentEvent } from '#contract/events';
import { getSeat, reportFromSeat, type SeatView } from '#contract/seats';
import type { BuildEvent } from '#core/build/event';
import { HandStream } from '../app/testing/browser.ts';
import { eveningOf } from '../testing/evening.tsx';
import { FakeServer, Refused } from '../testing/fakeServer.ts';
import { showPage } from '../testing/page.tsx';
import { Evening } from './Evening.tsx';
import { Seat } from './Seat.tsx';

const greeted = (seatId: string): BuildEvent => ({
  kind: 'greeted',
  id: '01900000-0000-7000-8000-0000000000ff',
  seatId,
  at: new Date(Date.now() - 20 * 60_000).toISOString(),
  by: 'learner',
});

let server: FakeServer;
let view: SeatView;
let sent: SentEvent[];

beforeEach(() => {
  vi.stubGlobal('EventSource', HandStream);
  vi.stubGlobal('scrollTo', () => {});
  server = new FakeServer();
  sent = [];
  const { steps, styles, heatTimes, title, kitName, startsAt, seats } = eveningOf();
  const [seat] = seats;
  view = {
    seatId: seat?.id ?? '',
    number: 1,
    name: 'Tern',
    workshopTitle: title,
    kitName,
    kitDescription: '',
    kitPicture: null,
    partner: null,
    partnerNumber: null,
    closedAt: null,
    startsAt,
    opensAt: null,
    steps,
    styles,
    board: null,
    heatTimes,
    events: [{ seq: 1, event: greeted(seat?.id ?? '') }],
    now: new Date().toISOString(),
  };
  server.on(getSeat, () => ({ ...view, now: new Date().toISOString() }));
  server.on(reportFromSeat, ({ body }) => {
    sent.push(...body.events);
    return { accepted: body.events.map(({ id }) => id), now: new Date().toISOString() };
  });
});

function open() {
  showPage(
    [
      {
        path: '/seat/:token',
        element: <Seat />,
        children: [
          { index: true, element: <Evening /> },
          { path: 'practice', element: <h1>practice</h1> },
        ],
      },
    ],
    '/seat/token-of-seat-1',
  );
  return userEvent.setup({ delay: null });
}
const kinds = () => sent.map(({ kind }) => kind);
const at = (minutes: number) => new Date(Date.now() + minutes * 60_000).toISOString();

describe('a seat before its evening', () => {
  it('says when it begins and what is built, and leads to practice', async () => {
    view = { ...view, opensAt: at(60), startsAt: at(60) };
    const user = open();
    expect(await screen.findByRole('heading', { name: view.workshopTitle })).toBeTruthy();
    expect(screen.getByText('You build: Small Lamp')).toBeTruthy();
    expect(screen.queryByRole('button', { name: /^Done/ })).toBeNull();
    await user.click(screen.getByRole('link', { name: 'Practise until then' }));
    expect(await screen.findByRole('heading', { name: 'practice' })).toBeTruthy();
  });

  it.each([
    [true, false],
    [false, true],
  ])('where the browser keeps pages (%s), asks to keep it open (%s)', async (keeps, asks) => {
    vi.stubGlobal('isSecureContext', keeps);
    view = { ...view, opensAt: at(60), startsAt: at(60) };
    open();
    await screen.findByText('This page opens by itself when the evening begins.');
    expect(screen.queryByText(/Keep this page open/) !== null).toBe(asks);
  });

  it('opens when somebody on the floor lets the learners begin', async () => {
    vi.useFakeTimers({ toFake: ['setInterval', 'clearInterval'] });
    view = { ...view, opensAt: at(60), startsAt: at(60) };
    open();
    await screen.findByText('This page opens by itself when the evening begins.');
    view = { ...view, opensAt: null };
    await vi.advanceTimersByTimeAsync(11_000);
    vi.useRealTimers();
    expect(await screen.findByText(/^Step 1 of/)).toBeTruthy();
  });

  it('without network opens by the clock', async () => {
    vi.useFakeTimers({ toFake: ['setInterval', 'clearInterval', 'Date'] });
    view = { ...view, opensAt: at(1), startsAt: at(1) };
    open();
    await screen.findByText('This page opens by itself when the evening begins.');
    vi.stubGlobal('fetch', () => Promise.reject(new TypeError('gone')));
    await vi.advanceTimersByTimeAsync(75_000);
    vi.useRealTimers();
    expect(await screen.findByText(/^Step 1 of/)).toBeTruthy();
  });
});

describe('a link that opens nothing', () => {
  it.each([
    [404, /does not lead to a seat/],
    [410, /This link has ended/],
    [429, /Too many wrong links/],
    [500, /has trouble/],
  ])('answered with %d says so, and may be tried again', async (status, told) => {
    server.on(getSeat, () => {
      throw new Refused(status, 'No');
    });
    const user = open();
    expect(await screen.findByText(told)).toBeTruthy();
    server.on(getSeat, () => view);
    await user.click(screen.getByRole('button', { name: 'Try again' }));
    expect(await screen.findByText(/^Step 1 of/)).toBeTruthy();
  });
});

describe('a step that is measured', () => {
  beforeEach(() => {
    const [first, ...rest] = view.steps;
    if (!first) throw new Error('no step');
    const measure = {
      unit: 'volt' as const,
      at: { en: 'from TP1 to GND' },
      least: 4.75,
      most: 5.25,
    };
    view = { ...view, steps: [{ ...first, own: { words: { measure } } }, ...rest] };
  });
  const type = async (user: ReturnType<typeof open>, text: string) => {
    await user.type(await screen.findByLabelText('What does the meter show, in volts?'), text);
    await user.click(screen.getByRole('button', { name: 'Check my reading' }));
  };

  it('says where and what is right, and goes on with a reading that is', async () => {
    const user = open();
    expect(
      await screen.findByText('Measure from TP1 to GND. Right is 4.75 V to 5.25 V.'),
    ).toBeTruthy();
    expect(screen.queryByRole('button', { name: /Go on/ })).toBeNull();
    await type(user, '4.98');
    await user.click(await screen.findByRole('button', { name: /Go on/ }));
    expect(await screen.findByText(/^Step 2 of/)).toBeTruthy();
  });

  it('that is not right asks for help and waits for staff, even when the next reading is', async () => {
    const user = open();
    await type(user, '2');
    await screen.findByText(/That is less than it should be/);
    await waitFor(() => expect(kinds()).toEqual(['reading', 'mistake', 'help-asked']));
    await type(user, '5');
    await screen.findByText('That is right.');
    const held = screen.getByRole<HTMLButtonElement>('button', { name: 'On hold' });
    expect(held.disabled).toBe(true);
    const failed = sent.find(({ kind }) => kind === 'mistake');
    if (!failed) throw new Error('no failure was sent');
    const released: BuildEvent = {
      kind: 'released',
      stepId: view.steps[0]?.id ?? '',
      failed: [failed.id],
      id: '00000000-0000-7000-8000-000000000001',
      seatId: view.seatId,
      at: new Date().toISOString(),
      by: 'instructor',
    };
    HandStream.last?.bring({ seq: 99, event: released });
    await user.click(await screen.findByRole('button', { name: /Go on/ }));
    expect(await screen.findByText(/^Step 2 of/)).toBeTruthy();
  });

  it('is let go on at the seat where there is no network', async () => {
    const user = open();
    await type(user, '2');
    await screen.findByText(/That is less than it should be/);
    expect(screen.queryByRole('button', { name: /No network/ })).toBeNull();
    vi.stubGlobal('fetch', () => Promise.reject(new TypeError('gone')));
    HandStream.last?.fail();
    await user.click(await screen.findByRole('button', { name: /No network/ }));
    await user.click(await screen.findByRole('button', { name: /Go on/ }));
    expect(await screen.findByText(/^Step 2 of/)).toBeTruthy();
  });
});

it('a step that is done many times is counted', async () => {
  const [first, ...rest] = view.steps;
  if (!first) throw new Error('no step');
  const repeat = { times: 64, jig: { en: 'two strips of wood' } };
  view = { ...view, steps: [{ ...first, own: { words: { repeat } } }, ...rest] };
  const user = open();
  await screen.findByText('64 times, on this jig: two strips of wood');
  await user.click(screen.getByRole('button', { name: 'One more done' }));
  await user.click(screen.getByRole('button', { name: 'One more done' }));
  await user.click(screen.getByRole('button', { name: 'One less' }));
  expect(await screen.findByText('1 of 64')).toBeTruthy();
  // Nobody goes on by a slip at the first of sixty-four.
  expect(screen.queryByRole('button', { name: /^Done/ })).toBeNull();
  await user.click(screen.getByRole('button', { name: 'All 64 are done' }));
  await waitFor(() =>
    expect(sent.map((one) => 'pieces' in one && one.pieces)).toEqual([1, 2, 1, 64]),
  );
  await user.click(await screen.findByRole('button', { name: /^Done/ }));
  expect(await screen.findByText(/^Step 2 of/)).toBeTruthy();
});

describe('a seat at work', () => {
  it('goes on step by step, and back', async () => {
    const user = open();
    await screen.findByText(/^Step 1 of/);
    await user.click(screen.getByRole('button', { name: /^(Done|Yes)/ }));
    expect(await screen.findByText(/^Step 2 of/)).toBeTruthy();
    await waitFor(() => expect(kinds()).toEqual(['step-done']));
    await user.click(screen.getByRole('button', { name: /Back/ }));
    expect(await screen.findByText(/^Step 1 of/)).toBeTruthy();
    await waitFor(() => expect(kinds()).toEqual(['step-done', 'step-reopened']));
  });

  it('calls for help once, and takes the call back', async () => {
    const user = open();
    await screen.findByText(/^Step 1 of/);
    const help = screen.getByRole<HTMLButtonElement>('button', { name: /help/i });
    await user.click(help);
    await waitFor(() => expect(kinds()).toEqual(['help-asked']));
    expect(help.disabled).toBe(true);
    const [withdraw] = screen
      .getAllByRole('button')
      .filter((button) =>
        /no longer|not needed|solved|withdraw|without/i.test(button.textContent ?? ''),
      );
    if (!withdraw) throw new Error('no way to take it back');
    await user.click(withdraw);
    await waitFor(() =>
      expect(sent.at(-1)).toMatchObject({ kind: 'help-withdrawn', asked: sent[0]?.id }),
    );
    expect(help.disabled).toBe(false);
  });

  it('goes on where its log left it, whatever device it is', async () => {
    const done = view.steps.slice(0, 2).map(
      ({ id }, index): BuildEvent => ({
        kind: 'step-done',
        stepId: id,
        id: `01900000-0000-7000-8000-00000000000${index}`,
        seatId: view.seatId,
        at: at(-10 + index),
        by: 'learner',
      }),
    );
    view = { ...view, events: done.map((event, index) => ({ seq: index + 1, event })) };
    open();
    expect(await screen.findByText(/^Step 3 of/)).toBeTruthy();
  });

  it('keeps an entry that is not taken, with a way to send it again and to let it go', async () => {
    server.on(reportFromSeat, () => {
      throw new Refused(409, 'The id of this entry is in use.');
    });
    const user = open();
    await screen.findByText(/^Step 1 of/);
    await user.click(screen.getByRole('button', { name: /^(Done|Yes)/ }));
    expect(await screen.findByText(/One entry could not be saved/)).toBeTruthy();
    // What was not saved has not happened.
    expect(screen.getByText(/^Step 1 of/)).toBeTruthy();
    server.on(reportFromSeat, ({ body }) => {
      sent.push(...body.events);
      return { accepted: body.events.map(({ id }) => id), now: new Date().toISOString() };
    });
    await user.click(screen.getByRole('button', { name: 'Try again' }));
    expect(await screen.findByText(/^Step 2 of/)).toBeTruthy();
    expect(screen.queryByText(/could not be saved/)).toBeNull();
    expect(kinds()).toEqual(['step-done']);
  });
});

describe('a learner who comes for the first time', () => {
  beforeEach(() => {
    view = { ...view, events: [], partner: 'Skua', kitDescription: 'A lamp for a shelf.' };
  });

  it('is met: what is built, with whom, glasses, the bag; then the first step', async () => {
    const user = open();
    expect(await screen.findByRole('heading', { name: 'Hello Tern' })).toBeTruthy();
    expect(screen.getByText(/You build: Small Lamp You work with Skua\./)).toBeTruthy();
    expect(screen.getByText('A lamp for a shelf.')).toBeTruthy();
    expect(screen.getByText(/Put your glasses on/)).toBeTruthy();
    expect(screen.queryByRole('button', { name: /^Done/ })).toBeNull();
    await user.click(screen.getByRole('button', { name: 'Begin with step 1' }));
    expect(await screen.findByText(/^Step 1 of/)).toBeTruthy();
    await waitFor(() => expect(kinds()).toEqual(['greeted']));
  });

  it('tells what is missing in the bag, and takes it back', async () => {
    const user = open();
    const [missing] = await screen.findAllByRole('button', { name: /^Missing: / });
    if (!missing) throw new Error('nothing in the bag');
    await user.click(missing);
    await waitFor(() => expect(kinds()).toEqual(['part-missing', 'help-asked']));
    expect(sent[1]).toMatchObject({ about: 'lost' });
    expect(missing.getAttribute('aria-pressed')).toBe('true');
    await user.click(missing);
    await waitFor(() => expect(kinds().at(-1)).toBe('undo'));
    // Still met, and not at the first step yet.
    expect(screen.getByRole('button', { name: 'Begin with step 1' })).toBeTruthy();
  });

  it('is not met again after staff have put the seat at a step', async () => {
    const [first, second] = view.steps;
    const put: BuildEvent = {
      kind: 'put-at',
      stepId: second?.id ?? '',
      id: '01900000-0000-7000-8000-0000000000fe',
      seatId: view.seatId,
      at: at(-5),
      by: 'instructor',
    };
    view = { ...view, events: [{ seq: 1, event: put }] };
    open();
    expect(await screen.findByText(/^Step 2 of/)).toBeTruthy();
    expect(first).toBeTruthy();
  });
});

describe('a learner who has finished', () => {
  it('sees what was built, and says how it was', async () => {
    const done = view.steps.map(
      ({ id }, index): BuildEvent => ({
        kind: 'step-done',
        stepId: id,
        id: `01900000-0000-7000-8000-0000000001${String(index).padStart(2, '0')}`,
        seatId: view.seatId,
        at: at(-60 + index),
        by: 'learner',
      }),
    );
    view = { ...view, events: done.map((event, index) => ({ seq: index + 1, event })) };
    const user = open();
    expect(await screen.findByText(/soldered joints/)).toBeTruthy();
    expect(screen.getByText(/has not recorded a check of your joints/)).toBeTruthy();
    expect(screen.getByRole('link', { name: /Sheet to take home/ }).getAttribute('href')).toContain(
      '/api/seats/token-of-seat-1/take-home.pdf',
    );
    await user.type(screen.getByLabelText(/should be different/), 'More light');
    await user.click(screen.getByRole('button', { name: 'Good' }));
    await waitFor(() =>
      expect(sent.at(-1)).toMatchObject({ kind: 'feedback', face: 3, text: 'More light' }),
    );
    expect(screen.getByText(/Thank you/)).toBeTruthy();
  });
});

describe('what is wrong and is none of the usual mistakes', () => {
  it('is said in words with a call for help', async () => {
    const user = open();
    await screen.findByText(/^Step 1 of/);
    await user.click(screen.getByRole('button', { name: /wrong/i }));
    await user.click(await screen.findByRole('button', { name: 'Something else' }));
    await user.type(screen.getByLabelText(/Say what it is/), 'My iron is cold');
    await user.click(screen.getAllByRole('button', { name: /help/i }).at(-1) as HTMLElement);
    await waitFor(() =>
      expect(sent.at(-1)).toMatchObject({
        kind: 'help-asked',
        about: 'question',
        text: 'My iron is cold',
      }),
    );
  });

  it('can be a part that is not found', async () => {
    const user = open();
    await screen.findByText(/^Step 1 of/);
    await user.click(screen.getByRole('button', { name: /wrong/i }));
    await user.click(await screen.findByRole('button', { name: 'I cannot find the part' }));
    await waitFor(() => expect(kinds()).toEqual(['part-missing', 'help-asked']));
    expect(screen.getByText(/^Missing: R/)).toBeTruthy();
  });
});

describe('a seat whose workshop is changed while it is open', () => {
  it('begins anew with another kit or number', async () => {
    open();
    expect(await screen.findByText('Seat 1')).toBeTruthy();
    view = { ...view, number: 2 };
    act(() => HandStream.last?.fail());
    expect(await screen.findByText('Seat 2')).toBeTruthy();
  });

  it('hears of what was changed before its stream was open', async () => {
    open();
    expect(await screen.findByText('Seat 1')).toBeTruthy();
    view = { ...view, number: 2 };
    act(() => HandStream.last?.open());
    expect(await screen.findByText('Seat 2')).toBeTruthy();
  });

  it('says that it is cancelled', async () => {
    open();
    await screen.findByText(/^Step 1 of/);
    server.on(getSeat, () => {
      throw new Refused(410, 'refusals.seats.theWorkshopIsCancelled');
    });
    act(() => HandStream.last?.fail());
    expect(await screen.findByText(/This workshop is cancelled/)).toBeTruthy();
  });

  it('stays as it is where only the network is gone', async () => {
    open();
    await screen.findByText(/^Step 1 of/);
    server.on(getSeat, () => {
      throw new TypeError('no network');
    });
    act(() => HandStream.last?.fail());
    expect(await screen.findByText(/No network/)).toBeTruthy();
    expect(screen.getByText(/^Step 1 of/)).toBeTruthy();
  });
});
