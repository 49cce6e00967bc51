import request from 'supertest';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { helperAt, type TestServer, testServer } from '../testing/testServer.ts';
import { timeInWords } from './siteTime.ts';

let server: TestServer;
beforeAll(async () => {
  server = await testServer();
});
afterAll(() => server.db.close());

const set = (body: object) => server.instructor.put('/api/clock').send(body);

describe('the clock of a site', () => {
  it('is told to everybody, and set by instructors', async () => {
    const first = (await request(server.app).get('/api/clock').expect(200)).body;
    expect(first.hours).toBe(24);
    const { agent } = await helperAt(server);
    await agent.put('/api/clock').send(first).expect(403);
    const clock = { timeZone: 'Pacific/Auckland', hours: 12 };
    expect((await set(clock).expect(200)).body).toEqual(clock);
    expect((await request(server.app).get('/api/clock').expect(200)).body).toEqual(clock);
  });

  it('tells times of papers in its zone and by its hours', async () => {
    const winter = '2026-12-05T18:30:00Z';
    const time = { hour: '2-digit', minute: '2-digit' } as const;
    await set({ timeZone: 'America/New_York', hours: 24 }).expect(200);
    expect(timeInWords('en-GB', winter, time)).toBe('13:30');
    await set({ timeZone: 'Asia/Kolkata', hours: 12 }).expect(200);
    expect(timeInWords('en-US', winter, time)).toMatch(/^12:00\sAM$/);
    expect(timeInWords('en-GB', winter, { dateStyle: 'long' })).toBe('6 December 2026');
  });

  it.each([
    [{ timeZone: 'Harbour/Town', hours: 24 }, 'timeZone'],
    [{ timeZone: '', hours: 24 }, 'timeZone'],
    [{ timeZone: 'UTC', hours: 13 }, 'hours'],
  ])('refuses %j by its field', async (body, field) => {
    const { body: problem } = await set(body).expect(422);
    expect(problem.errors[0].field).toBe(field);
  });
});
