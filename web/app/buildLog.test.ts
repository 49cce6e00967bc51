import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { SentEvent, StreamedEvent } from '#contract/events';
import type { Problem } from '#contract/problem';
import { said } from '#core/learning/said';
import { BuildLog } from './buildLog.ts';
import { CallProblem } from './call.ts';
import { Outbox } from './outbox.ts';
import { HandStream, MemoryStorage } from './testing/browser.ts';

let storage: MemoryStorage;
/** What else the device keeps. */
let device: MemoryStorage;
let sentBatches: SentEvent[][];
/** How the server answers; a test sets it. */
let answer: (events: readonly SentEvent[]) => unknown;

const problem = (status: number, detail: string): Problem => ({
  type: 'about:blank',
  title: 'No',
  status,
  detail,
  says: { title: said('No'), detail: said(detail) },
});
const noNetwork = () => {
  throw new CallProblem(problem(0, 'gone'));
};
const refuse = (status: number) => () => {
  throw new CallProblem(problem(status, 'Not like that.'));
};
const now = '2026-03-05T18:30:00.000Z';

beforeEach(() => {
  storage = new MemoryStorage();
  sentBatches = [];
  answer = () => {};
  vi.useFakeTimers({ now: Date.parse(now) });
  device = new MemoryStorage();
  vi.stubGlobal('localStorage', device);
  vi.stubGlobal('EventSource', HandStream);
  vi.stubGlobal('addEventListener', () => {});
  vi.stubGlobal('removeEventListener', () => {});
});
afterEach(() => {
  vi.useRealTimers();
  vi.unstubAllGlobals();
});

const seat1 = '00000000-0000-4000-8000-000000000001';
const seat2 = '00000000-0000-4000-8000-000000000002';
/** An id that can be told from others: `a` and so on. */
const idOf = (letter: string) =>
  `00000000-0000-4000-8000-0000000000${letter.charCodeAt(0).toString(16).padStart(2, '0')}`;

const newLog = () =>
  new BuildLog({
    author: 'learner',
    outbox: new Outbox({ of: 'seat' }, storage),
    keptAs: `log.${seat1}`,
    send: async (events) => {
      await answer(events);
      sentBatches.push([...events]);
      return { accepted: events.map(({ id }) => id), now: new Date().toISOString() };
    },
    streamPath: (after) => `/stream?after=${after}`,
  });

const settle = () => vi.advanceTimersByTimeAsync(0);
const state = (log: BuildLog) => log.store.getState();
const done = (stepId: string) => ({ kind: 'step-done' as const, stepId });
const fromServer = (seq: number, id: string, seatId = seat1): StreamedEvent => ({
  seq,
  event: { ...done('one'), id: idOf(id), seatId, at: now, by: 'learner' },
});

describe('telling several seats', () => {
  const words = { kind: 'message', message: idOf('m'), sort: 'look', text: 'Look here' } as const;

  it('is one entry, sent once, that shows at each of them; refused it is gone from each', async () => {
    const log = newLog();
    log.reportTogether([seat1, seat2], words);
    await settle();
    expect(sentBatches.flat()).toMatchObject([{ seatId: seat1, alsoAt: [seat2] }]);
    expect([seat1, seat2].map((id) => state(log).bySeat[id]?.length)).toEqual([1, 1]);
    answer = refuse(404);
    log.reportTogether([seat2, seat1], words);
    await settle();
    expect([seat1, seat2].map((id) => state(log).bySeat[id]?.length)).toEqual([1, 1]);
    expect(state(log).aside.map(({ event }) => event.seatId)).toEqual([seat2]);
  });

  it('is nothing where there is none', async () => {
    const log = newLog();
    log.reportTogether([], words);
    await settle();
    expect(sentBatches).toEqual([]);
  });
});

