import { type RequestHandler, Router } from 'express';
import { getSeat, reportFromSeat, seatStreamPath } from '#contract/seats';
import { heatTimesOf } from '#core/joint/heat/iron';
import type { Database } from '../db/database.ts';
import type { EventLog, SeatOfPlan } from '../events/eventLog.ts';
import { streamEvents } from '../events/eventStream.ts';
import type { LiveChannels } from '../events/liveChannels.ts';
import { selectSeatEvents } from '../events/queries.ts';
import { serve } from '../http/serve.ts';
import { noSuchSeat, selectSeatByToken } from './queries.ts';

/** What a seat's own page may do: its token opens that seat and nothing else. */
export function seatRoutes(
  db: Database,
  log: EventLog,
  channels: LiveChannels,
  limitGuesses: RequestHandler,
): Router {
  const router = Router();
  // The way from token to plan never changes once made, so it is asked for once; names do change.
  const known = new Map<string, SeatOfPlan>();

  const find = async (token: string): Promise<SeatOfPlan | undefined> => {
    const seat = known.get(token) ?? (await selectSeatByToken(db, token));
    if (seat) {
      const { seatId, workshopId, steps } = seat;
      known.set(token, { seatId, workshopId, steps });
    }
    return seat;
  };

  const seatOf = async (token: string): Promise<SeatOfPlan> => {
    const seat = await find(token);
    if (seat) return seat;
    throw noSuchSeat();
  };

  // Only wrong links count: a room full of seats may share one address.
  router.use('/api/seats/:token', async (request, response, next) => {
    if (await find(String(request.params.token))) return next();
    return limitGuesses(request, response, next);
  });

  serve(router, getSeat, async ({ params }) => {
    const stored = await selectSeatByToken(db, params.token);
    if (!stored) throw noSuchSeat();
    const { workshopId: _, learnerId: __, iron, ...seat } = stored;
    return {
      ...seat,
      heatTimes: heatTimesOf(iron),
      events: await selectSeatEvents(db, seat.seatId),
      now: new Date().toISOString(),
    };
  });

  serve(router, reportFromSeat, async ({ params, body }) =>
    log.append(await seatOf(params.token), { by: 'learner' }, body.events),
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
