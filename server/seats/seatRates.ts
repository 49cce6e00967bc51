import type { RequestHandler } from 'express';
import { said } from '#core/learning/said';
import { memo } from '#core/memo';
import { Refusal } from '../http/refusal.ts';

interface Allowance {
  /** At once, as after an hour without network. */
  readonly most: number;
  readonly perMinute: number;
}

/** What one seat's link may send: far more than hands can do, far less than keeps others waiting. */
export const seatAllowances = {
  requests: { most: 240, perMinute: 120 },
  kilobytes: { most: 1024, perMinute: 256 },
} as const satisfies Record<string, Allowance>;
type Counted = keyof typeof seatAllowances;

/**
 * So long, in ms, is a link that sends too much kept waiting for its refusal: whoever asks again at once, asks no more
 * often than this costs nobody anything.
 */
const holdMs = 1000;
/** More than these that wait are cut off. */
const mostHeld = 64;

/** A full house of several evenings. */
const mostSeats = 400;

interface Bucket {
  readonly left: Readonly<Record<Counted, number>>;
  readonly at: number;
}

/**
 * Counts what comes by each seat's link (a token bucket each), so that one phone that has gone wild, or is meant to,
 * stops nobody else.
 *
 * @param now in milliseconds
 * @param held in milliseconds, how long a refusal is kept back
 */
export function seatRates(
  now: () => number = () => performance.now(),
  held: number = holdMs,
): RequestHandler {
  const waiting = new Map<string, number>();
  const buckets = memo<string, Bucket>({ name: 'what seats have sent', most: mostSeats });
  return (request, response, next) => {
    const token = String(request.params.token);
    const at = now();
    const before = buckets.get(token);
    const minutes = before ? (at - before.at) / 60_000 : Number.POSITIVE_INFINITY;
    const asks = { requests: 1, kilobytes: Number(request.headers['content-length'] ?? 0) / 1024 };
    const filled = (counted: Counted) => {
      const { most, perMinute } = seatAllowances[counted];
      return before ? Math.min(most, before.left[counted] + minutes * perMinute) : most;
    };
    const left = {
      requests: filled('requests') - asks.requests,
      kilobytes: filled('kilobytes') - asks.kilobytes,
    };
    const isOver = left.requests < 0 || left.kilobytes < 0;
    buckets.set(token, {
      left: isOver ? { requests: filled('requests'), kilobytes: filled('kilobytes') } : left,
      at,
    });
    if (!isOver) return next();
    const others = waiting.get(token) ?? 0;
    if (others >= mostHeld) {
      request.destroy();
      return;
    }
    waiting.set(token, others + 1);
    setTimeout(() => {
      const left = (waiting.get(token) ?? 1) - 1;
      if (left > 0) waiting.set(token, left);
      else waiting.delete(token);
      if (response.destroyed) return;
      response.set('Retry-After', '15');
      next(tooMuch());
    }, held).unref();
  };
}

const tooMuch = () =>
  new Refusal(
    429,
    said('refusals.seats.tooMuchAtOnce'),
    said('refusals.seats.moreComesFromThisSeatThanCan'),
  );