describe('reporting', () => {
  it('shows at once, is sent, and waits no longer when acknowledged', async () => {
    const log = newLog();
    const event = log.report(seat1, done('one'));
    expect(state(log).bySeat[seat1]).toEqual([{ ...event, by: 'learner' }]);
    expect(state(log).unsent).toEqual(new Set([event.id]));
    await settle();
    expect(sentBatches).toEqual([[event]]);
    expect(state(log).unsent.size).toBe(0);
    expect(storage.length).toBe(0);
  });

  it('without network keeps everything, says so, and sends it in order when the network is back', async () => {
    answer = noNetwork;
    const log = newLog();
    const one = log.report(seat1, done('one'));
    await settle();
    const two = log.report(seat1, done('two'));
    await settle();
    expect(state(log).connected).toBe(false);
    expect(state(log).unsent.size).toBe(2);
    answer = () => {};
    await vi.advanceTimersByTimeAsync(3000);
    expect(sentBatches).toEqual([[one, two]]);
    expect(state(log).unsent.size).toBe(0);
  });

  it('tries again where a request is lost without a word', async () => {
    answer = () => new Promise(() => {});
    const log = newLog();
    const one = log.report(seat1, done('one'));
    await settle();
    answer = () => {};
    await vi.advanceTimersByTimeAsync(7000);
    expect(sentBatches).toEqual([]);
    await vi.advanceTimersByTimeAsync(5000);
    expect(sentBatches).toEqual([[one]]);
    expect(state(log).unsent.size).toBe(0);
  });

  it('survives a reload: a new page sends what the old one could not', async () => {
    answer = noNetwork;
    const before = newLog();
    const event = before.report(seat1, done('one'));
    await settle();
    vi.clearAllTimers();
    answer = () => {};
    const after = newLog();
    expect(state(after).bySeat[seat1]).toEqual([{ ...event, by: 'learner' }]);
    const stop = after.follow();
    await settle();
    expect(sentBatches).toEqual([[event]]);
    stop();
  });

  it('sends what waits of several seats in one request', async () => {
    answer = noNetwork;
    const log = newLog();
    log.report(seat1, done('one'));
    log.report(seat2, done('one'));
    await settle();
    answer = () => {};
    await vi.advanceTimersByTimeAsync(3000);
    expect(sentBatches.map((batch) => batch.map(({ seatId }) => seatId))).toEqual([[seat1, seat2]]);
  });

  it('sends what is said to many seats at once in one request', async () => {
    const log = newLog();
    for (const seat of [seat1, seat2]) log.report(seat, done('one'));
    await settle();
    expect(sentBatches.map((batch) => batch.length)).toEqual([2]);
  });

  it('sets aside only what the server refuses for good, with the reason, and the rest goes on', async () => {
    answer = noNetwork;
    const log = newLog();
    const good = log.report(seat1, done('one'));
    const bad = log.report(seat1, done('none'));
    await settle();
    answer = (events) => {
      if (events.some(({ id }) => id === bad.id)) refuse(422)();
    };
    await vi.advanceTimersByTimeAsync(3000);
    expect(sentBatches).toEqual([[good]]);
    expect(state(log).bySeat[seat1]?.map(({ id }) => id)).toEqual([good.id]);
    expect(state(log).unsent.size).toBe(0);
    const [aside] = state(log).aside;
    expect(aside).toEqual({ event: bad, reason: 'Not like that.' });
    // Also after a reload.
    expect(state(newLog()).aside).toEqual([aside]);
    answer = () => {};
    if (aside) log.tryAgain(aside);
    await settle();
    expect(sentBatches.at(-1)).toEqual([bad]);
    expect(state(log).aside).toEqual([]);
    expect(state(log).bySeat[seat1]?.map(({ id }) => id)).toEqual([good.id, bad.id]);
  });

  it('lets go of what was set aside when somebody says so', async () => {
    answer = refuse(409);
    const log = newLog();
    log.report(seat1, done('one'));
    await settle();
    const [aside] = state(log).aside;
    if (aside) log.discard(aside);
    expect(state(log).aside).toEqual([]);
    expect(storage.length).toBe(0);
    expect(sentBatches).toEqual([]);
  });

  it('finds the one entry over which the server stumbles each time, and sends the others', async () => {
    answer = noNetwork;
    const log = newLog();
    const [first, bad, last] = ['one', 'two', 'three'].map((step) => log.report(seat1, done(step)));
    await settle();
    answer = (events) => {
      if (events.some(({ id }) => id === bad?.id)) refuse(500)();
    };
    await vi.advanceTimersByTimeAsync(60_000);
    expect(sentBatches.flat().map(({ id }) => id)).toEqual([first?.id, last?.id]);
    expect(state(log).aside.map(({ event }) => event.id)).toEqual([bad?.id]);
    expect(state(log).unsent.size).toBe(0);
  });

  it.each([401, 429, 500, 503])(
    'keeps what a server in trouble answers with %s',
    async (status) => {
      answer = refuse(status);
      const log = newLog();
      log.report(seat1, done('one'));
      await settle();
      expect(state(log).unsent.size).toBe(1);
      answer = () => {};
      await vi.advanceTimersByTimeAsync(3000);
      expect(state(log).unsent.size).toBe(0);
    },
  );
});

