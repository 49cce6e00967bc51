import { createServer, type Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { connect } from 'node:net';
import request from 'supertest';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import type { StreamedEvent } from '#contract/events';
import { seatStreamPath } from '#contract/seats';
import { type Seat, type Workshop, workshopStreamPath } from '#contract/workshops';
import { passphrase } from '../testing/owner.ts';
import { makeWorkshop, sent, type TestServer, testServer } from '../testing/testServer.ts';
import { streamsOfSeat } from './openStreams.ts';

let server: TestServer;
let http: Server;
let address: string;
let cookie: string;
let workshop: Workshop;
let seats: readonly [Seat, Seat];
beforeAll(async () => {
  server = await testServer();
  workshop = await makeWorkshop(server);
  seats = workshop.seats as unknown as [Seat, Seat];
  http = createServer(server.app);
  await new Promise<void>((resolve) => http.listen(0, '127.0.0.1', resolve));
  address = `http://127.0.0.1:${(http.address() as AddressInfo).port}`;
  const signedIn = await request(server.app).post('/api/session').send({ passphrase });
  cookie = signedIn.headers['set-cookie']?.[0]?.split(';')[0] ?? '';
});
afterAll(async () => {
  http.closeAllConnections();
  await new Promise((resolve) => http.close(resolve));
  await server.db.close();
});

/** Reads a stream until it has brought so many events. */
class Listener {
  readonly #abort = new AbortController();
  readonly events: StreamedEvent[] = [];
  readonly ids: string[] = [];
  #reader: ReadableStreamDefaultReader<string> | undefined;
  #text = '';

  async open(path: string, headers: Record<string, string> = {}): Promise<Response> {
    const response = await fetch(address + path, { headers, signal: this.#abort.signal });
    this.#reader = response.body?.pipeThrough(new TextDecoderStream()).getReader();
    return response;
  }

  async until(count: number): Promise<StreamedEvent[]> {
    while (this.events.length < count) {
      const chunk = await this.#reader?.read();
      if (!chunk || chunk.done) throw new Error('the stream ended');
      this.#text += chunk.value;
      const blocks = this.#text.split('\n\n');
      this.#text = blocks.pop() ?? '';
      for (const block of blocks) {
        const data = /^data: (.*)$/m.exec(block)?.[1];
        const id = /^id: (.*)$/m.exec(block)?.[1];
        if (!data || !id) continue;
        this.events.push(JSON.parse(data));
        this.ids.push(id);
      }
    }
    return this.events;
  }

  close(): void {
    this.#abort.abort();
  }
}

const report = (seat: Seat) => {
  const event = sent(seat.id, { kind: 'step-reopened', stepId: 'solder-D1' });
  return request(server.app)
    .post(`/api/seats/${seat.token}/events`)
    .send({ events: [event] })
    .expect(200)
    .then(() => event.id);
};
const idsOf = (events: readonly StreamedEvent[]) => events.map(({ event }) => event.id);

describe('the stream of a workshop', () => {
  it('is one of server-sent events that no proxy keeps', async () => {
    const listener = new Listener();
    const response = await listener.open(workshopStreamPath(workshop.id), { Cookie: cookie });
    expect(response.headers.get('content-type')).toBe('text/event-stream');
    expect(response.headers.get('cache-control')).toBe('no-store');
    listener.close();
  });

  it('brings what was, then what comes, each with its place in the log', async () => {
    const before = await report(seats[0]);
    const listener = new Listener();
    await listener.open(workshopStreamPath(workshop.id), { Cookie: cookie });
    const past = (await listener.until(1)).length;
    const after = [await report(seats[0]), await report(seats[1])];
    const all = await listener.until(past + 2);
    expect(idsOf(all)).toEqual([before, ...after]);
    expect(listener.ids).toEqual(all.map(({ seq }) => String(seq)));
    listener.close();
  });

  it('resumes behind the last event that was seen, without a gap or a double', async () => {
    const first = new Listener();
    await first.open(workshopStreamPath(workshop.id), { Cookie: cookie });
    await first.until(1);
    const known = (await (
      await fetch(`${address}/api/workshops/${workshop.id}/log`, { headers: { Cookie: cookie } })
    ).json()) as {
      events: StreamedEvent[];
    };
    const lastSeen = known.events.at(-1)?.seq ?? 0;
    first.close();
    const missed = [await report(seats[0]), await report(seats[1]), await report(seats[0])];
    const again = new Listener();
    await again.open(workshopStreamPath(workshop.id), {
      Cookie: cookie,
      'Last-Event-ID': String(lastSeen),
    });
    expect(idsOf(await again.until(3))).toEqual(missed);
    again.close();
  });

  it('loses and doubles nothing while many report and listeners come and go', async () => {
    const { events: known } = (await (
      await fetch(`${address}/api/workshops/${workshop.id}/log`, { headers: { Cookie: cookie } })
    ).json()) as { events: StreamedEvent[] };
    const start = known.at(-1)?.seq ?? 0;
    const reports = Array.from({ length: 30 }, (_, index) => report(seats[index % 2] as Seat));
    const listeners = await Promise.all(
      Array.from({ length: 5 }, async () => {
        const listener = new Listener();
        await listener.open(`${workshopStreamPath(workshop.id)}?after=${start}`, {
          Cookie: cookie,
        });
        return listener;
      }),
    );
    const expected = new Set(await Promise.all(reports));
    for (const listener of listeners) {
      const events = await listener.until(30);
      expect(new Set(idsOf(events))).toEqual(expected);
      const seqs = events.map(({ seq }) => seq);
      expect(seqs).toEqual([...new Set(seqs)].sort((a, b) => a - b));
      listener.close();
    }
  });

  it('begins at the beginning where the place asked for is none', async () => {
    const listener = new Listener();
    await listener.open(`${workshopStreamPath(workshop.id)}?after=banana`, { Cookie: cookie });
    expect((await listener.until(1))[0]?.seq).toBeGreaterThan(0);
    listener.close();
  });
});

describe('what is told together', () => {
  it('comes once to the floor, and to each seat as its own', async () => {
    const log = await fetch(`${address}/api/workshops/${workshop.id}/log`, {
      headers: { Cookie: cookie },
    });
    const { events } = (await log.json()) as { events: StreamedEvent[] };
    const after = `?after=${events.at(-1)?.seq ?? 0}`;
    const floor = new Listener();
    const listeners = [new Listener(), new Listener()];
    await floor.open(workshopStreamPath(workshop.id) + after, { Cookie: cookie });
    for (const [index, one] of listeners.entries())
      await one.open(seatStreamPath(seats[index]?.token ?? '') + after);
    const told = {
      ...sent(seats[0].id, {
        kind: 'message',
        message: '01900000-0000-7000-8000-0000000000ab',
        sort: 'hint',
        text: 'Tin the tip',
      }),
      alsoAt: [seats[1].id],
    };
    await server.instructor
      .post(`/api/workshops/${workshop.id}/events`)
      .send({ events: [told] })
      .expect(200);
    const [once] = await floor.until(1);
    expect(once?.event).toMatchObject({ id: told.id, alsoAt: [seats[1].id] });
    for (const [index, one] of listeners.entries()) {
      const [own] = await one.until(1);
      expect(own?.event).toMatchObject({ id: told.id, seatId: seats[index]?.id });
      expect(own?.event).not.toHaveProperty('alsoAt');
    }
    // The next one comes behind it: nothing else of the message was on its way.
    const next = await report(seats[0]);
    expect((await floor.until(2)).at(-1)?.event.id).toBe(next);
    for (const one of [floor, ...listeners]) one.close();
  });
});

describe('the stream of a seat', () => {
  it('brings that seat’s events only', async () => {
    const listener = new Listener();
    await listener.open(seatStreamPath(seats[1].token ?? ''));
    const past = (await (await fetch(`${address}/api/seats/${seats[1].token}`)).json()) as {
      events: StreamedEvent[];
    };
    await listener.until(past.events.length);
    await report(seats[0]);
    const own = await report(seats[1]);
    const all = await listener.until(past.events.length + 1);
    expect(all.at(-1)?.event.id).toBe(own);
    expect(all.every(({ event }) => event.seatId === seats[1].id)).toBe(true);
    listener.close();
  });

  it('does not open with a wrong link', async () => {
    expect((await fetch(address + seatStreamPath('wrong'))).status).toBe(404);
  });
});

describe('a stream ends', () => {
  /** Resolves when the other side has hung up. */
  const ended = async (response: Response): Promise<void> => {
    try {
      for await (const _ of response.body ?? []);
    } catch {
      // Cut in the middle: that is an end as well.
    }
  };
  const staffStream = (session: string) =>
    fetch(address + workshopStreamPath(workshop.id), { headers: { Cookie: session } });
  const cookieOf = async (body: object) => {
    const answer = await request(server.app).post('/api/session').send(body).expect(200);
    return answer.headers['set-cookie']?.[0]?.split(';')[0] ?? '';
  };

  it('with the session: whoever signs out hears no more', async () => {
    const session = await cookieOf({ passphrase });
    const other = await staffStream(cookie);
    const stream = await staffStream(session);
    await request(server.app).delete('/api/session').set('Cookie', session).expect(200);
    await ended(stream);
    expect(other.body?.locked).toBe(false);
    await other.body?.cancel();
  });

  it('with the helper: whoever is removed hears no more, from whichever session', async () => {
    const knot = { name: 'Knot', passphrase: 'the second lantern' };
    const { body } = await server.instructor
      .post('/api/accounts')
      .send({ ...knot, role: 'helper' })
      .expect(200);
    const streams = await Promise.all(
      [await cookieOf(knot), await cookieOf(knot)].map(staffStream),
    );
    expect(streams.map(({ status }) => status)).toEqual([200, 200]);
    await server.instructor.delete(`/api/accounts/${body.id}`).expect(200);
    await Promise.all(streams.map(ended));
  });

  it('where a fifth is opened for a seat: the oldest', async () => {
    const open = () => fetch(address + seatStreamPath(seats[1].token ?? ''));
    const streams: Response[] = [];
    for (let count = 0; count < streamsOfSeat + 1; count += 1) streams.push(await open());
    const [oldest, ...others] = streams as [Response, ...Response[]];
    await ended(oldest);
    for (const stream of others) await stream.body?.cancel();
  });

  it('where its reader does not read, and nobody else’s does', async () => {
    // A socket that takes nothing: what is sent to it piles up on the server.
    const lazy = connect((http.address() as AddressInfo).port, '127.0.0.1');
    lazy.pause();
    const gone = new Promise<void>((resolve) => lazy.once('close', () => resolve()));
    lazy.on('error', () => {});
    lazy.write(
      `GET ${workshopStreamPath(workshop.id)} HTTP/1.1\r\nHost: x\r\nCookie: ${cookie}\r\n\r\n`,
    );
    const reader = new Listener();
    await reader.open(workshopStreamPath(workshop.id), { Cookie: cookie });
    const answer = 'x'.repeat(1900);
    let cut = false;
    void gone.then(() => {
      cut = true;
    });
    // The kernel's own buffers take some megabytes first.
    for (let round = 0; round < 200 && !cut; round += 1) {
      const events = Array.from({ length: 40 }, () =>
        sent(seats[0].id, {
          kind: 'practised',
          item: 'bands.read.orange',
          seed: 1,
          answer,
          isRight: true,
          credit: 1,
        }),
      );
      await server.instructor
        .post(`/api/workshops/${workshop.id}/seats/${seats[0].id}/events`)
        .send({ events });
      // It notices that it was cut only where it looks.
      if (lazy.destroyed) break;
      if (round % 10 === 9) lazy.write(' ');
    }
    lazy.resume();
    await gone;
    expect((await reader.until(1)).length).toBeGreaterThan(0);
    reader.close();
  }, 120_000);
});
