import request from 'supertest';
import { afterAll, beforeAll, beforeEach, describe, expect, it } from 'vitest';
import type { Workshop } from '#contract/workshops';
import {
  makeKit,
  makeWorkshop,
  sent,
  type TestServer,
  testServer,
} from '../../testing/testServer.ts';
import { deleteRemovedWorkshops } from './queries.ts';

let server: TestServer;
let workshop: Workshop;
beforeAll(async () => {
  server = await testServer();
});
beforeEach(async () => {
  workshop = await makeWorkshop(server, ['Tern', 'Skua', 'Ruff']);
});
afterAll(() => server.db.close());

const at = (path = '') => `/api/workshops/${workshop.id}${path}`;
const read = async (): Promise<Workshop> => (await server.instructor.get(at()).expect(200)).body;
const listed = async () =>
  (await server.instructor.get('/api/workshops').expect(200)).body.find(
    (one: { id: string }) => one.id === workshop.id,
  );
const seat = (index: number) => {
  const found = workshop.seats[index];
  if (!found) throw new Error('no such seat');
  return found;
};
const opened = (token: string | null) => request(server.app).get(`/api/seats/${token}`);
const finish = (index: number, stepId: string) =>
  server.instructor
    .post(at(`/seats/${seat(index).id}/events`))
    .send({
      events: [sent(seat(index).id, { kind: 'step-done', stepId }, '2026-03-05T18:40:00.000Z')],
    })
    .expect(200);

describe('a workshop that is called off or put away', () => {
  it('says so in the list, in the calendar and at its seats, and can be planned again', async () => {
    await opened(seat(0).token).expect(200);
    await server.instructor.put(at('/set-aside')).send({ setAside: 'cancelled' }).expect(200);
    expect(await listed()).toMatchObject({ setAside: 'cancelled' });
    const { body } = await opened(seat(0).token).expect(410);
    expect(body.detail).toMatch(/cancelled/);
    const { text } = await server.instructor.get(at('/calendar.ics'));
    expect(text).toContain('STATUS:CANCELLED');
    await server.instructor.put(at('/set-aside')).send({ setAside: null }).expect(200);
    expect(await listed()).toMatchObject({ setAside: null });
    await opened(seat(0).token).expect(200);
  });

  it('keeps its seats open where it is only put away', async () => {
    await server.instructor.put(at('/set-aside')).send({ setAside: 'archived' }).expect(200);
    await opened(seat(0).token).expect(200);
  });

  it('is refused in another state', async () => {
    await server.instructor.put(at('/set-aside')).send({ setAside: 'lost' }).expect(422);
  });
});

describe('a workshop that is deleted', () => {
  it('is gone with its links, and comes back whole', async () => {
    await server.instructor.delete(at()).expect(200);
    await server.instructor.get(at()).expect(404);
    expect(await listed()).toBeUndefined();
    await opened(seat(0).token).expect(410);
    await server.instructor.post(at('/back')).expect(200);
    expect((await read()).seats).toEqual(workshop.seats);
    await opened(seat(0).token).expect(200);
  });

  it('is kept where something was recorded at it', async () => {
    await finish(0, 'solder-R1-R2');
    const { body } = await server.instructor.delete(at()).expect(409);
    expect(body.detail).toMatch(/Archive it instead/);
    await server.instructor.get(at()).expect(200);
  });

  it('is deleted for good after some days, and no sooner', async () => {
    await server.instructor.delete(at()).expect(200);
    await deleteRemovedWorkshops(server.db);
    await server.instructor.post(at('/back')).expect(200);
    await server.instructor.delete(at()).expect(200);
    await server.db.query(
      `update workshop set removed_at = now() - interval '8 days' where id = $1`,
      [workshop.id],
    );
    await server.db.transaction(deleteRemovedWorkshops);
    await server.instructor.post(at('/back')).expect(404);
  });
});

describe('the kit of a workshop', () => {
  it('can be another one; what that means for seats that have begun is told first', async () => {
    const kitId = await makeKit(
      server,
      'Another kit',
      'Part,Ref,Qty\n1k resistor,R1,1\nred LED,D7,1\n',
    );
    await finish(0, 'solder-R1-R2');
    const means = (await server.instructor.get(at(`/kit/${kitId}`)).expect(200)).body;
    expect(means).toMatchObject({ revision: 1, begun: 1, lost: 1 });
    // Somebody has begun whom nobody saw.
    await server.instructor.put(at('/kit')).send({ kitId, begun: 0 }).expect(409);
    expect((await read()).kitId).toBe(workshop.kitId);
    await server.instructor.put(at('/kit')).send({ kitId, begun: 1 }).expect(200);
    const now = await read();
    expect(now.kitName).toBe('Another kit');
    expect(now.steps.map(({ id }) => id)).not.toContain('solder-R1-R2');
    expect((await opened(seat(0).token).expect(200)).body.kitName).toBe('Another kit');
    // What was done stays in the log.
    expect((await server.instructor.get(at('/log'))).body.events).toHaveLength(1);
  });

  it('keeps what is done where the new plan has the step', async () => {
    await finish(0, 'solder-R1-R2');
    const { body } = await server.instructor.get(at(`/kit/${workshop.kitId}`)).expect(200);
    expect(body).toMatchObject({ begun: 1, lost: 0 });
  });

  it('without anything to solder is refused', async () => {
    const kitId = await makeKit(server, `Bare ${workshop.id}`, 'Qty,Part\n1,board\n');
    await server.instructor.put(at('/kit')).send({ kitId, begun: 0 }).expect(422);
  });
});

