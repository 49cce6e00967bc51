import { v7 as newEventId } from 'uuid';
import { createStore, type StoreApi } from 'zustand/vanilla';
import type { EventsAccepted, SentEvent, StreamedEvent } from '#contract/events';
import { keptEvents } from '#contract/keptKinds';
import type { Author, BuildEvent, Deed } from '#core/build/event';
import { type AtSeats, atEachSeat, type LoggedEvent, seatsOf } from '#core/build/together';
import { CallProblem } from './call.ts';
import { keep, keepClockOffset, kept, keptClockOffset } from './kept.ts';
import type { Outbox, SetAside } from './outbox.ts';

/** The log of build events as this device knows it: what the server has, and what waits to be sent. */
export interface BuildLogState {
  /** By seat, in no particular order; a seat's list is replaced only when something was added to it. */
  readonly bySeat: Readonly<Record<string, readonly BuildEvent[]>>;
  /** Ids that the server has not acknowledged. */
  readonly unsent: ReadonlySet<string>;
  readonly connected: boolean;
  /**
   * Rises where the workshop itself may be another now, its seats, its times, its kit: the server says so, or may have
   * said so before this stream was open.
   */
  readonly changes: number;
  /** What the server did not take, with what it said; kept on this device until somebody decides. */
  readonly aside: readonly SetAside[];
}

export interface BuildLogOptions {
  readonly author: Author;
  /** The helper's name, where it is one. */
  readonly helper?: string | undefined;
  readonly outbox: Outbox;
  /** The name under which the device keeps the log as it grows, for a reload without network. */
  readonly keptAs: string;
  /** Sends entries together, of one seat or of several. */
  readonly send: (events: readonly SentEvent[]) => Promise<EventsAccepted>;
  /** The stream to follow, resumed behind the given place. */
  readonly streamPath: (afterSeq: number) => string;
}

/** How long to wait before trying again to send or to follow, in ms: the room's Wi-Fi is usually back within seconds. */
const retryMs = 3000;

/** A request that has no answer after so long, in ms, is lost on the way: bad Wi-Fi drops some without a word. */
const answerMs = 8000;

/**
 * What a device knows of the server's clock is off by the time that an answer takes, in ms at most. Within it, what
 * somebody does after seeing something is later than it (a hybrid logical clock; Kulkarni and others, 2014).
 */
const mostSkewMs = 8000;

/** So many faults in a row, and what is sent is what the server stumbles over: entry by entry it is found and set aside. */
const mostFaults = 3;

/** So many entries go in one request at most: a message to the largest room does. */
const mostTogether = 100;

/** The log is kept at most this often, in ms: a full room's is a megabyte. */
const keepMs = 5000;

/**
 * Follows a live log and adds to it. What is reported shows at once, is kept in the outbox, and is sent when the
 * network allows; sending twice does no harm, since the event's id is made here.
 */
export class BuildLog {
  readonly store: StoreApi<BuildLogState>;
  readonly #options: BuildLogOptions;
  #stream: EventSource | undefined;
  #lastSeq = 0;
  #sending = false;
  /** Faults of the server in a row. */
  #faults = 0;
  #retry: ReturnType<typeof setTimeout> | undefined;
  #keepSoon: ReturnType<typeof setTimeout> | undefined;
  #reopen: ReturnType<typeof setTimeout> | undefined;
  /** The server's clock minus this device's, in ms. */
  #clockOffset = keptClockOffset();

  constructor(options: BuildLogOptions) {
    this.#options = options;
    const waiting = options.outbox.waiting();
    this.store = createStore<BuildLogState>(() => ({
      bySeat: {},
      unsent: new Set(waiting.map(({ id }) => id)),
      connected: true,
      changes: 0,
      aside: options.outbox.setAside(),
    }));
    this.#add(waiting.map((event) => this.#asLogged(event)));
  }

  /**
   * Takes over what a snapshot of the server holds.
   *
   * @param now the server's time; absent where the snapshot was kept from before, and the clock goes on by what is known
   */
  async load(events: readonly StreamedEvent[], now?: string): Promise<void> {
    if (now !== undefined) this.#setClock(now);
    this.#receive(events);
    if (now === undefined) this.#add((await kept(keptEvents, this.#options.keptAs)) ?? []);
  }