describe('following', () => {
  it('begins behind what the snapshot held, and takes each event once', () => {
    const log = newLog();
    log.load([fromServer(4, 'a'), fromServer(9, 'b')], now);
    const stop = log.follow();
    expect(HandStream.last?.url).toBe('/stream?after=9');
    HandStream.last?.bring(fromServer(10, 'c'));
    HandStream.last?.bring(fromServer(10, 'c'));
    expect(state(log).bySeat[seat1]?.map(({ id }) => id)).toEqual(['a', 'b', 'c'].map(idOf));
    stop();
    expect(HandStream.last?.closed).toBe(true);
  });

  it('replaces what the device assumed by what the server stored', async () => {
    const log = newLog();
    const event = log.report(seat1, done('one'));
    const stop = log.follow();
    const stored = {
      seq: 1,
      event: { ...event, by: 'learner' as const, at: '2026-03-05T18:29:00.000Z' },
    };
    HandStream.last?.bring(stored);
    expect(state(log).bySeat[seat1]).toEqual([stored.event]);
    stop();
  });

  it('leaves the lists of other seats untouched, so that only one lane is drawn again', () => {
    const log = newLog();
    log.load([fromServer(1, 'a', seat1), fromServer(2, 'b', seat2)], now);
    const before = state(log).bySeat[seat2];
    const stop = log.follow();
    HandStream.last?.bring(fromServer(3, 'c', seat1));
    expect(state(log).bySeat[seat2]).toBe(before);
    stop();
  });

  it('says when the stream is cut and when it is back', async () => {
    const log = newLog();
    const stop = log.follow();
    HandStream.last?.fail();
    expect(state(log).connected).toBe(false);
    await vi.advanceTimersByTimeAsync(3000);
    HandStream.last?.open();
    await settle();
    expect(state(log).connected).toBe(true);
    stop();
  });

  it('takes what is told together as an entry of each seat', () => {
    const log = newLog();
    const stop = log.follow();
    const { seq, event } = fromServer(3, 'a', seat1);
    HandStream.last?.bring({ seq, event: { ...event, alsoAt: [seat2] } });
    expect(state(log).bySeat[seat1]).toEqual([event]);
    expect(state(log).bySeat[seat2]).toEqual([{ ...event, seatId: seat2 }]);
    stop();
  });

  it('tells of what may have changed unheard whenever a stream opens', async () => {
    const log = newLog();
    const stop = log.follow();
    HandStream.last?.open();
    expect(state(log).changes).toBe(1);
    HandStream.last?.fail();
    expect(state(log).changes).toBe(1);
    await vi.advanceTimersByTimeAsync(3000);
    HandStream.last?.open();
    expect(state(log).changes).toBe(2);
    stop();
  });

  it('opens one stream in the place of another that failed, behind what it has seen', async () => {
    const log = newLog();
    const stop = log.follow();
    const first = HandStream.last;
    first?.open();
    first?.bring(fromServer(7, 'a'));
    const opened = HandStream.opened;
    first?.fail();
    await vi.advanceTimersByTimeAsync(3000);
    expect(first?.closed).toBe(true);
    expect(HandStream.opened).toBe(opened + 1);
    expect(HandStream.last?.url).toBe('/stream?after=7');
    // Once it is open it stays, however little it brings.
    HandStream.last?.open();
    await vi.advanceTimersByTimeAsync(60_000);
    expect(HandStream.opened).toBe(opened + 1);
    expect(HandStream.last?.closed).toBe(false);
    stop();
  });

  it('gives a stream up that has no answer, since bad Wi-Fi drops some without a word', async () => {
    const log = newLog();
    const stop = log.follow();
    const lost = HandStream.last;
    const opened = HandStream.opened;
    await vi.advanceTimersByTimeAsync(8000);
    expect(lost?.closed).toBe(true);
    expect(state(log).connected).toBe(false);
    await vi.advanceTimersByTimeAsync(3000);
    expect(HandStream.opened).toBe(opened + 1);
    stop();
  });

  it('opens no stream once the page is left', async () => {
    const log = newLog();
    const stop = log.follow();
    const opened = HandStream.opened;
    HandStream.last?.fail();
    stop();
    await vi.advanceTimersByTimeAsync(10_000);
    expect(HandStream.opened).toBe(opened);
  });
});

