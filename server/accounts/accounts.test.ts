import request from 'supertest';
import { beforeAll, describe, expect, it } from 'vitest';
import type { Workshop } from '#contract/workshops';
import { makeWorkshop, sent, type TestServer, testServer } from '../testing/testServer.ts';

let server: TestServer;
let workshop: Workshop;
const knot = { name: 'Knot', passphrase: 'the second lantern' };
const helper = { ...knot, role: 'helper' };

beforeAll(async () => {
  server = await testServer();
  workshop = await makeWorkshop(server);
  await server.instructor.post('/api/accounts').send(helper).expect(200);
});

async function signedIn() {
  const agent = request.agent(server.app);
  await agent.post('/api/session').send(knot).expect(200);
  return agent;
}

describe('a helper', () => {
  it('signs in by name and passphrase, whatever the case of the name', async () => {
    const agent = request.agent(server.app);
    const { body } = await agent
      .post('/api/session')
      .send({ ...knot, name: ' knot' })
      .expect(200);
    expect(body).toMatchObject({ signedIn: true, role: 'helper', name: 'Knot', logsAs: 'Knot' });
    expect((await agent.get('/api/session')).body).toMatchObject({ logsAs: 'Knot' });
    expect((await server.instructor.get('/api/session')).body).toMatchObject({ logsAs: null });
  });

  it('is not told whether it was the name or the passphrase', async () => {
    const tries = [
      { ...knot, passphrase: 'something else' },
      { ...knot, name: 'Nobody' },
    ];
    const told = [];
    for (const body of tries) {
      const answer = await request(server.app).post('/api/session').send(body).expect(422);
      told.push(answer.body.detail);
    }
    expect(told[0]).toBe(told[1]);
    expect(told[0]).toMatch(/ask the instructor/);
  });

  it('logs on the floor under that name, and everybody sees it', async () => {
    const agent = await signedIn();
    const [seat] = workshop.seats;
    const praise = sent(seat?.id ?? '', { kind: 'praise', stepId: workshop.steps[0]?.id ?? '' });
    await agent
      .post(`/api/workshops/${workshop.id}/seats/${seat?.id}/events`)
      .send({ events: [praise] })
      .expect(200);
    const log = await server.instructor.get(`/api/workshops/${workshop.id}/log`).expect(200);
    expect(log.body.events).toMatchObject([
      { event: { id: praise.id, by: 'instructor', helper: 'Knot' } },
    ]);
    const { text } = await server.instructor.get(`/api/workshops/${workshop.id}/wrap-up.csv`);
    expect(text).toMatch(/praise,1,.*,Knot,/);
  });

  it('looks kits and workshops up, and changes nothing else', async () => {
    const agent = await signedIn();
    await agent.get('/api/kits').expect(200);
    await agent.get(`/api/workshops/${workshop.id}`).expect(200);
    for (const path of ['/api/accounts', '/api/people', '/api/record/latest'])
      await agent.get(path).expect(403);
    const { body } = await agent.post('/api/stores/suppliers').send({}).expect(403);
    expect(body.detail).toMatch(/for the instructor/);
    await agent.put(`/api/workshops/${workshop.id}/seating`).send({ seats: [] }).expect(403);
    await agent.post('/api/accounts').send(helper).expect(403);
  });

  it('is named once, and needs a passphrase that is long enough', async () => {
    const twice = await server.instructor
      .post('/api/accounts')
      .send({ ...helper, name: 'KNOT' })
      .expect(422);
    expect(twice.body.errors).toMatchObject([{ field: 'name' }]);
    const short = await server.instructor
      .post('/api/accounts')
      .send({ role: 'helper', name: 'Ruff', passphrase: 'short' })
      .expect(422);
    expect(short.body.errors).toMatchObject([{ field: 'passphrase' }]);
  });

  it('is out at once when removed; what was logged keeps the name', async () => {
    const agent = await signedIn();
    const { body } = await server.instructor.get('/api/accounts').expect(200);
    expect(body).toMatchObject([{ role: 'instructor' }, { role: 'helper', name: 'Knot' }]);
    await server.instructor.delete(`/api/accounts/${body[1].id}`).expect(200);
    await agent.get('/api/kits').expect(401);
    await request(server.app).post('/api/session').send(knot).expect(422);
    await server.instructor.delete(`/api/accounts/${body[1].id}`).expect(404);
    const log = await server.instructor.get(`/api/workshops/${workshop.id}/log`);
    expect(log.body.events[0].event.helper).toBe('Knot');
  });
});
