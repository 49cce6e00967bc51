import request from 'supertest';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { makeKit, type TestServer, testServer } from '../testing/testServer.ts';

let server: TestServer;
let kitId: string;
beforeAll(async () => {
  server = await testServer();
  kitId = await makeKit(server, 'Measured Lamp');
});
afterAll(() => server.db.close());

const path = () => `/api/kits/${kitId}/readings`;
const send = (body: object) => server.instructor.post(path()).send(body);

describe('readings of incoming parts', () => {
  it('are kept with the part as it was listed, newest first, and can be taken back', async () => {
    await send({ line: 0, meter: 'hand', reading: 468 }).expect(200);
    const { body } = await send({ line: 0, meter: 'bench', reading: 471.3 }).expect(200);
    const listed = (await server.instructor.get(path()).expect(200)).body;
    expect(listed).toHaveLength(2);
    expect(listed[0]).toMatchObject({
      id: body.id,
      meter: 'bench',
      reading: 471.3,
      part: { family: 'resistor-axial', value: { amount: 470 } },
    });
    await server.instructor.delete(`${path()}/${body.id}`).expect(200);
    expect((await server.instructor.get(path())).body).toHaveLength(1);
  });

  it.each([
    [{ line: 9, meter: 'hand', reading: 1 }, 'line', /no such line/],
    [{ line: 1, meter: 'hand', reading: 1 }, 'line', /no value that a meter could check/],
    [{ line: 0, meter: 'hand', reading: 1e9 }, 'reading', /no range/],
    [{ line: 0, meter: 'wand', reading: 1 }, 'meter', /Choose one of the meters/],
    [{ line: 0, meter: 'hand', reading: 'much' }, 'reading', /as a number/],
    [{ line: 0, meter: 'hand', reading: -1 }, 'reading', /not below 0/],
  ])('%j is refused', async (body, field, message) => {
    const before = (await server.instructor.get(path())).body;
    const answer = await send(body);
    expect(answer.status).toBe(422);
    expect(answer.body.errors[0]).toMatchObject({ field, message: expect.stringMatching(message) });
    expect((await server.instructor.get(path())).body).toEqual(before);
  });

  it('are the instructor’s alone', async () => {
    expect((await request(server.app).get(path())).status).toBe(401);
    expect((await request(server.app).get('/api/remembered-families')).status).toBe(401);
  });
});
