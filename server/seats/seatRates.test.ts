import express, { type Request, type Response } from 'express';
import pino from 'pino';
import request from 'supertest';
import { describe, expect, it, vi } from 'vitest';
import { problemHandler } from '../http/errors.ts';
import { Refusal } from '../http/refusal.ts';
import { seatAllowances, seatRates } from './seatRates.ts';

describe('what one seat’s link may send', () => {
  let now = 0;
  const app = (held = 0) => {
    now = 0;
    const made = express();
    made.get(
      '/seat/:token',
      seatRates(() => now, held),
      (_request, response) => {
        response.send('in');
      },
    );
    made.post(
      '/seat/:token',
      seatRates(() => now, held),
      (_request, response) => {
        response.send('in');
      },
    );
    made.use(problemHandler(pino({ level: 'silent' })));
    return made;
  };
  const { requests, kilobytes } = seatAllowances;

  it('is a night’s work at once, then what hands can do', async () => {
    const server = app();
    const ask = async () => (await request(server).get('/seat/a')).status;
    for (let count = 0; count < requests.most; count += 1) expect(await ask()).toBe(200);
    expect(await ask()).toBe(429);
    now += 60_000 / requests.perMinute;
    expect([await ask(), await ask()]).toEqual([200, 429]);
    now += 3600_000;
    expect(await ask()).toBe(200);
  });

  it('is counted for that link alone, and says when to come again', async () => {
    const server = app();
    for (let count = 0; count < requests.most; count += 1) await request(server).get('/seat/a');
    const over = await request(server).get('/seat/a').expect(429);
    expect(Number(over.headers['retry-after'])).toBeGreaterThan(0);
    expect(over.body.detail).toContain('sent a little later by itself');
    await request(server).get('/seat/b').expect(200);
  });

  it('keeps a refusal back, so that asking again at once asks for little; many that wait are cut off', () => {
    vi.useFakeTimers();
    const limit = seatRates(() => 0);
    const answers = { through: 0, refused: 0, cut: 0 };
    const ask = (isGone = false) =>
      void limit(
        {
          params: { token: 'a' },
          headers: {},
          destroy: () => {
            answers.cut += 1;
          },
        } as unknown as Request,
        { destroyed: isGone, set: () => {} } as unknown as Response,
        (error?: unknown) => {
          answers[error instanceof Refusal ? 'refused' : 'through'] += 1;
        },
      );
    for (let count = 0; count < requests.most; count += 1) ask();
    for (let count = 0; count < 100; count += 1) ask();
    expect(answers).toEqual({ through: requests.most, refused: 0, cut: 36 });
    vi.advanceTimersByTime(999);
    expect(answers.refused).toBe(0);
    vi.advanceTimersByTime(1);
    expect(answers.refused).toBe(64);
    // Those that were let go leave room, and who has gone meanwhile is told nothing.
    ask();
    ask(true);
    vi.advanceTimersByTime(1000);
    expect(answers).toEqual({ through: requests.most, refused: 65, cut: 36 });
    vi.useRealTimers();
  });

  it('counts bytes as well as calls', async () => {
    const server = app();
    const large = 'x'.repeat(200 * 1024);
    const statuses: number[] = [];
    for (let count = 0; count < 7; count += 1) {
      statuses.push((await request(server).post('/seat/c').send(large)).status);
    }
    const fit = Math.floor(kilobytes.most / 200);
    expect(statuses).toEqual(statuses.map((_, at) => (at < fit ? 200 : 429)));
  });
});
