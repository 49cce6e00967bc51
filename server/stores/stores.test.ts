import { randomUUID } from 'node:crypto';
import fc from 'fast-check';
import request from 'supertest';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { ledgerOf } from '#core/stores/ledger';
import { passphrase } from '../testing/owner.ts';
import { makeWorkshop, sent, type TestServer, testServer } from '../testing/testServer.ts';

let server: TestServer;
beforeAll(async () => {
  server = await testServer();
});
afterAll(() => server.db.close());

const resistor = {
  part: {
    family: 'resistor-axial',
    value: { kind: 'amount', unit: 'ohm', amount: 470, tolerancePercent: 5 },
  },
  location: 'Drawer A1',
  minimum: 20,
};
const newItem = async (item: object = resistor): Promise<string> =>
  (await server.instructor.post('/api/stores/items').send(item).expect(200)).body.id;
const book = (itemId: string, kind: string, pieces: number, id = randomUUID()) =>
  server.instructor.post(`/api/stores/items/${itemId}/moves`).send({ id, kind, pieces, note: '' });
const ledger = async (itemId: string) =>
  (await server.instructor.get(`/api/stores/items/${itemId}/ledger`).expect(200)).body;

describe('the ledger', () => {
  it('books in, out, spoiled and counts; the level is explained by the moves', async () => {
    const id = await newItem();
    await book(id, 'in', 100).expect(200);
    await book(id, 'out', 24).expect(200);
    await book(id, 'count', 70).expect(200);
    expect((await book(id, 'spoiled', 2)).body).toEqual({ level: 68 });
    const { item, moves } = await ledger(id);
    expect(item).toMatchObject({ level: 68, location: 'Drawer A1', minimum: 20 });
    expect(ledgerOf(moves).map(({ level }) => level)).toEqual([100, 76, 70, 68]);
    const csv = await server.instructor.get(`/api/stores/items/${id}/ledger.csv`).expect(200);
    expect(csv.text).toMatch(
      /,in,100,100,100,\r\n.*,out,24,-24,76,\r\n.*,count,70,-6,70,\r\n.*,spoiled,2,-2,68,/,
    );
    await server.instructor.get(`/api/stores/items/${randomUUID()}/ledger.csv`).expect(404);
  });

  it('keeps the size of a chip part, and refuses one that nobody makes', async () => {
    const chip = (size: string) => ({
      ...resistor,
      part: { ...resistor.part, family: 'resistor-chip', size },
    });
    const { item } = await ledger(await newItem(chip('1206')));
    expect(item.part).toMatchObject({ family: 'resistor-chip', size: '1206' });
    const refused = await server.instructor.post('/api/stores/items').send(chip('12O6'));
    expect(refused.status).toBe(422);
    expect(refused.body.errors[0]).toMatchObject({
      field: 'part.size',
      message: 'Choose one of these: 0402, 0603, 0805, 1206, 1210, 1812, 2010, 2512.',
    });
  });

  it('books a move once, however often it is sent', async () => {
    const id = await newItem();
    const move = randomUUID();
    await book(id, 'in', 10, move).expect(200);
    expect((await book(id, 'in', 10, move)).body).toEqual({ level: 10 });
    expect((await ledger(id)).moves).toHaveLength(1);
  });

  it('refuses to take out more than there is, and books nothing', async () => {
    const id = await newItem();
    await book(id, 'in', 3).expect(200);
    const answer = await book(id, 'out', 4);
    expect(answer.status).toBe(422);
    expect(answer.body.errors[0]).toMatchObject({
      field: 'pieces',
      message: expect.stringMatching(/there are 3 pieces.*book a count/),
    });
    expect((await ledger(id)).moves).toHaveLength(1);
  });

  it('two people booking at once never take a piece twice, and the ledger explains the level', async () => {
    const other = request.agent(server.app);
    await other.post('/api/session').send({ passphrase }).expect(200);
    const move = fc.record({
      kind: fc.constantFrom('in', 'out', 'spoiled', 'count'),
      pieces: fc.integer({ min: 0, max: 30 }),
    });
    await fc.assert(
      fc.asyncProperty(
        fc.array(move, { minLength: 1, maxLength: 8 }),
        fc.array(move, { minLength: 1, maxLength: 8 }),
        async (hers, his) => {
          const itemId = await newItem();
          const path = `/api/stores/items/${itemId}/moves`;
          const answers = await Promise.all([
            ...hers.map((one) =>
              server.instructor.post(path).send({ ...one, id: randomUUID(), note: 'hers' }),
            ),
            ...his.map((one) => other.post(path).send({ ...one, id: randomUUID(), note: 'his' })),
          ]);
          const booked = answers.filter(({ status }) => status === 200).length;
          for (const { status } of answers) expect([200, 422]).toContain(status);
          const { item, moves } = await ledger(itemId);
          expect(moves).toHaveLength(booked);
          const rows = ledgerOf(moves);
          expect(rows.at(-1)?.level ?? 0).toBe(item.level);
          for (const { level } of rows) expect(level).toBeGreaterThanOrEqual(0);
        },
      ),
      { numRuns: 12 },
    );
  });

  it('cannot be changed behind its back', async () => {
    const id = await newItem();
    await book(id, 'in', 1).expect(200);
    await expect(server.db.query('update stock_move set pieces = 9')).rejects.toThrow(
      /append-only/,
    );
  });
});

