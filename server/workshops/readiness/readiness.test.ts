import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import type { Workshop } from '#contract/workshops';
import type { Readiness, ReadyItem } from '#core/readiness/readiness';
import {
  helperAt,
  makeKit,
  makeWorkshop,
  type TestServer,
  testServer,
} from '../../testing/testServer.ts';

let server: TestServer;
let workshop: Workshop;
beforeAll(async () => {
  server = await testServer();
  workshop = await makeWorkshop(server);
});
afterAll(() => server.db.close());

const at = (path = '') => `/api/workshops/${workshop.id}/ready${path}`;
const of = (all: readonly Readiness[], item: ReadyItem) => all.find((one) => one.item === item);
const read = async (): Promise<Readiness[]> => (await server.instructor.get(at()).expect(200)).body;

describe('what is ready for an evening', () => {
  it('is counted from what is known', async () => {
    const ready = await read();
    expect(of(ready, 'bags')).toMatchObject({ isDone: false, open: workshop.seats.length });
    expect(of(ready, 'papers')).toMatchObject({ isDone: false, at: null });
    expect(of(ready, 'parts')?.open).toBeGreaterThan(0);
    for (const { id } of workshop.seats) {
      await server.instructor
        .put(`/api/workshops/${workshop.id}/packing/ticks`)
        .send({ key: `bag:${id}`, ticked: true })
        .expect(200);
    }
    expect(of(await read(), 'bags')).toMatchObject({ isDone: true, open: 0 });
  });

  it('knows when papers were printed, and by whom', async () => {
    await server.instructor.get(`/api/workshops/${workshop.id}/papers/evening.pdf`);
    const papers = of(await read(), 'papers');
    if (papers?.isDone) expect(papers).toMatchObject({ by: 'Instructor', at: expect.any(String) });
  });

  it('is said by whoever has looked, and taken back', async () => {
    const { agent: helper } = await helperAt(server, 'Ida');
    const { body } = await helper.put(at('/phones')).expect(200);
    expect(of(body, 'phones')).toMatchObject({ isDone: true, by: 'Ida', at: expect.any(String) });
    // Whoever says it again changes nothing.
    await server.instructor.put(at('/phones')).expect(200);
    expect(of(await read(), 'phones')?.by).toBe('Ida');
    await server.instructor.delete(at('/phones')).expect(200);
    expect(of(await read(), 'phones')?.isDone).toBe(false);
  });

  it('has no other items', async () => {
    await server.instructor.put(at('/weather')).expect(404);
  });

  it('is told in the list of workshops, of those that are upcoming only', async () => {
    const kitId = await makeKit(server, 'For later');
    const made = await server.instructor.post('/api/workshops').send({
      title: 'Later',
      kitId,
      startsAt: '2027-03-05T18:30:00Z',
      lengthMinutes: 90,
      seats: [{ name: '' }],
    });
    const list: { id: string; thingsOpen: number | null }[] = (
      await server.instructor.get('/api/workshops').expect(200)
    ).body;
    const later = list.find(({ id }) => id === made.body.id);
    const open = (
      (await server.instructor.get(`/api/workshops/${made.body.id}/ready`)).body as Readiness[]
    ).filter(({ isDone }) => !isDone).length;
    expect(later?.thingsOpen).toBe(open);
    expect(open).toBeGreaterThan(0);
    expect(list.find(({ id }) => id === workshop.id)?.thingsOpen).toBeNull();
  });
});
