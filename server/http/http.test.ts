import { mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import express from 'express';
import pino from 'pino';
import request from 'supertest';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { said } from '#core/learning/said';
import { problemHandler } from './errors.ts';
import { pages } from './pages.ts';
import { Refusal } from './refusal.ts';
import { addressLimit, ownPagesOnly, pageHeaders } from './security.ts';

let folder: string;
beforeAll(() => {
  folder = mkdtempSync(join(tmpdir(), 'pages-'));
  mkdirSync(join(folder, 'assets'));
  writeFileSync(join(folder, 'index.html'), '<p nonce="__CSP_NONCE__">instructor</p>');
  writeFileSync(join(folder, 'seat.html'), '<p nonce="__CSP_NONCE__">seat</p>');
  writeFileSync(join(folder, 'assets', 'a.js'), 'let a;');
});
afterAll(() => rmSync(folder, { recursive: true }));

const app = () => {
  const made = express();
  made.use(pageHeaders());
  made.get('/refused', () => {
    throw new Refusal(
      422,
      said('refusals.any.notAllowed'),
      said('refusals.any.writeAWholeNumber'),
      [{ field: 'x', says: said('refusals.any.leastIs', { least: 2 }) }],
    );
  });
  made.get('/broken', () => {
    throw new Error('the secret inside');
  });
  made.use(pages(folder));
  made.use(problemHandler(pino({ level: 'silent' })));
  return made;
};

describe('the pages', () => {
  it('are the seat’s below /seat and the instructor’s elsewhere, never kept by a cache', async () => {
    const seat = await request(app()).get('/seat/some-token').expect(200);
    expect(seat.text).toContain('seat');
    expect(seat.headers['cache-control']).toBe('no-store');
    for (const path of ['/', '/kits', '/workshops/1/floor']) {
      expect((await request(app()).get(path).expect(200)).text).toContain('instructor');
    }
  });

  it.each(['/assets/gone.js', '/assets/', '/assets/%00', '/assets/..%2f..%2fpackage.json'])(
    '%s is not there, which is no fault of the server’s',
    async (path) => {
      const { status, headers, body } = await request(app()).get(path);
      expect([400, 403, 404]).toContain(status);
      expect(headers['cache-control']).toBe('no-store');
      expect(body.detail).toMatch(/\.$/);
    },
  );

  it('carry a fresh nonce that the policy names', async () => {
    const [one, two] = await Promise.all([request(app()).get('/'), request(app()).get('/')]);
    const nonce = /nonce="([^"]+)"/.exec(one.text)?.[1] ?? '';
    expect(nonce.length).toBeGreaterThan(20);
    expect(two.text).not.toContain(nonce);
    expect(one.headers['content-security-policy']).toContain(`'nonce-${nonce}'`);
  });

  it('may load nothing from elsewhere and run nothing inline', async () => {
    const { headers } = await request(app()).get('/');
    const policy = headers['content-security-policy'] ?? '';
    expect(policy).toContain("default-src 'none'");
    expect(policy).toContain("script-src 'self'");
    expect(policy).toContain("frame-ancestors 'none'");
    expect(policy).not.toMatch(/unsafe-inline|(?<!wasm-)unsafe-eval|https?:|\*/);
    expect(headers['x-content-type-options']).toBe('nosniff');
    expect(headers['referrer-policy']).toBe('no-referrer');
    expect(headers['x-powered-by']).toBeUndefined();
  });

  it('have assets that may be kept for ever, and none that do not exist', async () => {
    const asset = await request(app()).get('/assets/a.js').expect(200);
    expect(asset.headers['cache-control']).toMatch(/immutable/);
    expect((await request(app()).get('/assets/b.js')).status).toBeGreaterThanOrEqual(400);
  });
});

describe('a refusal', () => {
  // RFC 9457.
  it('is application/problem+json with the fields at fault', async () => {
    const answer = await request(app()).get('/refused');
    expect(answer.type).toBe('application/problem+json');
    expect(answer.body).toEqual({
      type: 'about:blank',
      title: 'Not allowed',
      status: 422,
      detail: 'Write a whole number.',
      says: {
        title: { says: 'refusals.any.notAllowed' },
        detail: { says: 'refusals.any.writeAWholeNumber' },
      },
      errors: [
        {
          field: 'x',
          message: 'The least is 2.',
          says: { says: 'refusals.any.leastIs', fill: { least: 2 } },
        },
      ],
    });
  });

  it('of what nobody foresaw tells nothing of the inside', async () => {
    const answer = await request(app()).get('/broken');
    expect(answer.status).toBe(500);
    expect(answer.type).toBe('application/problem+json');
    expect(answer.text).not.toContain('secret');
    expect(answer.body.detail).toMatch(/Nothing was changed/);
  });
});

describe('the door of the API', () => {
  const guarded = () => {
    const made = express();
    made.use(addressLimit(3), ownPagesOnly);
    made.all('/api/x', (_request, response) => {
      response.send('done');
    });
    made.use(problemHandler(pino({ level: 'silent' })));
    return made;
  };

  // Fetch Metadata Request Headers (W3C), 2.3: what a browser says of where a request comes from.
  it.each([
    ['cross-site', 403],
    ['same-site', 403],
    ['same-origin', 200],
    ['none', 200],
  ])('answers a change from %s with %d', async (from, status) => {
    await request(guarded()).post('/api/x').set('Sec-Fetch-Site', from).expect(status);
    await request(guarded()).get('/api/x').set('Sec-Fetch-Site', from).expect(200);
  });

  it('takes changes of programs that are no browsers', async () => {
    await request(guarded()).post('/api/x').expect(200);
  });

  it('stops one address that asks without end, and not the computer itself', async () => {
    const app = guarded();
    const statuses = async (from: Record<string, string>) => {
      const found: number[] = [];
      for (let asked = 0; asked < 5; asked += 1) {
        found.push((await request(app).get('/api/x').set(from)).status);
      }
      return found;
    };
    expect(await statuses({ 'X-Forwarded-For': '203.0.113.9' })).toEqual([200, 200, 200, 429, 429]);
    expect(await statuses({})).toEqual([200, 200, 200, 200, 200]);
  });
});
