import { randomBytes, randomUUID } from 'node:crypto';
import { Router } from 'express';
import {
  createWorkshop,
  getWorkshop,
  getWorkshopLog,
  listWorkshops,
  logAtSeat,
  workshopStreamPath,
  wrapUpCsvPath,
} from '#contract/workshops';
import type { Database } from '../db/database.ts';
import type { EventLog } from '../events/eventLog.ts';
import { streamEvents } from '../events/eventStream.ts';
import type { LiveChannels } from '../events/liveChannels.ts';
import { selectWorkshopEvents } from '../events/queries.ts';
import { sendCsv } from '../http/csv.ts';
import { invalid, notFound } from '../http/refusal.ts';
import { serve } from '../http/serve.ts';
import { isUuid } from '../http/uuid.ts';
import { plannedSteps } from '../kits/plannedSteps.ts';
import { selectKit } from '../kits/queries.ts';
import {
  insertWorkshop,
  type StoredWorkshop,
  selectSeats,
  selectWorkshop,
  selectWorkshops,
} from './queries.ts';
import { wrapUpCsv } from './wrapUpCsv.ts';

export interface WorkshopDependencies {
  readonly db: Database;
  readonly log: EventLog;
  readonly channels: LiveChannels;
  readonly seatAddress: () => string;
}

/** 192 bits, so that no token can be guessed. */
const newToken = () => randomBytes(24).toString('base64url');

export function workshopRoutes({ db, log, channels, seatAddress }: WorkshopDependencies): Router {
  const router = Router();

  const existing = async (workshopId: string): Promise<StoredWorkshop> => {
    const workshop = isUuid(workshopId) ? await selectWorkshop(db, workshopId) : undefined;
    if (!workshop) throw notFound('workshop', 'Choose one from the list of workshops.');
    return workshop;
  };

  serve(router, listWorkshops, () => selectWorkshops(db));

  serve(router, getWorkshop, async ({ params }) => ({
    ...(await existing(params.workshopId)),
    seats: await selectSeats(db, params.workshopId),
    seatAddress: seatAddress(),
  }));

  serve(router, createWorkshop, async ({ body }) => {
    const id = randomUUID();
    await db.transaction(async (tx) => {
      const kit = await selectKit(tx, body.kitId);
      if (!kit)
        throw invalid([
          { field: 'kitId', message: 'This kit does not exist. Choose one from the list.' },
        ]);
      const steps = plannedSteps(kit);
      if (steps.length === 0) {
        throw invalid([
          {
            field: 'kitId',
            message: 'This kit has no part to solder. Import its parts list again.',
          },
        ]);
      }
      await insertWorkshop(tx, {
        id,
        title: body.title,
        revisionId: kit.revisionId,
        startsAt: body.startsAt,
        lengthMinutes: body.lengthMinutes,
        steps,
        seats: body.seats.map(({ name }, index) => ({
          id: randomUUID(),
          number: index + 1,
          name,
          token: newToken(),
        })),
      });
    });
    return { id };
  });

  serve(router, getWorkshopLog, async ({ params }) => {
    await existing(params.workshopId);
    return {
      events: await selectWorkshopEvents(db, params.workshopId),
      now: new Date().toISOString(),
    };
  });

  serve(router, logAtSeat, async ({ params, body }) => {
    const { steps } = await existing(params.workshopId);
    const seats = await selectSeats(db, params.workshopId);
    const seat = seats.find(({ id }) => id === params.seatId);
    if (!seat) throw notFound('seat in this workshop', 'Choose one from the floor.');
    return log.append(
      { seatId: seat.id, workshopId: params.workshopId, steps },
      'instructor',
      body.events,
    );
  });

  router.get(workshopStreamPath(':workshopId'), async (request, response) => {
    const { id } = await existing(String(request.params.workshopId));
    await streamEvents(request, response, channels, {
      workshopId: id,
      after: (seq) => selectWorkshopEvents(db, id, seq),
      wanted: () => true,
    });
  });

  router.get(wrapUpCsvPath(':workshopId'), async (request, response) => {
    const workshop = await existing(String(request.params.workshopId));
    const [seats, events] = await Promise.all([
      selectSeats(db, workshop.id),
      selectWorkshopEvents(db, workshop.id),
    ]);
    const csv = wrapUpCsv(
      workshop,
      seats,
      events.map(({ event }) => event),
    );
    sendCsv(response, `${workshop.title} wrap-up`, csv);
  });

  return router;
}
