import { getSeat, reportFromSeat, seatStream } from '#contract/seats';
import { heatTimesOf } from '#core/joint/heat/iron';
import type { Database } from '../db/database.ts';
import type { EventLog } from '../events/eventLog.ts';
import { streamEvents } from '../events/eventStream.ts';
import type { LiveChannels } from '../events/liveChannels.ts';
import { type OpenStreams, streamsOfSeat } from '../events/openStreams.ts';
import { selectSeatEvents } from '../events/queries.ts';
import type { Api } from '../http/api.ts';
import { noSuchSeat, selectSeatByToken } from './queries.ts';
import type { SeatTokens } from './seatTokens.ts';

/** What a seat's own page may do: its token opens that seat and nothing else. */
export function seatRoutes(
  api: Api,
  db: Database,
  log: EventLog,
  channels: LiveChannels,
  seats: SeatTokens,
  streams: OpenStreams,
): void {
  api.serve(getSeat, async ({ params }) => {
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

  api.serve(reportFromSeat, async ({ params, body }) =>
    log.append(await seats.existing(params.token), { by: 'learner' }, body.events),
  );

  api.send(seatStream, async ({ params, request, response }) => {
    const { seatId, workshopId } = await seats.existing(params.token);
    await streamEvents(
      request,
      response,
      channels,
      streams,
      {
        workshopId,
        after: (seq) => selectSeatEvents(db, seatId, seq),
        wanted: ({ event }) => event.seatId === seatId,
      },
      {
        owners: [`seat:${seatId}`],
        most: streamsOfSeat,
        stillMay: async () => (await selectSeatByToken(db, params.token)) !== undefined,
      },
    );
  });
}