describe('the clock', () => {
  const ahead = (ms: number): StreamedEvent => {
    const { seq, event } = fromServer(1, 'l');
    return { seq, event: { ...event, at: new Date(Date.parse(now) + ms).toISOString() } };
  };

  it('is the server’s, however wrong the device’s is', async () => {
    const log = newLog();
    log.load([], '2026-03-05T19:30:00.000Z');
    const event = log.report(seat1, done('one'));
    expect(event.at).toBe('2026-03-05T19:30:00.000Z');
    await vi.advanceTimersByTimeAsync(60_000);
  });

  it('is never behind what the device has seen of a seat, though its answer took long', () => {
    const log = newLog();
    log.load([ahead(900)], now);
    const next = log.report(seat1, done('two'));
    expect(Date.parse(next.at)).toBe(Date.parse(now) + 901);
    expect(Date.parse(log.report(seat1, done('three')).at)).toBe(Date.parse(now) + 902);
    expect(log.report(seat2, done('one')).at).toBe(now);
  });

  it('is not taken along by an entry that is an hour ahead', () => {
    const log = newLog();
    log.load([ahead(3_600_000)], now);
    expect(log.report(seat1, done('one')).at).toBe(now);
  });
});

describe('a device without network', () => {
  it('knows after a reload what came in before it, and what it has not sent', async () => {
    const before = newLog();
    before.load([fromServer(1, 'l')], now);
    before.follow();
    HandStream.last?.open();
    HandStream.last?.bring(fromServer(2, 's'));
    await vi.advanceTimersByTimeAsync(6000);
    answer = noNetwork;
    const unsent = before.report(seat1, done('two'));
    await settle();

    const after = newLog();
    // The snapshot is from before; the log has grown since.
    await after.load([fromServer(1, 'l')]);
    const ids = (state(after).bySeat[seat1] ?? []).map(({ id }) => id);
    expect(ids.sort()).toEqual([idOf('l'), idOf('s'), unsent.id].sort());
    expect(state(after).unsent).toEqual(new Set([unsent.id]));
  });

  it('goes on by the right time, though its clock is an hour wrong', async () => {
    const anHour = 60 * 60_000;
    await newLog().load([], new Date(Date.now() - anHour).toISOString());
    const after = newLog();
    await after.load([]);
    expect(after.now().getTime()).toBe(Date.now() - anHour);
  });

  it('does without the kept log where the device’s store is full', async () => {
    const log = newLog();
    device.setItem = () => {
      throw new DOMException('full', 'QuotaExceededError');
    };
    await log.load([fromServer(1, 'l')]);
    await vi.advanceTimersByTimeAsync(6000);
    expect(state(log).bySeat[seat1]).toHaveLength(1);
  });
});
