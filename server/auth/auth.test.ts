import request from 'supertest';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { createApp } from '../app.ts';
import { passphrase } from '../testing/owner.ts';
import { testDatabase } from '../testing/testDatabase.ts';
import { type TestServer, testParts, testServer } from '../testing/testServer.ts';
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
    const app = createApp(testParts(db));
    const browser = request.agent(app);
    expect((await browser.get('/api/session')).body).toEqual({
      signedIn: false,
      helper: null,
      needsSetup: true,
      needsCode: false,
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
      helper: null,
      needsSetup: false,
      needsCode: false,
    });
    await request(app).post('/api/setup').send({ passphrase: 'another long one' }).expect(403);
    await db.close();
  });

  it('behind a proxy that is trusted gives cookies that go back over TLS only, and stays there', async () => {
    const db = await testDatabase('owned');
    const app = createApp({ ...testParts(db), trustProxy: 1 });
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
    const app = createApp(testParts(db));
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

  it('refuses a wrong passphrase by the field, and a device that keeps guessing altogether', async () => {
    const guess = () =>
      request(server.app).post('/api/session').send({ passphrase: 'wrong guess here' });
    const first = await guess();
    expect(first.status).toBe(422);
    expect(first.body.errors).toEqual([
      { field: 'passphrase', message: expect.stringContaining('not the passphrase') },
    ]);
    let last = first;
    for (let tries = 0; tries < 12 && last.status !== 429; tries++) last = await guess();
    expect(last.status).toBe(429);
    expect(last.body.detail).toMatch(/Wait a quarter of an hour/);
    expect(last.type).toBe('application/problem+json');
  });

  it('does not take a cookie that it did not give', async () => {
    await request(server.app).get('/api/kits').set('Cookie', 'ozzet_session=made-up').expect(401);
  });
});