describe('suppliers and offers', () => {
  it('belong to an item and are replaced as a whole', async () => {
    const id = await newItem();
    const supplier = (
      await server.instructor
        .post('/api/stores/suppliers')
        .send({ name: 'Pier Parts', deliveryCents: 490, days: 3 })
        .expect(200)
    ).body.id;
    const offer = {
      supplierId: supplier,
      packSize: 100,
      breaks: [
        { fromPacks: 1, packCents: 150 },
        { fromPacks: 10, packCents: 120 },
      ],
    };
    const put = (offers: object[], version: number) =>
      server.instructor.put(`/api/stores/items/${id}/offers`).send({ offers, version });
    await put([offer, { ...offer, packSize: 10 }], 1).expect(200);
    // Somebody who read before that would throw the second offer away unseen.
    expect((await put([offer], 1)).status).toBe(409);
    expect((await ledger(id)).item.offers).toHaveLength(2);
    await put([offer], 2).expect(200);
    expect((await ledger(id)).item.offers).toMatchObject([{ packSize: 100, supplierId: supplier }]);
    const again = await server.instructor
      .post('/api/stores/suppliers')
      .send({ name: 'pier parts', deliveryCents: 1, days: 1 });
    expect(again.body.errors[0]).toMatchObject({ field: 'name' });
    const wrong = await put([{ ...offer, breaks: [{ fromPacks: 2, packCents: 1 }] }], 3);
    expect(wrong.status).toBe(422);
    expect(wrong.body.errors[0].message).toMatch(/first price is for 1 pack/);
    const stranger = await put([{ ...offer, supplierId: randomUUID() }], 3);
    expect(stranger.body.errors[0]).toMatchObject({ field: 'offers[0].supplierId' });
    expect((await ledger(id)).item.offers).toHaveLength(1);
    const csv = await server.instructor.get('/api/stores/stock.csv').expect(200);
    expect(csv.text).toContain(
      'resistor,470 Ω,5 %,,Drawer A1,0,20,Pier Parts,100,1: 1.50; 10: 1.20,4.90,3',
    );
  });

  it.each([
    [{ ...resistor, minimum: -1 }, 'minimum'],
    [{ ...resistor, part: { ...resistor.part, family: 'gizmo' } }, 'part.family'],
    [{ ...resistor, location: 'x'.repeat(61) }, 'location'],
  ])('a wrong item is refused by its field', async (item, field) => {
    const answer = await server.instructor.post('/api/stores/items').send(item);
    expect(answer.status).toBe(422);
    expect(answer.body.errors[0].field).toBe(field);
  });
});

describe('needs of planned workshops', () => {
  it('count seats, spares by the rooms’ own losses, and the drawers', async () => {
    const fresh = await testServer();
    const itemId = (await fresh.instructor.post('/api/stores/items').send(resistor)).body.id;
    await fresh.instructor
      .post(`/api/stores/items/${itemId}/moves`)
      .send({ id: randomUUID(), kind: 'in', pieces: 3, note: '' })
      .expect(200);
    const workshop = await makeWorkshop(fresh);
    const ask = async (runOut = 0.05) =>
      (
        await fresh.instructor
          .post('/api/stores/needs')
          .send({ workshopIds: [workshop.id], runOut })
          .expect(200)
      ).body;
    const before = await ask();
    // The small kit: two resistors and a LED for each of two seats.
    const resistors = before.lines.find(
      ({ part }: { part: { family: string } }) => part.family === 'resistor-axial',
    );
    expect(resistors).toMatchObject({ fitted: 4, onHand: 3, rate: { pieces: 0, lost: 0 } });
    expect(resistors.short).toBe(resistors.pieces - 3);
    expect(before.runsOut).toBeLessThanOrEqual(0.05);

    const [seat] = workshop.seats;
    const stepId = workshop.steps[0]?.id ?? '';
    const events = Array.from({ length: 12 }).map(() =>
      sent(seat?.id ?? '', { kind: 'mistake', stepId, mistake: 'lost-part', designator: 'R1' }),
    );
    await fresh.instructor
      .post(`/api/workshops/${workshop.id}/seats/${seat?.id}/events`)
      .send({ events })
      .expect(200);
    const after = await ask();
    const more = after.lines.find(
      ({ part }: { part: { family: string } }) => part.family === 'resistor-axial',
    );
    expect(more.rate).toMatchObject({ pieces: 12, lost: 12 });
    expect(more.spares).toBeGreaterThan(resistors.spares);
    const csv = await fresh.instructor
      .get(`/api/stores/needs.csv?for=${workshop.id}&risk=0.05`)
      .expect(200);
    expect(csv.text).toMatch(/470 Ω resistor,no,4,\d+,\d+,3,\d+,[\d.]+,12,12/);
    await fresh.instructor.get('/api/stores/needs.csv?for=&risk=0.05').expect(404);
    await fresh.db.close();
  });

  it('a workshop that does not exist is told', async () => {
    const answer = await server.instructor
      .post('/api/stores/needs')
      .send({ workshopIds: [randomUUID()] });
    expect(answer.status).toBe(404);
    expect((await request(server.app).get('/api/stores')).status).toBe(401);
  });
});
