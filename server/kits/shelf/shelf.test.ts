import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { makeKit, makeWorkshop, type TestServer, testServer } from '../../testing/testServer.ts';
import { deleteRemoved } from './queries.ts';

let server: TestServer;
beforeAll(async () => {
  server = await testServer();
});
afterAll(() => server.db.close());

const names = async () =>
  ((await server.instructor.get('/api/kits').expect(200)).body as { name: string }[]).map(
    ({ name }) => name,
  );
const kitOf = async (id: string) => (await server.instructor.get(`/api/kits/${id}`)).body;

describe('a kit as a thing', () => {
  it('is renamed, described and filed, and the list says so', async () => {
    const id = await makeKit(server, 'First name');
    await server.instructor
      .put(`/api/kits/${id}/about`)
      .send({
        version: 1,
        name: ' Pier Lamp ',
        description: 'For the pier.',
        tags: ['lamp', 'easy'],
      })
      .expect(200, { version: 2 });
    const { body } = await server.instructor.get('/api/kits').expect(200);
    expect(body).toContainEqual(
      expect.objectContaining({
        id,
        name: 'Pier Lamp',
        description: 'For the pier.',
        tags: ['lamp', 'easy'],
        archivedAt: null,
        workshops: 0,
      }),
    );
    // Nothing of its content has another revision for it.
    expect(await kitOf(id)).toMatchObject({ revision: 1, about: { version: 2 } });
  });

  it('refuses a name that another kit has, and a change of what somebody else changed', async () => {
    await makeKit(server, 'Taken');
    const id = await makeKit(server, 'Free');
    const about = { version: 1, name: 'TAKEN', description: '', tags: [] };
    const taken = await server.instructor.put(`/api/kits/${id}/about`).send(about).expect(422);
    expect(taken.body.errors[0].field).toBe('name');
    await server.instructor
      .put(`/api/kits/${id}/about`)
      .send({ ...about, name: 'New' })
      .expect(200);
    await server.instructor
      .put(`/api/kits/${id}/about`)
      .send({ ...about, name: 'Late' })
      .expect(409);
    expect(await kitOf(id)).toMatchObject({ name: 'New' });
  });

  it('is copied whole, and then goes its own way', async () => {
    const id = await makeKit(server, 'Original');
    const { body } = await server.instructor
      .post(`/api/kits/${id}/copies`)
      .send({ name: 'Copy' })
      .expect(200);
    const [original, copy] = [await kitOf(id), await kitOf(body.id)];
    expect(copy.lines).toEqual(original.lines);
    expect(copy).toMatchObject({ name: 'Copy', revision: 1, supplyVolt: original.supplyVolt });
    await server.instructor
      .put(`/api/kits/${body.id}/lines`)
      .send({ version: 1, lines: copy.lines.slice(0, 1) })
      .expect(200);
    expect((await kitOf(id)).lines).toHaveLength(original.lines.length);
  });

  it('is put away and brought back', async () => {
    const id = await makeKit(server, 'Seldom');
    await server.instructor.put(`/api/kits/${id}/archived`).send({ archived: true }).expect(200);
    expect((await kitOf(id)).about.archivedAt).not.toBeNull();
    await server.instructor.put(`/api/kits/${id}/archived`).send({ archived: false }).expect(200);
    expect((await kitOf(id)).about.archivedAt).toBeNull();
  });

  it('is removed, gives its name free, and comes back when asked in time', async () => {
    const id = await makeKit(server, 'Mistake');
    await server.instructor.delete(`/api/kits/${id}`).expect(200);
    expect(await names()).not.toContain('Mistake');
    await server.instructor.get(`/api/kits/${id}`).expect(404);
    const second = await makeKit(server, 'Mistake');
    await server.instructor.post(`/api/kits/${id}/back`).expect(422);
    await server.instructor.delete(`/api/kits/${second}`).expect(200);
    await server.instructor.post(`/api/kits/${id}/back`).expect(200);
    expect(await names()).toContain('Mistake');
    expect((await kitOf(id)).lines).toHaveLength(2);
  });

  it('is deleted for good a week after it was removed, and no other with it', async () => {
    const [old, fresh] = [await makeKit(server, 'Old'), await makeKit(server, 'Fresh')];
    await server.instructor.delete(`/api/kits/${old}`).expect(200);
    await server.instructor.delete(`/api/kits/${fresh}`).expect(200);
    await server.db.query(`update kit set removed_at = now() - interval '8 days' where id = $1`, [
      old,
    ]);
    await server.db.transaction(deleteRemoved);
    await server.instructor.post(`/api/kits/${old}/back`).expect(404);
    await server.instructor.post(`/api/kits/${fresh}/back`).expect(200);
    const orphans = await server.db.query(
      'select 1 from part_line left join kit_revision on id = revision_id where id is null',
    );
    expect(orphans).toEqual([]);
  });

  it('is not removed once an evening was planned with it, and says which', async () => {
    const workshop = await makeWorkshop(server);
    const { kitId } = workshop;
    const { body } = await server.instructor.delete(`/api/kits/${kitId}`).expect(409);
    expect(body.detail).toContain('1 evening');
    const evenings = await server.instructor.get(`/api/kits/${kitId}/evenings`).expect(200);
    expect(evenings.body).toEqual([
      expect.objectContaining({ workshopId: workshop.id, revision: 1 }),
    ]);
  });
});
