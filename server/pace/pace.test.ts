import { randomUUID } from 'node:crypto';
import { describe, expect, it } from 'vitest';
import type { LearntPaces } from '#contract/pace';
import type { Workshop } from '#contract/workshops';
import { usualConditions } from '#core/pace/evening/conditions';
import { makeWorkshop, sent, type TestServer, testServer } from '../testing/testServer.ts';

/** Every step of a seat, each in so many times its plan. */
async function build(server: TestServer, workshop: Workshop, index: number, share: number) {
  const seat = workshop.seats[index];
  let minute = 5;
  const events = workshop.steps.map(({ id, minutes }) => {
    minute += minutes * share;
    const at = new Date(Date.parse(workshop.startsAt) + minute * 60_000).toISOString();
    return sent(seat?.id ?? '', { kind: 'step-done', stepId: id }, at);
  });
  await server.instructor.post(`/api/seats/${seat?.token}/events`).send({ events }).expect(200);
}

const paces = async (server: TestServer, { id }: Workshop): Promise<LearntPaces> =>
  (await server.instructor.get(`/api/workshops/${id}/paces`).expect(200)).body;

describe('what finished workshops teach', () => {
  it('is nothing at first, and grows with each one that is over', async () => {
    const server = await testServer();
    const first = await makeWorkshop(server, ['Tern', 'Skua']);
    const before = { count: 0, kinds: [], learners: [] };
    expect(await paces(server, first)).toMatchObject(before);
    await build(server, first, 0, 0.6);
    await build(server, first, 1, 1.8);
    const after = await paces(server, first);
    const paceOf = (found: LearntPaces, seat: number) =>
      found.learners.find(({ id }) => id === first.seats[seat]?.learnerId);
    // The first step has no beginning that anybody logged.
    expect(after.count).toBe(2 * (first.steps.length - 1));
    expect(paceOf(after, 0)?.pace.logMean).toBeLessThan(paceOf(after, 1)?.pace.logMean ?? 0);
    expect(after.kinds.map(({ id }) => id)).toContain('solder');

    const second = await makeWorkshop(server, ['tern']);
    await build(server, second, 0, 0.6);
    const more = await paces(server, second);
    // Skua has no seat at the second evening: nobody there needs to know that pace.
    expect(more.learners.map(({ id }) => id)).toEqual([first.seats[0]?.learnerId]);
    expect(more.workshops).toBe(2);
    expect(paceOf(more, 0)?.count).toBe(2 * (paceOf(after, 0)?.count ?? 0));
    expect(paceOf(more, 0)?.pace.logSd).toBeLessThan(paceOf(after, 0)?.pace.logSd ?? 0);
  });

  it('leaves out evenings that are not over, and learners of whom nothing was seen', async () => {
    const server = await testServer();
    const workshop = await makeWorkshop(server, ['Tern']);
    await build(server, workshop, 0, 1);
    await server.db.query('update workshop set starts_at = now() where id = $1', [workshop.id]);
    expect((await paces(server, workshop)).count).toBe(0);
    await server.db.query(
      `update workshop set starts_at = now() - interval '1 day' where id = $1`,
      [workshop.id],
    );
    const other = await makeWorkshop(server, ['Ruff']);
    const { learners } = await paces(server, other);
    // Nothing to say of Ruff: what the experience says holds.
    expect(learners).toEqual([]);
  });
});

describe('what an evening has to do with', () => {
  const usual = usualConditions(2);
  it('is as rooms usually are until somebody says it, and is kept with the workshop', async () => {
    const server = await testServer();
    const workshop = await makeWorkshop(server, ['Tern', 'Skua']);
    const { conditions, conditionsVersion: version } = await paces(server, workshop);
    expect(conditions).toBeNull();
    const said = {
      ...usual,
      capacity: { ...usual.capacity, iron: 1 },
      breaks: [{ at: 45, minutes: 15 }],
      late: { percent: 10, minutes: 25 },
    };
    const put = (body: object) =>
      server.instructor.put(`/api/workshops/${workshop.id}/conditions`).send(body);
    await put({ conditions: said, version }).expect(200);
    expect((await paces(server, workshop)).conditions).toEqual(said);
    // Somebody else was first.
    await put({ conditions: usual, version }).expect(409);
    await server.instructor
      .put(`/api/workshops/${randomUUID()}/conditions`)
      .send({ conditions: usual, version })
      .expect(404);
  });

  it.each([
    ['no iron at all', { capacity: { ...usual.capacity, iron: 0 } }, 'conditions.capacity.iron'],
    ['a welcome of half a day', { welcomeMinutes: 400 }, 'conditions.welcomeMinutes'],
    ['a break of nothing', { breaks: [{ at: 10, minutes: 0 }] }, 'conditions.breaks[0].minutes'],
    ['more than everybody late', { late: { percent: 101, minutes: 5 } }, 'conditions.late.percent'],
  ])('refuses %s by its field', async (_, wrong, field) => {
    const server = await testServer();
    const workshop = await makeWorkshop(server, ['Tern']);
    const { body } = await server.instructor
      .put(`/api/workshops/${workshop.id}/conditions`)
      .send({ conditions: { ...usual, ...wrong }, version: 1 })
      .expect(422);
    expect(JSON.stringify(body.errors)).toContain(field);
  });
});
