import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import type { Workshop } from '#contract/workshops';
import { helperAt, makeWorkshop, type TestServer, testServer } from '../../testing/testServer.ts';

let server: TestServer;
let workshop: Workshop;
beforeAll(async () => {
  server = await testServer();
  workshop = await makeWorkshop(server);
});
afterAll(() => server.db.close());

const path = (rest = '') => `/api/workshops/${workshop.id}/packing${rest}`;
const levels = async () =>
  (await server.instructor.get('/api/stores').expect(200)).body.items.map(
    ({ level }: { level: number }) => level,
  );

describe('packing', () => {
  it('is ticked by two people at once, and each sees the other’s ticks', async () => {
    const { agent } = await helperAt(server);
    const bag = `bag:${workshop.seats[0]?.id}`;
    await server.instructor.put(path('/ticks')).send({ key: bag, ticked: true }).expect(200);
    await server.instructor.put(path('/ticks')).send({ key: bag, ticked: true }).expect(200);
    const seen = await agent.put(path('/ticks')).send({ key: 'part:0', ticked: true }).expect(200);
    expect(seen.body.ticked).toEqual([bag, 'part:0']);
    await agent.put(path('/ticks')).send({ key: bag, ticked: false }).expect(200);
    expect((await server.instructor.get(path()).expect(200)).body.ticked).toEqual(['part:0']);
    await server.instructor.put(path('/ticks')).send({ key: 'door', ticked: true }).expect(422);
  });

  it('books all bags out of the drawers once, says what was missing, and puts it back', async () => {
    await server.instructor
      .post('/api/stores/drawers')
      .send({
        drawers: [
          {
            part: { family: 'resistor-axial', value: { kind: 'amount', unit: 'ohm', amount: 470 } },
            location: 'A1',
            minimum: 0,
            pieces: 100,
          },
        ],
      })
      .expect(200);
    const set = (booked: boolean) => server.instructor.put(path('/booked')).send({ booked });
    // Two bags of two resistors; nobody has their LEDs.
    const { body } = await set(true).expect(200);
    expect(body).toMatchObject({ missing: 2, bookedAt: expect.any(String) });
    expect(await levels()).toEqual([96]);
    await set(true).expect(200);
    expect(await levels()).toEqual([96]);
    expect((await set(false).expect(200)).body.bookedAt).toBeNull();
    expect(await levels()).toEqual([100]);
  });

  it('takes bags back that nobody opened, no more than are out', async () => {
    const back = (unopened: number) => server.instructor.post(path('/returned')).send({ unopened });
    await back(1).expect(422);
    await server.instructor.put(path('/booked')).send({ booked: true }).expect(200);
    await back(3).expect(422);
    expect((await back(1).expect(200)).body.bagsOut).toBe(1);
    expect(await levels()).toEqual([98]);
    // What is still out goes back with the rest.
    await server.instructor.put(path('/booked')).send({ booked: false }).expect(200);
    expect(await levels()).toEqual([100]);
  });
});
