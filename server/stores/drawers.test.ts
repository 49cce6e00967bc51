import { randomUUID } from 'node:crypto';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import type { StockItem } from '#contract/stores';
import { openFile, sheetAsCsv } from '#core/partslist/files/openFile';
import { mappingOf } from '#core/partslist/guessMapping';
import { tableOf } from '#core/partslist/testing/readList';
import { drawerColumns } from '#core/stores/drawerlist/columns';
import { matchDrawers } from '#core/stores/drawerlist/matchDrawers';
import { readDrawers } from '#core/stores/drawerlist/readDrawers';
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
    const [into, from] = await make(drawer(4700, 10, 'M1'), drawer(4700, 7, 'M2'));
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
    const { body: merged } = await server.instructor
      .post(`/api/stores/items/${into}/merged`)
      .send({ itemIds: [from, into] })
      .expect(200);
    const both = async () =>
      (await items())
        .filter(({ id }) => id === into || id === from)
        .sort((a, b) => b.level - a.level);
    expect(await both()).toMatchObject([{ id: into, level: 17, offers: [{ packSize: 50 }] }]);
    // Taken back, each has what it had, and the ledger tells of both ways.
    const part = () =>
      server.instructor.post(`/api/stores/items/${into}/parted`).send({ taken: merged.taken });
    await part().expect(200);
    expect(await both()).toMatchObject([
      { id: into, level: 10, offers: [] },
      { id: from, level: 7, offers: [{ packSize: 50 }] },
    ]);
    // Once is enough.
    await part().expect(404);
  });

  it('are not parted where what was merged is used up, and nothing is half done', async () => {
    const [into = '', from] = await make(drawer(5600, 3, 'M3'), drawer(5600, 7, 'M4'));
    const { body } = await server.instructor
      .post(`/api/stores/items/${into}/merged`)
      .send({ itemIds: [from] })
      .expect(200);
    await server.instructor
      .post(`/api/stores/items/${into}/moves`)
      .send({ id: randomUUID(), kind: 'out', pieces: 5, note: '' })
      .expect(200);
    const refused = await server.instructor
      .post(`/api/stores/items/${into}/parted`)
      .send({ taken: body.taken })
      .expect(422);
    expect(refused.body.errors[0].message).toContain('Only 5');
    expect((await items()).map(({ id }) => id)).not.toContain(from);
    expect(await levelOf(into)).toBe(5);
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

  it('of two suppliers who are one are offered by one, and parted again', async () => {
    const supplier = async (name: string) =>
      (
        await server.instructor
          .post('/api/stores/suppliers')
          .send({ name, deliveryCents: 0, days: 1 })
          .expect(200)
      ).body.id as string;
    const [one, same] = [await supplier('Pier Parts'), await supplier('Pier Parts Ltd')];
    const [id = ''] = await make(drawer(330, 4));
    const offers = [
      { supplierId: one, packSize: 10, breaks: [{ fromPacks: 1, packCents: 90 }] },
      { supplierId: same, packSize: 100, breaks: [{ fromPacks: 1, packCents: 500 }] },
    ];
    await server.instructor
      .put(`/api/stores/items/${id}/offers`)
      .send({ version: 1, offers })
      .expect(200);
    const sellers = async () =>
      (await items())
        .find((item) => item.id === id)
        ?.offers.map(({ supplierId, packSize }) => [supplierId, packSize])
        .sort((a, b) => Number(a[1]) - Number(b[1]));
    const { body } = await server.instructor
      .post(`/api/stores/suppliers/${one}/merged`)
      .send({ supplierIds: [same] })
      .expect(200);
    expect(await sellers()).toEqual([
      [one, 10],
      [one, 100],
    ]);
    await server.instructor
      .post(`/api/stores/suppliers/${one}/parted`)
      .send({ taken: body.taken })
      .expect(200);
    expect(await sellers()).toEqual([
      [one, 10],
      [same, 100],
    ]);
    await server.instructor
      .post(`/api/stores/suppliers/${one}/merged`)
      .send({ supplierIds: [randomUUID()] })
      .expect(404);
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

const noPdfs = {
  openPdf: () => Promise.reject(new Error('no PDF is opened here')),
  drawPdf: () => Promise.reject(new Error('no PDF is opened here')),
};

/** A file of any form as CSV, opened as the page opens it. */
async function csvIn(bytes: Buffer): Promise<string> {
  const opened = await openFile(new Uint8Array(bytes), 'utf-8', noPdfs);
  if (!opened.ok) throw new Error('the file cannot be read');
  const { value } = opened;
  if (value.kind === 'table') return value.csv;
  if (value.kind !== 'book') throw new Error(`${value.kind} instead of a table`);
  const [sheet] = value.sheets;
  return sheet ? sheetAsCsv(sheet) : '';
}

describe('a list of drawers', () => {
  const listed = (amount: number, more: object = {}) => ({
    there: null,
    part: ohms(amount),
    location: '',
    minimum: null,
    pieces: null,
    offers: [],
    ...more,
  });
  const take = (...drawers: readonly object[]) =>
    server.instructor.post('/api/stores/drawers/listed').send({ drawers });
  const offer = (supplier: string, packSize: number, packCents: number) => ({
    supplier,
    packSize,
    breaks: [{ fromPacks: 1, packCents }],
  });

  it('makes drawers with their pieces, offers and suppliers', async () => {
    const { body } = await take(
      listed(51, {
        location: 'L1',
        pieces: 12,
        minimum: 5,
        offers: [offer('Pier Shop', 100, 150), offer('pier shop', 10, 20)],
      }),
      listed(56),
    ).expect(200);
    expect(body).toEqual({ made: 2, changed: 0, newSuppliers: ['Pier Shop'] });
    const made = (await items()).find(({ location }) => location === 'L1');
    expect(made).toMatchObject({ level: 12, minimum: 5 });
    expect(new Set(made?.offers.map(({ supplierId }) => supplierId)).size).toBe(1);
    expect(made?.offers).toHaveLength(2);
  });

  it('changes a drawer, and leaves as it is what it does not say', async () => {
    const [id = ''] = await make({ ...drawer(62, 9, 'L2'), minimum: 3 });
    const there = { itemId: id, version: 1 };
    await take(listed(62, { there, pieces: 4, offers: [offer('Pier Shop', 50, 90)] })).expect(200);
    const now = async () => (await items()).find((item) => item.id === id);
    expect(await now()).toMatchObject({ location: 'L2', minimum: 3, level: 4 });
    // A new price takes the place of the old one; other packs stay.
    const again = { itemId: id, version: (await now())?.version };
    await take(
      listed(62, { there: again, offers: [offer('PIER SHOP', 50, 80), offer('Pier Shop', 5, 12)] }),
    ).expect(200);
    expect((await now())?.offers.map(({ packSize, breaks }) => [packSize, breaks])).toEqual([
      [5, [{ fromPacks: 1, packCents: 12 }]],
      [50, [{ fromPacks: 1, packCents: 80 }]],
    ]);
    expect(await levelOf(id)).toBe(4);
  });

  it('is taken over whole or not at all, and never over a change of somebody else', async () => {
    const [id = ''] = await make(drawer(68, 9, 'L3'));
    const before = (await items()).length;
    await take(listed(75), listed(68, { there: { itemId: id, version: 7 } })).expect(409);
    await take(listed(75), listed(68, { minimum: -1 })).expect(422);
    expect(await items()).toHaveLength(before);
  });

  it.each(['csv', 'xlsx'])(
    'is what the export gives as %s, so that the export of a house is the list of another',
    async (format) => {
      const { body } = await server.instructor
        .get(`/api/stores/stock.${format}`)
        .responseType('blob')
        .expect(200);
      const table = tableOf(await csvIn(body));
      const { drawers, problems } = readDrawers(table, mappingOf(table, drawerColumns));
      expect(problems.filter(({ severity }) => severity === 'error')).toEqual([]);
      const found = matchDrawers(drawers, await items());
      expect(found.filter(({ there }) => !there).map(({ read }) => read.line)).toEqual([]);
      for (const { read, there } of found) {
        expect(read).toMatchObject({ pieces: there?.level, minimum: there?.minimum });
        expect(read.offers.length).toBe(there?.offers.length);
      }
    },
  );
});
