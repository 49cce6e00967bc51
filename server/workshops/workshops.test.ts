import Papa from 'papaparse';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import {
  kitBody,
  makeKit,
  makeWorkshop,
  sent,
  smallKitCsv,
  type TestServer,
  testServer,
} from '../testing/testServer.ts';

let server: TestServer;
beforeAll(async () => {
  server = await testServer();
});
afterAll(() => server.db.close());

const plan = (kitId: string, more: object = {}) => ({
  title: 'An evening',
  kitId,
  startsAt: '2026-03-05T18:30:00Z',
  lengthMinutes: 120,
  seats: [{ name: 'Tern' }],
  ...more,
});

describe('planning a workshop', () => {
  it('gives every seat a link of its own that cannot be guessed', async () => {
    const workshop = await makeWorkshop(server, ['Tern', 'Skua', '']);
    expect(workshop.seats.map(({ number, name }) => [number, name])).toEqual([
      [1, 'Tern'],
      [2, 'Skua'],
      [3, ''],
    ]);
    const tokens = workshop.seats.map(({ token }) => token);
    expect(new Set(tokens).size).toBe(3);
    // 128 bits are 22 characters of base64url; these have 192.
    for (const token of tokens) expect(token).toMatch(/^[\w-]{32}$/);
    expect(workshop.seatAddress).toBe('http://bench.test');
  });

  it('keeps the plan and the revision it was made on when the kit changes', async () => {
    const kitId = await makeKit(server, 'Changing');
    const made = await server.instructor.post('/api/workshops').send(plan(kitId)).expect(200);
    const { name: _, ...list } = kitBody('', `${smallKitCsv}C1,1,electrolytic,10u\n`);
    await server.instructor.post(`/api/kits/${kitId}/revisions`).send(list).expect(200);
    const { body } = await server.instructor.get(`/api/workshops/${made.body.id}`).expect(200);
    expect(body.revision).toBe(1);
    expect(body.steps.some(({ id }: { id: string }) => id.includes('C1'))).toBe(false);
  });

  it('lists the latest first', async () => {
    const kitId = await makeKit(server, 'Listed');
    await server.instructor
      .post('/api/workshops')
      .send(plan(kitId, { title: 'Far off', startsAt: '2031-01-01T10:00:00Z' }))
      .expect(200);
    const { body } = await server.instructor.get('/api/workshops').expect(200);
    expect(body[0]).toMatchObject({ title: 'Far off', kitName: 'Listed', seats: 1 });
  });

  it.each([
    ['no title', { title: '' }, 'title'],
    ['a kit that is none', { kitId: '00000000-0000-4000-8000-000000000000' }, 'kitId'],
    ['a kit id that is none', { kitId: 'x' }, 'kitId'],
    ['a time that does not exist', { startsAt: 'next week' }, 'startsAt'],
    ['no length', { lengthMinutes: 0 }, 'lengthMinutes'],
    ['no seats', { seats: [] }, 'seats'],
    ['too many seats', { seats: Array.from({ length: 61 }, () => ({ name: '' })) }, 'seats'],
    ['a long name', { seats: [{ name: 'x'.repeat(41) }] }, 'seats[0].name'],
  ])('with %s is refused by the field and makes nothing', async (_, wrong, field) => {
    const kitId = await makeKit(server, `Refused ${Math.random()}`);
    const before = (await server.instructor.get('/api/workshops')).body.length;
    const answer = await server.instructor.post('/api/workshops').send(plan(kitId, wrong));
    expect(answer.status).toBe(422);
    expect(answer.body.errors.map((error: { field: string }) => error.field)).toContain(field);
    expect((await server.instructor.get('/api/workshops')).body).toHaveLength(before);
  });

  it('on a kit with nothing to solder is refused', async () => {
    const kitId = await makeKit(server, 'Bare board', 'Qty,Part\n1,board\n');
    const answer = await server.instructor.post('/api/workshops').send(plan(kitId));
    expect(answer.status).toBe(422);
    expect(answer.body.errors[0].message).toMatch(/no part to solder/);
  });

  it.each(['/api/workshops/x', '/api/workshops/00000000-0000-4000-8000-000000000000'])(
    '%s is no workshop',
    async (path) => {
      expect((await server.instructor.get(path)).status).toBe(404);
    },
  );
});

