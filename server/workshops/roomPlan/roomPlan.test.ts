import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import type { Workshop } from '#contract/workshops';
import { moved, withThing } from '#core/pace/seating/roomPlan';
import { textOf } from '../../testing/pdf.ts';
import { makeWorkshop, type TestServer, testServer } from '../../testing/testServer.ts';

let server: TestServer;
let workshop: Workshop;
beforeAll(async () => {
  server = await testServer();
  workshop = await makeWorkshop(server, ['Tern', 'Skua', 'Ruff']);
});
afterAll(() => server.db.close());

const at = (path: string) => `/api/workshops/${workshop.id}${path}`;
const read = async () => (await server.instructor.get(at('/room-plan')).expect(200)).body;

describe('the plan of a room', () => {
  it('begins with a draft, keeps what is moved and shared, and follows the seats', async () => {
    const { plan, version } = await read();
    const next = withThing(moved(plan, 5, 9), 'Fume extractor');
    const put = () => server.instructor.put(at('/room-plan')).send({ plan: next, version });
    expect((await put().expect(200)).body.plan).toEqual(next);
    // Somebody else was first.
    await put().expect(409);
    await server.instructor.delete(at(`/seats/${workshop.seats[1]?.id}`)).expect(200);
    const { plan: left } = await read();
    expect(left.cells[9]).toEqual({ kind: 'seat', seat: workshop.seats[0]?.id });
    expect(JSON.stringify(left)).not.toContain(workshop.seats[1]?.id);
    expect(left.cells[0]).toEqual({ kind: 'thing', thing: 'Fume extractor' });
  });

  it('is printed for the door, with what all share', async () => {
    const { body } = await server.instructor
      .get(at('/papers/seat-plan.pdf'))
      .buffer(true)
      .parse((response, done) => {
        const chunks: Buffer[] = [];
        response.on('data', (chunk: Buffer) => chunks.push(chunk));
        response.on('end', () => done(null, Buffer.concat(chunks)));
      })
      .expect(200);
    const text = await textOf(body);
    for (const words of ['Front of the room', 'Fume extractor', 'Tern', 'Ruff'])
      expect(text).toContain(words);
  });

  it.each([
    ['too many columns', { columns: 11, cells: [] }, 'plan.columns'],
    ['a thing without a name', { columns: 3, cells: [{ kind: 'thing', thing: ' ' }] }, 'thing'],
    ['a place that is neither', { columns: 3, cells: [{ kind: 'door' }] }, 'kind'],
  ])('refuses %s by its field', async (_, plan, field) => {
    const { body } = await server.instructor
      .put(at('/room-plan'))
      .send({ plan, version: 1 })
      .expect(422);
    expect(JSON.stringify(body.errors)).toContain(field);
  });
});