describe('seats', () => {
  it('are taken away with their link, and come back with it; records stay', async () => {
    await finish(1, 'solder-R1-R2');
    await server.instructor.delete(at(`/seats/${seat(1).id}`)).expect(200);
    expect((await read()).seats.map(({ number }) => number)).toEqual([1, 3]);
    expect((await opened(seat(1).token).expect(410)).body.detail).toMatch(/removed/);
    const person = await server.instructor.get(`/api/people/${seat(1).learnerId}`).expect(200);
    expect(JSON.stringify(person.body)).toContain(workshop.id);
    await server.instructor.post(at(`/seats/${seat(1).id}/back`)).expect(200, { number: 2 });
    expect((await read()).seats).toEqual(workshop.seats);
    await opened(seat(1).token).expect(200);
  });

  it('come back with another number where theirs is taken', async () => {
    await server.instructor.delete(at(`/seats/${seat(2).id}`)).expect(200);
    expect((await server.instructor.post(at('/seats')).send({ name: 'Knot' })).body.number).toBe(3);
    await server.instructor.post(at(`/seats/${seat(2).id}/back`)).expect(200, { number: 4 });
  });

  it('let go of a partner who is taken away', async () => {
    const seats = workshop.seats.map(({ id, name, experience, number }) => ({
      id,
      name,
      experience,
      partner: number === 1 ? 2 : number === 2 ? 1 : null,
    }));
    await server.instructor
      .put(at('/seating'))
      .send({ version: workshop.version, seats })
      .expect(200);
    await server.instructor.delete(at(`/seats/${seat(1).id}`)).expect(200);
    expect((await read()).seats[0]?.partner).toBeNull();
  });

  it('are not all taken away', async () => {
    for (const index of [0, 1]) await server.instructor.delete(at(`/seats/${seat(index).id}`));
    await server.instructor.delete(at(`/seats/${seat(2).id}`)).expect(422);
  });

  it('change places: names, records and links go along, pairs stay where they sit', async () => {
    const seats = workshop.seats.map(({ id, name, experience, number }) => ({
      id,
      name,
      experience,
      partner: number === 1 ? 2 : number === 2 ? 1 : null,
    }));
    await server.instructor
      .put(at('/seating'))
      .send({ version: workshop.version, seats })
      .expect(200);
    await finish(0, 'solder-R1-R2');
    await server.instructor
      .post(at(`/seats/${seat(0).id}/swap`))
      .send({ with: seat(2).id })
      .expect(200);
    const now = (await read()).seats.map(({ number, name, partner, token }) => ({
      number,
      name,
      partner,
      token,
    }));
    expect(now).toEqual([
      { number: 1, name: 'Ruff', partner: 2, token: seat(2).token },
      { number: 2, name: 'Skua', partner: 1, token: seat(1).token },
      { number: 3, name: 'Tern', partner: null, token: seat(0).token },
    ]);
    expect((await opened(seat(0).token)).body).toMatchObject({ number: 3, name: 'Tern' });
  });

  it('are arranged so that partners sit side by side, each with their own link and partner', async () => {
    const seats = workshop.seats.map(({ id, name, experience, number }) => ({
      id,
      name,
      experience,
      partner: number === 1 ? 3 : number === 3 ? 1 : null,
    }));
    await server.instructor
      .put(at('/seating'))
      .send({ version: workshop.version, seats })
      .expect(200);
    const order = [0, 2, 1].map((index) => seat(index).id);
    await server.instructor.put(at('/arrangement')).send({ order }).expect(200);
    expect(
      (await read()).seats.map(({ number, name, partner, token }) => ({
        number,
        name,
        partner,
        token,
      })),
    ).toEqual([
      { number: 1, name: 'Tern', partner: 2, token: seat(0).token },
      { number: 2, name: 'Ruff', partner: 1, token: seat(2).token },
      { number: 3, name: 'Skua', partner: null, token: seat(1).token },
    ]);
    expect((await opened(seat(0).token)).body.partner).toBe('Ruff');
    for (const wrong of [order.slice(1), [...order.slice(1), order[1]]])
      await server.instructor.put(at('/arrangement')).send({ order: wrong }).expect(422);
  });

  it('change places back by the same request', async () => {
    for (const _ of [1, 2])
      await server.instructor
        .post(at(`/seats/${seat(0).id}/swap`))
        .send({ with: seat(1).id })
        .expect(200);
    expect((await read()).seats).toEqual(workshop.seats);
  });
});