describe('the wrap-up as CSV', () => {
  it('has a row for each thing that counts, and no cell that a spreadsheet would run', async () => {
    const workshop = await makeWorkshop(server, ['=HYPERLINK("x")', 'Skua']);
    const [first, second] = workshop.seats;
    if (!first || !second) throw new Error('no seats');
    const at = (minute: number) => `2026-03-05T18:${30 + minute}:00.000Z`;
    const mistake = sent(
      first.id,
      { kind: 'mistake', stepId: 'solder-D1', mistake: 'backwards', designator: 'D1' },
      at(9),
    );
    const slip = sent(
      second.id,
      { kind: 'mistake', stepId: 'solder-D1', mistake: 'bridge' },
      at(9),
    );
    const post = (seatId: string, events: object[]) =>
      server.instructor
        .post(`/api/workshops/${workshop.id}/seats/${seatId}/events`)
        .send({ events })
        .expect(200);
    await post(first.id, [
      sent(first.id, { kind: 'step-done', stepId: 'solder-R1-R2' }, at(5)),
      mistake,
    ]);
    await post(second.id, [slip, sent(second.id, { kind: 'undo', undoes: slip.id }, at(10))]);

    const answer = await server.instructor
      .get(`/api/workshops/${workshop.id}/wrap-up.csv`)
      .expect(200);
    expect(answer.headers['content-type']).toMatch(/text\/csv/);
    expect(answer.headers['content-disposition']).toMatch(
      /attachment; filename="?A-test-evening-wrap-up\.csv/,
    );
    const { data } = Papa.parse<Record<string, string>>(answer.text, {
      header: true,
      skipEmptyLines: true,
    });
    expect(
      data.map((row) => [
        row.seat,
        row.what,
        row.minute,
        row.mistake,
        row.part,
        row['found at step'],
      ]),
    ).toEqual([
      ['1', 'step done', '5', '', '', ''],
      ['1', 'mistake', '9', 'backwards', 'D1', '2'],
    ]);
    for (const row of data) expect(row.learner).toBe(`'=HYPERLINK("x")`);
  });
});

describe('what the room solders with', () => {
  it('is some 340 °C at first, can be changed, and gives the seats their seconds of heat', async () => {
    const workshop = await makeWorkshop(server);
    expect(workshop.iron).toEqual({ tip: 'chisel-16', celsius: 340, alloy: 'sn60pb40' });
    const iron = { tip: 'chisel-32', celsius: 360, alloy: 'sac305' };
    const { body } = await server.instructor
      .put(`/api/workshops/${workshop.id}/iron`)
      .send(iron)
      .expect(200);
    expect(body.iron).toEqual(iron);
    const seat = await server.instructor.get(`/api/seats/${workshop.seats[0]?.token}`).expect(200);
    expect(seat.body.heatTimes).toEqual(body.heatTimes);
    expect(body.heatTimes.plane).toBeGreaterThan(body.heatTimes.ordinary);
    // With a thin tip a pad that is all plane never gets hot (common practice).
    const thin = await server.instructor
      .put(`/api/workshops/${workshop.id}/iron`)
      .send({ ...iron, tip: 'needle-04' })
      .expect(200);
    expect(thin.body.heatTimes.plane).toBeNull();
  });

  it.each([
    ['tip', 'none', 'Choose a tip'],
    ['celsius', 900, '420 °C or less'],
    ['alloy', 'gold', 'Choose a solder'],
  ])('refuses a wrong %s and keeps what it was', async (field, value, message) => {
    const workshop = await makeWorkshop(server);
    const { body } = await server.instructor
      .put(`/api/workshops/${workshop.id}/iron`)
      .send({ ...workshop.iron, [field]: value })
      .expect(422);
    expect(body.errors[0]).toMatchObject({ field });
    expect(body.errors[0].message).toContain(message);
    const after = await server.instructor.get(`/api/workshops/${workshop.id}`).expect(200);
    expect(after.body.iron).toEqual(workshop.iron);
  });
});
