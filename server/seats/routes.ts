import type { SentEvent } from '#contract/events';
import { getSeat, queueOfSeat, reportFromSeat, seatStream } from '#contract/seats';
import { type DeedKind, isForStaff } from '#core/build/event';
import { helpQueue } from '#core/build/helpQueue';
import { asAt, seatsOf } from '#core/build/together';
import { heatTimesOf } from '#core/joint/heat/iron';
import { said } from '#core/learning/said';
import { withoutNotes } from '#core/order/own/ownSteps';
import type { Database } from '../db/database.ts';
import type { EventLog } from '../events/eventLog.ts';
import { streamEvents } from '../events/eventStream.ts';
import type { LiveChannels } from '../events/liveChannels.ts';
import { type OpenStreams, seatOwner, streamsOfSeat } from '../events/openStreams.ts';
import { selectCallsForHelp, selectSeatEvents } from '../events/queries.ts';
import type { Api } from '../http/api.ts';
import { forbidden } from '../http/refusal.ts';
import { withJudgement } from '../practice/judgeEvents.ts';
import { linkOver, noSuchSeat, selectSeatByToken } from './queries.ts';
import { type LinkTimes, linkEndsAt, linkState } from './seatLink.ts';
import type { SeatTokens } from './seatTokens.ts';

export interface SeatDependencies {
  readonly db: Database;
  readonly log: EventLog;
  readonly channels: LiveChannels;
  readonly seats: SeatTokens;
  readonly streams: OpenStreams;
  readonly now: () => Date;
}

/** What a seat's own page may do: its token opens that seat and nothing else. */
export function seatRoutes(
  api: Api,
  { db, log, channels, seats, streams, now }: SeatDependencies,
): void {
  api.serve(getSeat, async ({ params }) => {
    const stored = await selectSeatByToken(db, params.token);
    if (!stored) throw noSuchSeat();
    const state = linkState(stored, now());
    if (state === 'over') throw linkOver();
    const {
      workshopId: _,
      learnerId: __,
      iron,
      lengthMinutes: ___,
      openedAt: ____,
      keepsPage: _____,
      linksEnd: ______,
      ...seat
    } = stored;
    return {
      ...seat,
      steps: withoutNotes(seat.steps),
      opensAt: state === 'waiting' ? seat.startsAt : null,
      heatTimes: heatTimesOf(iron),
      events: await selectSeatEvents(db, seat.seatId),
      now: new Date().toISOString(),
    };
  });

  api.serve(reportFromSeat, async ({ params, body }) => {
    const seat = await seats.existing(params.token);
    refuseOutOfTime(seat, body.events, now());
    const events = await withJudgement(db, params.token, body.events);
    return log.append(seat, { by: 'learner' }, events);
  });

  api.serve(queueOfSeat, async ({ params }) => {
    const { seatId, workshopId } = await seats.existing(params.token);
    const waiting = helpQueue(await selectCallsForHelp(db, workshopId));
    return { number: waiting.includes(seatId) ? waiting.indexOf(seatId) + 1 : null };
  });

  api.send(seatStream, async ({ params, request, response }) => {
    const seat = await seats.existing(params.token);
    const { seatId, workshopId } = seat;
    if (linkState(seat, now()) === 'over') throw linkOver();
    await streamEvents(
      request,
      response,
      channels,
      streams,
      {
        workshopId,
        after: (seq) => selectSeatEvents(db, seatId, seq),
        own: ({ seq, event }) =>
          seatsOf(event).includes(seatId) && !isForStaff(event)
            ? { seq, event: asAt(event, seatId) }
            : undefined,
      },
      {
        owners: [seatOwner(seatId)],
        most: streamsOfSeat,
        stillMay: async () => {
          const still = await selectSeatByToken(db, params.token);
          return still !== undefined && linkState(still, now()) !== 'over';
        },
      },
    );
  });
}

/** What may be logged while a seat waits: practice, and nothing of the build. */
const whileWaiting: readonly DeedKind[] = ['practised'];

/** What may be logged once the evening is closed: nothing of the build. */
const onceClosed: readonly DeedKind[] = ['practised', 'feedback'];

/**
 * An entry belongs to the time of its seat's link by when it was made, not by when it comes: a device that was without
 * network for weeks loses nothing.
 */
function refuseOutOfTime(seat: LinkTimes, events: readonly SentEvent[], now: Date): void {
  const isWaiting = linkState(seat, now) === 'waiting';
  const early = events.findIndex(({ kind }) => isWaiting && !whileWaiting.includes(kind));
  if (early >= 0) {
    const message = said('refusals.seats.theEveningHasNotBegunWaitFor');
    throw forbidden(message, [{ field: `events[${early}].kind`, says: message }]);
  }
  // One of the time to come was made now, by a clock that is wrong.
  const madeAt = ({ at }: SentEvent) => Math.min(Date.parse(at), now.getTime());
  if (events.some((event) => madeAt(event) > linkEndsAt(seat))) throw linkOver();
  const closedAt = Date.parse(seat.closedAt ?? '');
  const late = events.findIndex(
    (event) => !onceClosed.includes(event.kind) && madeAt(event) > closedAt,
  );
  if (late >= 0) {
    const message = said('refusals.seats.theEveningIsClosed');
    throw forbidden(message, [{ field: `events[${late}].kind`, says: message }]);
  }
}
