import request from 'supertest';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import type { Seat, Workshop } from '#contract/workshops';
import { makeWorkshop, sent, type TestServer, testServer } from '../testing/testServer.ts';

let server: TestServer;
let workshop: Workshop;
let seat: Seat;
let neighbour: Seat;
beforeAll(async () => {
  server = await testServer();
  workshop = await makeWorkshop(server);
  [seat, neighbour] = workshop.seats as [Seat, Seat];
});
afterAll(() => server.db.close());

const learner = (token = seat.token) => request(server.app).post(`/api/seats/${token}/events`);
const stored = async () =>
  (await server.db.query<{ n: number }>('select count(*)::int as n from build_event'))[0]?.n;
const logOf = async (seatId = seat.id) => {
  const { body } = await server.instructor.get(`/api/workshops/${workshop.id}/log`).expect(200);
  return body.events
    .map(({ event }: { event: { seatId: string } }) => event)
    .filter((e: { seatId: string }) => e.seatId === seatId);
};

describe('a seat’s link', () => {
  it('opens that seat without signing in, and nothing of the others', async () => {
    const { body } = await request(server.app).get(`/api/seats/${seat.token}`).expect(200);
    expect(body).toMatchObject({
      seatId: seat.id,
      number: 1,
      name: 'Tern',
      workshopTitle: 'A test evening',
    });
    expect(body.steps.length).toBe(workshop.steps.length);
    expect(JSON.stringify(body)).not.toContain(neighbour.token);
    expect(JSON.stringify(body)).not.toContain('Skua');
    await request(server.app).get(`/api/workshops/${workshop.id}`).expect(401);
  });

  it('that is wrong says what to do', async () => {
    const answer = await request(server.app).get('/api/seats/not-a-token');
    expect(answer.status).toBe(404);
    expect(answer.type).toBe('application/problem+json');
    expect(answer.body.detail).toMatch(/Scan the code on your bag again/);
  });

  it('that is wrong again and again is no longer answered, while right ones are', async () => {
    let status = 0;
    for (let tries = 0; tries < 60 && status !== 429; tries++) {
      status = (await request(server.app).get(`/api/seats/guess-${tries}`)).status;
    }
    expect(status).toBe(429);
    await request(server.app).get(`/api/seats/${seat.token}`).expect(200);
  });
});

