import request from 'supertest';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { createApp } from '../app.ts';
import { passphrase } from '../testing/owner.ts';
import { testDatabase } from '../testing/testDatabase.ts';
import { type TestServer, testParts, testServer } from '../testing/testServer.ts';
import { deviceOf } from './deviceOf.ts';
import { hashPassphrase, passphraseMatches } from './passphrase.ts';

let server: TestServer;
beforeAll(async () => {
  server = await testServer();
});
afterAll(() => server.db.close());

describe('a passphrase', () => {
  it('is kept as scrypt with its own salt, and matches only itself', async () => {
    const [one, two] = await Promise.all([
      hashPassphrase('same words here'),
      hashPassphrase('same words here'),
    ]);
    expect(one).toMatch(/^scrypt\$131072\$8\$1\$/);
    expect(one).not.toBe(two);
    expect(one).not.toContain('same');
    expect(await passphraseMatches('same words here', one)).toBe(true);
    expect(await passphraseMatches('same words there', one)).toBe(false);
  });

  it('matches however its accents are typed', async () => {
    const hash = await hashPassphrase('caf\u00e9 on the quay');
    expect(await passphraseMatches('cafe\u0301 on the quay', hash)).toBe(true);
  });
});

describe('first use', () => {
  it('asks for a passphrase, takes one of some length, and only once', async () => {
    const db = await testDatabase('empty');
    const { app } = createApp(testParts(db));
    const browser = request.agent(app);
    expect((await browser.get('/api/session')).body).toEqual({
      signedIn: false,
      accountId: null,
      role: null,
      name: null,
      logsAs: null,
      needsSetup: true,
      needsCode: false,
      needsName: false,
    });
    const short = await browser.post('/api/setup').send({ passphrase: 'short' });
    expect(short.status).toBe(422);
    expect(short.type).toBe('application/problem+json');
    expect(short.body.errors[0]).toMatchObject({
      field: 'passphrase',
      message: expect.stringContaining('10 characters'),
    });
    await browser.post('/api/setup').send({ passphrase: 'long enough words' }).expect(200);
    expect((await browser.get('/api/session')).body).toEqual({
      signedIn: true,
      accountId: expect.any(String),
      role: 'instructor',
      name: 'Instructor',
      logsAs: null,
      needsSetup: false,
      needsCode: false,
      needsName: false,
    });
    await request(app).post('/api/setup').send({ passphrase: 'another long one' }).expect(403);
    await db.close();
  });

  it('behind a proxy that is trusted gives cookies that go back over TLS only, and stays there', async () => {
    const db = await testDatabase('owned');
    const { app } = createApp({ ...testParts(db), trustProxy: 1 });
    const passphrase = 'a quiet harbour';
    const tls = { 'X-Forwarded-Proto': 'https', 'X-Forwarded-For': '203.0.113.9' };
    const entered = await request(app).post('/api/session').set(tls).send({ passphrase });
    const [cookie = ''] = entered.get('Set-Cookie') ?? [];
    // RFC 6265bis, 4.1.3.2: with this prefix only Secure, Path=/ and no Domain are taken.
    expect(cookie).toMatch(/^__Host-ozzet_session=/);
    expect(cookie).toMatch(/; Secure/);
    expect(cookie).toMatch(/; Path=\//);
    expect(cookie).not.toMatch(/Domain/i);
    expect(entered.headers['strict-transport-security']).toContain('max-age=');
    const [pair = ''] = cookie.split(';');
    const kits = request(app).get('/api/kits').set(tls).set('Cookie', pair);
    expect((await kits).status).toBe(200);
    const plain = request(app).get('/api/kits').set('Cookie', pair);
    expect((await plain).status).toBe(401);
    await db.close();
  });

  it('lets nobody own the site by way of a proxy, a name that leads here, or a page from elsewhere', async () => {
    const db = await testDatabase('empty');
    const { app } = createApp(testParts(db));
    for (const headers of [
      { 'X-Forwarded-For': '203.0.113.9' },
      // RFC 7239
      { Forwarded: 'for=203.0.113.9' },
      { Host: 'evil.example' },
      { Origin: 'http://evil.example' },
    ]) {
      const asked = await request(app).get('/api/session').set(headers);
      expect([headers, asked.body.needsCode]).toEqual([headers, true]);
      const set = request(app).post('/api/setup').set(headers);
      expect((await set.send({ passphrase: 'attacker owns this' })).status).toBe(403);
    }
    expect((await request(app).get('/api/session')).body.needsSetup).toBe(true);
    await db.close();
  });
});

describe('signing in', () => {
  it('opens the instructor’s side with a cookie that scripts and other sites cannot use', async () => {
    const answer = await request(server.app).post('/api/session').send({ passphrase }).expect(200);
    const cookie = answer.headers['set-cookie']?.[0] ?? '';
    expect(cookie).toMatch(/HttpOnly/);
    expect(cookie).toMatch(/SameSite=Strict/);
    expect(cookie).toMatch(/Path=\//);
    await request(server.app).get('/api/kits').set('Cookie', cookie).expect(200);
  });

  it('keeps the session’s token out of the database', async () => {
    const answer = await request(server.app).post('/api/session').send({ passphrase }).expect(200);
    const token = /ozzet_session=([^;]+)/.exec(answer.headers['set-cookie']?.[0] ?? '')?.[1] ?? '';
    expect(token.length).toBeGreaterThan(40);
    const rows = await server.db.query<{ token_hash: string }>('select token_hash from session');
    expect(rows.length).toBeGreaterThan(0);
    for (const { token_hash } of rows) expect(token_hash).not.toBe(token);
  });

  it('ends with signing out', async () => {
    const browser = request.agent(server.app);
    await browser.post('/api/session').send({ passphrase }).expect(200);
    await browser.delete('/api/session').expect(200);
    await browser.get('/api/kits').expect(401);
  });

  it.each([
    '/api/kits',
    '/api/workshops',
    '/api/workshops/x/log',
    '/api/workshops/x/stream',
    '/api/workshops/x/wrap-up.csv',
  ])('is needed for %s', async (path) => {
    const answer = await request(server.app).get(path);
    expect(answer.status).toBe(401);
    expect(answer.type).toBe('application/problem+json');
    expect(answer.body).toMatchObject({ status: 401, title: 'Sign in first' });
  });

  it('refuses a wrong passphrase by the field, and has whoever keeps guessing from the network wait', async () => {
    const guess = (from: Record<string, string>, words = 'wrong guess here') =>
      request(server.app).post('/api/session').set(from).send({ passphrase: words });
    const outside = { 'X-Forwarded-For': '203.0.113.9' };
    const first = await guess(outside);
    expect(first.status).toBe(422);
    expect(first.body.errors).toEqual([
      expect.objectContaining({
        field: 'passphrase',
        message: expect.stringContaining('not the passphrase'),
      }),
    ]);
    let last = first;
    for (let tries = 0; tries < 8 && last.status !== 429; tries++) last = await guess(outside);
    expect(last.status).toBe(429);
    expect(last.body.detail).toMatch(/Wait (a second|\d seconds)/);
    expect(last.type).toBe('application/problem+json');
    // At the computer itself nobody is kept out by others' guesses.
    await guess({}, passphrase).expect(200);
  });

  it('ends twelve hours after the last call, and thirty days after the first', async () => {
    const { db } = server;
    const alive = async (changes: string) => {
      const browser = request.agent(server.app);
      await browser.post('/api/session').send({ passphrase }).expect(200);
      await db.query(`update session set ${changes}`);
      return (await browser.get('/api/kits')).status;
    };
    expect(await alive(`seen_at = now() - interval '11 hours 50 minutes'`)).toBe(200);
    expect(await alive(`seen_at = now() - interval '12 hours 1 minute'`)).toBe(401);
    expect(await alive(`seen_at = now(), expires_at = now() - interval '1 minute'`)).toBe(401);
  });

  it('does not take a cookie that it did not give', async () => {
    await request(server.app).get('/api/kits').set('Cookie', 'ozzet_session=made-up').expect(401);
  });
});

describe('keys', () => {
  const ida = { role: 'instructor', name: 'Ida', passphrase: 'a light on the pier' };
  const entered = async (
    app: TestServer['app'],
    { name, passphrase }: { readonly name?: string; readonly passphrase: string },
  ) => {
    const agent = request.agent(app);
    const answer = await agent.post('/api/session').send({ name, passphrase });
    return { agent, answer };
  };

  it('of several instructors each need their name, and say who logged what', async () => {
    const site = await testServer();
    await site.instructor.post('/api/accounts').send(ida).expect(200);
    const nameless = await request(site.app).post('/api/session').send({ passphrase });
    expect([nameless.status, nameless.body.errors?.[0]?.field]).toEqual([422, 'name']);
    const { answer } = await entered(site.app, ida);
    expect(answer.body).toMatchObject({ role: 'instructor', name: 'Ida', logsAs: 'Ida' });
    expect((await request(site.app).get('/api/session')).body).toMatchObject({ needsName: true });
    await site.db.close();
  });

  it('cannot be thrown away by their last owner', async () => {
    const site = await testServer();
    const [me] = (await site.instructor.get('/api/accounts')).body;
    await site.instructor.delete(`/api/accounts/${me.id}`).expect(403);
    await site.db.close();
  });

  it('are changed with the one of now; all other devices are out', async () => {
    const site = await testServer();
    const { agent: other } = await entered(site.app, { passphrase });
    const change = (current: string) =>
      site.instructor
        .put('/api/session/passphrase')
        .send({ current, passphrase: 'three old anchors' });
    const wrong = await change('not this one');
    expect([wrong.status, wrong.body.errors[0].field]).toEqual([422, 'current']);
    await change(passphrase).expect(200);
    await other.get('/api/kits').expect(401);
    await site.instructor.get('/api/kits').expect(200);
    expect((await entered(site.app, { passphrase })).answer.status).toBe(422);
    expect((await entered(site.app, { passphrase: 'three old anchors' })).answer.status).toBe(200);
    await site.db.close();
  });

  it('go by a name that their owner may change, to one that nobody else has', async () => {
    const site = await testServer();
    await site.instructor.post('/api/accounts').send(ida).expect(200);
    const rename = (name: string) => site.instructor.put('/api/session/name').send({ name });
    expect((await rename('ida').expect(422)).body.errors[0].field).toBe('name');
    await rename('Marit').expect(200);
    expect((await entered(site.app, { name: 'marit', passphrase })).answer.status).toBe(200);
    expect((await entered(site.app, { name: 'Instructor', passphrase })).answer.status).toBe(422);
    await site.db.close();
  });

  it('of helpers are renewed by the instructor; those of instructors are not', async () => {
    const site = await testServer();
    const knot = { role: 'helper', name: 'Knot', passphrase: 'the second lantern' };
    const { id } = (await site.instructor.post('/api/accounts').send(knot).expect(200)).body;
    const { agent } = await entered(site.app, knot);
    const renew = (accountId: string) =>
      site.instructor
        .put(`/api/accounts/${accountId}/passphrase`)
        .send({ passphrase: 'three old anchors' });
    await renew(id).expect(200);
    await agent.get('/api/kits').expect(401);
    expect((await entered(site.app, knot)).answer.status).toBe(422);
    const other = (await site.instructor.post('/api/accounts').send(ida).expect(200)).body;
    await renew(other.id).expect(403);
    await site.db.close();
  });

  it('sessions are listed, one’s own for a helper and all for an instructor, and ended one by one', async () => {
    const site = await testServer();
    const knot = { role: 'helper', name: 'Knot', passphrase: 'the second lantern' };
    await site.instructor.post('/api/accounts').send(knot).expect(200);
    const { agent } = await entered(site.app, knot);
    const own = (await agent.get('/api/sessions').expect(200)).body;
    expect(own).toMatchObject([{ name: 'Knot', isThis: true }]);
    const all = (await site.instructor.get('/api/sessions').expect(200)).body;
    expect(all).toHaveLength(2);
    const instructors = all.find(({ isThis }: { isThis: boolean }) => isThis);
    await agent.delete(`/api/sessions/${instructors.id}`).expect(404);
    await site.instructor.delete(`/api/sessions/${own[0].id}`).expect(200);
    await agent.get('/api/kits').expect(401);
    await site.db.close();
  });
});

describe('a device', () => {
  // User-Agent texts as browsers send them, shortened (from memory).
  it.each([
    ['Mozilla/5.0 (X11; Linux x86_64; rv:140.0) Gecko/20100101 Firefox/140.0', 'Firefox, Linux'],
    ['Mozilla/5.0 (iPad; CPU OS 18_0 like Mac OS X) Version/18.0 Safari/604.1', 'Safari, iPad'],
    ['Mozilla/5.0 (Linux; Android 14) Chrome/130.0.0.0 Mobile Safari/537.36', 'Chrome, Android'],
    ['Mozilla/5.0 (Windows NT 10.0) Chrome/130.0 Safari/537.36 Edg/130.0', 'Edge, Windows'],
    ['curl/8.0', ''],
    [undefined, ''],
  ])('“%s” is %s', (agent, words) => {
    expect(deviceOf(agent)).toBe(words);
  });
});