  /** Starts following the server; returns a function that stops. */
  follow(): () => void {
    this.#openStream();
    const online = () => void this.flush();
    addEventListener('online', online);
    addEventListener('pagehide', this.#keepNow);
    void this.flush();
    return () => {
      this.#stream?.close();
      clearTimeout(this.#retry);
      clearTimeout(this.#reopen);
      removeEventListener('online', online);
      removeEventListener('pagehide', this.#keepNow);
      this.#keepNow();
    };
  }

  /** Opens the stream behind what is known; opens another where this one fails, or stays without an answer. */
  #openStream(): void {
    const stream = new EventSource(this.#options.streamPath(this.#lastSeq));
    this.#stream = stream;
    // The browser's own trying again is not enough: it gives up where the server answers with an error, as one that is
    // just starting does, and waits for minutes behind a request that was lost on the way.
    const openAnother = () => {
      stream.close();
      clearTimeout(this.#reopen);
      this.store.setState({ connected: false });
      this.#reopen = setTimeout(() => this.#openStream(), retryMs);
    };
    this.#reopen = setTimeout(openAnother, answerMs);
    stream.onopen = () => {
      clearTimeout(this.#reopen);
      this.store.setState(({ changes }) => ({ connected: true, changes: changes + 1 }));
      void this.flush();
    };
    stream.onerror = openAnother;
    stream.addEventListener('changed', () =>
      this.store.setState(({ changes }) => ({ changes: changes + 1 })),
    );
    stream.onmessage = ({ data }) => this.#receive([JSON.parse(data as string) as StreamedEvent]);
  }

  /** The time by the server's clock. */
  readonly now = (): Date => new Date(Date.now() + this.#clockOffset);

  /** Records a deed at a seat, now. */
  report(seatId: string, deed: Deed): SentEvent {
    return this.#record({ seatId }, deed);
  }

  /** Records what is told to several seats, now: one entry for all of them; nothing where there are none. */
  reportTogether([seatId, ...alsoAt]: readonly string[], deed: Deed): void {
    if (seatId !== undefined) this.#record({ seatId, alsoAt }, deed);
  }

  #record(where: AtSeats, deed: Deed): SentEvent {
    const at = this.#after(seatsOf(where)).toISOString();
    const event: SentEvent = { ...deed, id: newEventId(), ...where, at };
    this.#options.outbox.add(event);
    this.store.setState(({ unsent }) => ({ unsent: new Set([...unsent, event.id]) }));
    this.#add([this.#asLogged(event)]);
    void this.flush();
    return event;
  }

  /** Now, or just after what is known of some seats where this device's clock is a little behind others'. */
  #after(seatIds: readonly string[]): Date {
    const now = this.now().getTime();
    const { bySeat } = this.store.getState();
    const seen = seatIds
      .flatMap((id) => bySeat[id] ?? [])
      .map(({ at }) => Date.parse(at))
      .filter((at) => at <= now + mostSkewMs);
    return new Date(Math.max(now, ...seen.map((at) => at + 1)));
  }

  #asLogged(event: SentEvent): LoggedEvent {
    const { author, helper } = this.#options;
    return { ...event, by: author, ...(helper === undefined ? {} : { helper }) };
  }

  /** Sends what waits, oldest first; tries again by itself as long as something waits. */
  async flush(): Promise<void> {
    if (this.#sending) return;
    this.#sending = true;
    clearTimeout(this.#retry);
    // What is said to many seats at once goes in one request.
    await Promise.resolve();
    try {
      for (
        let waiting = this.#options.outbox.waiting();
        waiting.length > 0;
        waiting = this.#options.outbox.waiting()
      ) {
        await this.#deliver(waiting.slice(0, mostTogether));
      }
      if (this.#stream?.readyState === EventSource.OPEN) this.store.setState({ connected: true });
    } catch {
      this.store.setState({ connected: false });
      this.#retry = setTimeout(() => void this.flush(), retryMs);
    } finally {
      this.#sending = false;
    }
  }

  /** Sends again what was set aside. */
  tryAgain({ event }: SetAside): void {
    const { outbox } = this.#options;
    outbox.add(event);
    outbox.discard(event.id);
    this.store.setState(({ unsent }) => ({
      aside: outbox.setAside(),
      unsent: new Set([...unsent, event.id]),
    }));
    this.#add([this.#asLogged(event)]);
    void this.flush();
  }

  /** Lets what was set aside go for good. */
  discard({ event }: SetAside): void {
    const { outbox } = this.#options;
    outbox.discard(event.id);
    this.store.setState({ aside: outbox.setAside() });
  }

  async #deliver(batch: readonly SentEvent[]): Promise<void> {
    try {
      const { now } = await answered(this.#options.send(batch));
      this.#faults = 0;
      this.#setClock(now);
      this.#settle(batch.map(({ id }) => id));
    } catch (error) {
      if (!(error instanceof CallProblem)) throw error;
      const { status, detail } = error.problem;
      if (status === 500) this.#faults += 1;
      if (!isFinal(status) && !(status === 500 && this.#faults >= mostFaults)) throw error;
      if (batch.length > 1) {
        for (const event of batch) await this.#deliver([event]);
        return;
      }
      for (const event of batch) this.#options.outbox.putAside(event, detail);
      this.#settle(batch.map(({ id }) => id));
      this.#drop(batch.map((event) => this.#asLogged(event)));
      this.store.setState({ aside: this.#options.outbox.setAside() });
    }
  }

  #setClock(now: string): void {
    this.#clockOffset = Date.parse(now) - Date.now();
    keepClockOffset(this.#clockOffset);
  }

  #settle(ids: readonly string[]): void {
    this.#options.outbox.remove(ids);
    this.store.setState(({ unsent }) => ({
      unsent: new Set([...unsent].filter((id) => !ids.includes(id))),
    }));
  }

  #receive(streamed: readonly StreamedEvent[]): void {
    for (const { seq } of streamed) this.#lastSeq = Math.max(this.#lastSeq, seq);
    this.#add(streamed.map(({ event }) => event));
  }

  /** Adds events, or replaces what the device assumed by what the server stored. */
  #add(events: readonly LoggedEvent[]): void {
    if (events.length === 0) return;
    this.store.setState(({ bySeat }) => {
      const next: Record<string, readonly BuildEvent[]> = { ...bySeat };
      for (const event of events.flatMap(atEachSeat)) {
        const others = (next[event.seatId] ?? []).filter(({ id }) => id !== event.id);
        next[event.seatId] = [...others, event];
      }
      return { bySeat: next };
    });
    this.#keepSoon ??= setTimeout(this.#keepNow, keepMs);
  }

  readonly #keepNow = (): void => {
    clearTimeout(this.#keepSoon);
    this.#keepSoon = undefined;
    const { bySeat, unsent } = this.store.getState();
    // What was not sent is in the outbox.
    const events = Object.values(bySeat).flat();
    keep(
      keptEvents,
      this.#options.keptAs,
      events.filter(({ id }) => !unsent.has(id)),
    );
  };

  #drop(events: readonly LoggedEvent[]): void {
    this.store.setState(({ bySeat }) => {
      const next: Record<string, readonly BuildEvent[]> = { ...bySeat };
      for (const { id, seatId } of events.flatMap(atEachSeat))
        next[seatId] = (next[seatId] ?? []).filter((event) => event.id !== id);
      return { bySeat: next };
    });
  }
}

/** The answer, or a failure where none comes: what waits must not wait behind a request that is lost. */
function answered<Answer>(asked: Promise<Answer>): Promise<Answer> {
  let timer: ReturnType<typeof setTimeout>;
  const lost = new Promise<never>((_, reject) => {
    timer = setTimeout(() => reject(new Error('no answer in time')), answerMs);
  });
  return Promise.race([asked, lost]).finally(() => clearTimeout(timer));
}

/** Whether trying again cannot help: the server understood and said no. */
const isFinal = (status: number): boolean =>
  status >= 400 && status < 500 && ![401, 408, 429].includes(status);