describe('what a seat reports', () => {
  it('is stored once, however often it is sent', async () => {
    const event = sent(seat.id, { kind: 'step-done', stepId: 'solder-R1-R2' });
    const first = await learner()
      .send({ events: [event] })
      .expect(200);
    expect(first.body.accepted).toEqual([event.id]);
    const count = await stored();
    const again = await learner()
      .send({ events: [event] })
      .expect(200);
    expect(again.body.accepted).toEqual([event.id]);
    expect(await stored()).toBe(count);
    expect(await logOf()).toContainEqual({ ...event, by: 'learner' });
  });

  it('whose id is in use for another entry, there or at another seat, is refused and not lost without a word', async () => {
    const event = sent(seat.id, { kind: 'step-done', stepId: 'solder-D1' });
    const report = (token: string | null, changes: object) =>
      learner(token).send({ events: [{ ...event, ...changes }] });
    await report(seat.token, {}).expect(200);
    const elsewhere = await report(neighbour.token, { seatId: neighbour.id });
    const otherDeed = await report(seat.token, { kind: 'step-reopened' });
    for (const refused of [elsewhere, otherDeed]) {
      expect([refused.status, refused.body.errors[0].field]).toEqual([409, 'events[0].id']);
    }
  });

  it('keeps the time it happened, but not one that is still to come', async () => {
    const past = sent(
      seat.id,
      { kind: 'help-asked', stepId: 'solder-D1' },
      '2026-03-05T19:00:00.000Z',
    );
    const future = sent(
      seat.id,
      { kind: 'help-asked', stepId: 'solder-D1' },
      '2099-01-01T00:00:00.000Z',
    );
    await learner()
      .send({ events: [past, future] })
      .expect(200);
    const log = await logOf();
    const find = (id: string) => log.find((event: { id: string }) => event.id === id);
    expect(find(past.id).at).toBe(past.at);
    expect(Date.parse(find(future.id).at)).toBeLessThanOrEqual(Date.now());
  });

  it('can be taken back by who reported it', async () => {
    const event = sent(seat.id, {
      kind: 'mistake',
      stepId: 'solder-D1',
      mistake: 'backwards',
      designator: 'D1',
    });
    await learner()
      .send({ events: [event] })
      .expect(200);
    await learner()
      .send({ events: [sent(seat.id, { kind: 'undo', undoes: event.id })] })
      .expect(200);
  });

  const stranger = '01900000-0000-7000-8000-000000000000';
  it.each<[string, () => object, number, RegExp]>([
    [
      'an event for another seat',
      () => sent(neighbour.id, { kind: 'step-done', stepId: 'solder-D1' }),
      403,
      /belongs to another seat/,
    ],
    [
      'a step that does not exist',
      () => sent(seat.id, { kind: 'step-done', stepId: 'solder-R99' }),
      422,
      /no step “solder-R99”/,
    ],
    [
      'a part of another step',
      () =>
        sent(seat.id, {
          kind: 'mistake',
          stepId: 'solder-D1',
          mistake: 'bridge',
          designator: 'R1',
        }),
      422,
      /R1 is not part of this step/,
    ],
    [
      'a mistake that is not known',
      () => sent(seat.id, { kind: 'mistake', stepId: 'solder-D1', mistake: 'hiccup' as never }),
      422,
      /not known/,
    ],
    ['a visit', () => sent(seat.id, { kind: 'visit', answers: [] }), 403, /Only the instructor/],
    [
      'an undo of nothing',
      () => sent(seat.id, { kind: 'undo', undoes: stranger }),
      422,
      /not in this seat’s log/,
    ],
    [
      'a withdrawn call that never was',
      () => sent(seat.id, { kind: 'help-withdrawn', asked: stranger }),
      422,
      /not in this seat’s log/,
    ],
    [
      'an id that is none',
      () => ({ ...sent(seat.id, { kind: 'step-done', stepId: 'solder-D1' }), id: '7' }),
      422,
      /must be a UUID/,
    ],
    [
      'a time that is none',
      () => sent(seat.id, { kind: 'step-done', stepId: 'solder-D1' }, 'yesterday'),
      422,
      /ISO 8601/,
    ],
    [
      'a time that does not exist',
      () => sent(seat.id, { kind: 'step-done', stepId: 'solder-D1' }, '2026-99-05T18:30:00Z'),
      422,
      /does not exist/,
    ],
    [
      'a kind that is none',
      () => ({ ...sent(seat.id, { kind: 'step-done', stepId: 'solder-D1' }), kind: 'explode' }),
      422,
      /Choose one of these/,
    ],
    ['something else', () => 7 as unknown as object, 422, /cannot be used|Choose one/],
  ])(
    'is refused when it is %s, and nothing of the batch is stored',
    async (_, make, status, message) => {
      const before = await stored();
      const good = sent(seat.id, { kind: 'step-done', stepId: 'solder-D1' });
      const answer = await learner().send({ events: [good, make()] });
      expect(answer.status).toBe(status);
      expect(answer.type).toBe('application/problem+json');
      expect(
        answer.body.errors.some((error: { message: string }) => message.test(error.message)),
      ).toBe(true);
      expect(answer.body.errors[0].field).toMatch(/^events\[1\]/);
      expect(await stored()).toBe(before);
    },
  );

  it.each([{}, { events: [] }, { events: 'many' }, []])(
    'is refused when the body is %j',
    async (body) => {
      expect((await learner().send(body as object)).status).toBe(422);
    },
  );

  it('cannot take back what the instructor logged, nor an undo', async () => {
    const visit = sent(seat.id, { kind: 'visit', answers: [] });
    await server.instructor
      .post(`/api/workshops/${workshop.id}/seats/${seat.id}/events`)
      .send({ events: [visit] })
      .expect(200);
    const answer = await learner().send({
      events: [sent(seat.id, { kind: 'undo', undoes: visit.id })],
    });
    expect(answer.status).toBe(422);
    expect(answer.body.detail).toMatch(/only be undone by the instructor/);
    const own = sent(seat.id, { kind: 'step-done', stepId: 'solder-D1' });
    const undo = sent(seat.id, { kind: 'undo', undoes: own.id });
    await learner()
      .send({ events: [own, undo] })
      .expect(200);
    const twice = await learner().send({
      events: [sent(seat.id, { kind: 'undo', undoes: undo.id })],
    });
    expect(twice.body.detail).toMatch(/cannot be undone/);
  });

  it('can be undone by the instructor', async () => {
    const mistake = sent(seat.id, { kind: 'mistake', stepId: 'solder-D1', mistake: 'bridge' });
    await learner()
      .send({ events: [mistake] })
      .expect(200);
    await server.instructor
      .post(`/api/workshops/${workshop.id}/seats/${seat.id}/events`)
      .send({ events: [sent(seat.id, { kind: 'undo', undoes: mistake.id })] })
      .expect(200);
  });
});

describe('the log', () => {
  it('cannot be changed or shortened, by whatever query', async () => {
    await learner()
      .send({ events: [sent(seat.id, { kind: 'step-done', stepId: 'solder-D1' })] })
      .expect(200);
    await expect(server.db.query(`update build_event set author = 'nobody'`)).rejects.toThrow(
      /append-only/,
    );
    await expect(server.db.query('delete from build_event')).rejects.toThrow(/append-only/);
  });

  it('numbers events in the order they came, also when many come at once', async () => {
    const many = Array.from({ length: 40 }, () =>
      sent(seat.id, { kind: 'step-reopened', stepId: 'solder-D1' }),
    );
    await Promise.all(
      many.map((event) =>
        learner()
          .send({ events: [event] })
          .expect(200),
      ),
    );
    const { body } = await server.instructor.get(`/api/workshops/${workshop.id}/log`).expect(200);
    const seqs = body.events.map(({ seq }: { seq: number }) => seq);
    expect(seqs).toEqual([...seqs].sort((a: number, b: number) => a - b));
    const ids = body.events.map(({ event }: { event: { id: string } }) => event.id);
    expect(new Set(ids).size).toBe(ids.length);
    expect(ids).toEqual(expect.arrayContaining(many.map(({ id }) => id)));
  });

  it('of another workshop’s seat cannot be written through this one', async () => {
    const other = await makeWorkshop(server, ['Knot']);
    const foreign = other.seats[0] as Seat;
    const answer = await server.instructor
      .post(`/api/workshops/${workshop.id}/seats/${foreign.id}/events`)
      .send({ events: [sent(foreign.id, { kind: 'visit', answers: [] })] });
    expect(answer.status).toBe(404);
  });
});
