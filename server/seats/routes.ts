import { type RequestHandler, Router } from 'express';
import { getSeat, reportFromSeat, seatStreamPath } from '#contract/seats';
import type { Database } from '../db/database.ts';
import type { EventLog } from '../events/eventLog.ts';
import { streamEvents } from '../events/eventStream.ts';
import type { LiveChannels } from '../events/liveChannels.ts';
import { selectSeatEvents } from '../events/queries.ts';
import { notFound } from '../http/refusal.ts';
import { serve } from '../http/serve.ts';
import { type StoredSeat, selectSeatByToken } from './queries.ts';

/** What a seat's own page may do: its token opens that seat and nothing else. */
export function seatRoutes(
  db: Database,
  log: EventLog,
  channels: LiveChannels,
  limitGuesses: RequestHandler,
): Router {
  const router = Router();
  // A seat and its plan never change once made, so the way from token to plan is asked for once.
  const known = new Map<string, StoredSeat>();

  const find = async (token: string): Promise<StoredSeat | undefined> => {
    const seat = known.get(token) ?? (await selectSeatByToken(db, token));
    if (seat) known.set(token, seat);
    return seat;
  };

  const seatOf = async (token: string): Promise<StoredSeat> => {
    const seat = await find(token);
    if (seat) return seat;
    throw notFound(
      'seat',
      'Scan the code on your bag again, or ask your instructor for your seat’s link.',
    );
  };

  // Only wrong links count: a room full of seats may share one address.
  router.use('/api/seats/:token', async (request, response, next) => {
    if (await find(String(request.params.token))) return next();
    return limitGuesses(request, response, next);
  });

  serve(router, getSeat, async ({ params }) => {
    const { workshopId: _, ...seat } = await seatOf(params.token);
    return {
      ...seat,
      events: await selectSeatEvents(db, seat.seatId),
      now: new Date().toISOString(),
    };
  });

  serve(router, reportFromSeat, async ({ params, body }) =>
    log.append(await seatOf(params.token), 'learner', body.events),
  );

  router.get(seatStreamPath(':token'), async (request, response) => {
    const { seatId, workshopId } = await seatOf(String(request.params.token));
    await streamEvents(request, response, channels, {
      workshopId,
      after: (seq) => selectSeatEvents(db, seatId, seq),
      wanted: ({ event }) => event.seatId === seatId,
    });
  });

  return router;
}
