import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import type { StockItem } from '#contract/stores';
import { makeWorkshop, type TestServer, testServer } from '../testing/testServer.ts';

let server: TestServer;
beforeAll(async () => {
  server = await testServer();
});
afterAll(() => server.db.close());

const ohms = (amount: number) => ({
  family: 'resistor-axial',
  value: { kind: 'amount', unit: 'ohm', amount },
});
const drawer = (amount: number, pieces: number, location = '') => ({
  part: ohms(amount),
  location,
  minimum: 0,
  pieces,
});
const make = async (...drawers: readonly ReturnType<typeof drawer>[]): Promise<string[]> =>
  (await server.instructor.post('/api/stores/drawers').send({ drawers }).expect(200)).body.ids;
const items = async (): Promise<StockItem[]> =>
  (await server.instructor.get('/api/stores').expect(200)).body.items;
const levelOf = async (id: string | undefined) =>
  (await items()).find((item) => item.id === id)?.level;

describe('drawers', () => {
  it('are made many at once, with what lies in them; all or none', async () => {
    const [first, second] = await make(drawer(100, 30, 'A1'), drawer(220, 0));
    expect(await levelOf(first)).toBe(30);
    expect(await levelOf(second)).toBe(0);
    const before = (await items()).length;
    await server.instructor
      .post('/api/stores/drawers')
      .send({ drawers: [drawer(330, 1), drawer(330, -1)] })
      .expect(422);
    expect(await items()).toHaveLength(before);
  });

  it('are deleted together and brought back with their ledger', async () => {
    const ids = await make(drawer(1000, 5), drawer(2200, 6));
    const set = (removed: boolean) =>
      server.instructor.put('/api/stores/drawers/removed').send({ itemIds: ids, removed });
    await set(true).expect(200);
    expect((await items()).filter(({ id }) => ids.includes(id))).toEqual([]);
    await server.instructor.get(`/api/stores/items/${ids[0]}/ledger`).expect(404);
    await set(true).expect(404);
    await set(false).expect(200);
    expect(await levelOf(ids[1])).toBe(6);
  });

  it('are merged: what lay in both lies in one, with every offer', async () => {
    const [into, from] = await make(drawer(4700, 10), drawer(4700, 7));
    const supplier = await server.instructor
      .post('/api/stores/suppliers')
      .send({ name: 'Quay Parts', deliveryCents: 300, days: 2 })
      .expect(200);
    await server.instructor
      .put(`/api/stores/items/${from}/offers`)
      .send({
        version: 1,
        offers: [
          {
            supplierId: supplier.body.id,
            packSize: 50,
            breaks: [{ fromPacks: 1, packCents: 150 }],
          },
        ],
      })
      .expect(200);
    await server.instructor
      .post(`/api/stores/items/${into}/merged`)
      .send({ itemIds: [from, into] })
      .expect(200);
    const [one] = (await items()).filter(({ id }) => id === into || id === from);
    expect(one).toMatchObject({ id: into, level: 17, offers: [{ packSize: 50 }] });
  });

  it('of different parts are not merged, whoever asks', async () => {
    const [into, other] = await make(drawer(10, 1), drawer(22, 2));
    const { body } = await server.instructor
      .post(`/api/stores/items/${into}/merged`)
      .send({ itemIds: [other] })
      .expect(422);
    expect(body.errors[0].field).toBe('itemIds');
    expect(await levelOf(other)).toBe(2);
  });

  it('leave a supplier alone who still offers something', async () => {
    const { body } = await server.instructor
      .post('/api/stores/suppliers')
      .send({ name: 'Idle Parts', deliveryCents: 0, days: 1 })
      .expect(200);
    const set = (id: string, removed: boolean) =>
      server.instructor.put(`/api/stores/suppliers/${id}/removed`).send({ removed });
    await set(body.id, true).expect(200);
    const { body: stores } = await server.instructor.get('/api/stores');
    const names = stores.suppliers.map(({ name }: { name: string }) => name);
    expect(names).toEqual(['Quay Parts']);
    const refused = await set(stores.suppliers[0].id, true).expect(409);
    expect(refused.body.detail).toContain('1 drawer');
    await set(body.id, false).expect(200);
  });

  it('that are missing are said on a shopping list without prices', async () => {
    const workshop = await makeWorkshop(server);
    const list = await server.instructor
      .get(`/api/stores/shopping-list.csv?for=${workshop.id}`)
      .expect(200);
    expect(list.text).toContain('470');
    expect(list.text).not.toMatch(/price|cost/i);
    await server.instructor.get(`/api/stores/shopping-list.pdf?for=${workshop.id}`).expect(200);
    await server.instructor.get('/api/stores/shopping-list.pdf?for=nothing').expect(404);
  });
});
