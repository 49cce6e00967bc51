import { randomUUID } from 'node:crypto';
import type { EventsAccepted } from '#contract/events';
import {
  addSeat,
  changeIron,
  changeSeating,
  changeWorkshop,
  createWorkshop,
  getChecklist,
  getWorkshop,
  getWorkshopLog,
  listWorkshops,
  logAtSeat,
  logAtSeats,
  openSeats,
  renewLink,
  showLink,
  signChecklist,
  unsignChecklist,
  workshopStream,
  wrapUpCsv,
} from '#contract/workshops';
import { among, atEachSeat } from '#core/build/together';
import { heatTimesOf } from '#core/joint/heat/iron';
import { said } from '#core/learning/said';
import { phaseOf } from '#core/pace/phase';
import type { Part } from '#core/parts/part';
import { checklistOf } from '#core/safety/checklist';
import { isInstructor, ownersOf, type Sessions, staffOf } from '../auth/sessions.ts';
import type { LogMemory } from '../builds/logMemory.ts';
import type { Database } from '../db/database.ts';
import type { EventLog } from '../events/eventLog.ts';
import { streamEvents } from '../events/eventStream.ts';
import type { LiveChannels } from '../events/liveChannels.ts';
import { type OpenStreams, streamsOfSession } from '../events/openStreams.ts';
import { selectWorkshopEvents } from '../events/queries.ts';
import type { Api } from '../http/api.ts';
import { changedMeanwhile, invalid, notFound } from '../http/refusal.ts';
import { sendTable } from '../http/table.ts';
import { isUuid } from '../http/uuid.ts';
import { plannedSteps } from '../kits/plannedSteps.ts';
import { selectKit, selectRevision } from '../kits/queries.ts';
import { forgetUnseated } from '../people/queries.ts';
import type { RoomDoor } from '../room/roomDoor.ts';
import type { SeatTokens } from '../seats/seatTokens.ts';
import { type LossesSeen, lossesSeen } from '../stores/workshopNeeds.ts';
import { speak } from '../words/speak.ts';
import { calendarRoutes } from './calendar/routes.ts';
import { closingRoutes } from './closing/routes.ts';
import { conditionsRoutes } from './conditions/routes.ts';
import { isOfToday } from './helpersDay.ts';
import {
  insertSeats,
  insertSign,
  insertWorkshop,
  raiseSeating,
  type StoredSeatOfWorkshop,
  type StoredWorkshop,
  seatingHasGrown,
  selectSeats,
  selectSigns,
  selectWorkshop,
  selectWorkshops,
  updateAbout,
  updateIron,
  updateOpened,
  updateSeats,
  withdrawSign,
} from './queries.ts';
import { readinessOfWorkshop, readinessRoutes } from './readiness/routes.ts';
import { roomPlanRoutes } from './roomPlan/routes.ts';
import { learnersNamed, newSeatErrors, seatingErrors, seatsFor } from './seating.ts';
import { workshopShelfRoutes } from './shelf/routes.ts';
import { wrapUpTable } from './wrapUpTable.ts';

export interface WorkshopDependencies {
  readonly db: Database;
  readonly memory: LogMemory;
  readonly log: EventLog;
  readonly channels: LiveChannels;
  readonly streams: OpenStreams;
  readonly sessions: Sessions;
  readonly door: RoomDoor;
  readonly tokens: SeatTokens;
  /** Hears that a workshop was planned with a kit. */
  readonly planned: (kitId: string) => void;
  readonly now: () => Date;
}

export function workshopRoutes(
  api: Api,
  {
    db,
    memory,
    log,
    channels,
    streams,
    sessions,
    door,
    tokens,
    planned,
    now,
  }: WorkshopDependencies,
): void {
  workshopShelfRoutes(api, { db, tokens });
  readinessRoutes(api, db);
  roomPlanRoutes(api, db);
  conditionsRoutes(api, db);
  calendarRoutes(api, { db, memory, now });
  closingRoutes(api, { db, tokens, now });

  const existing = async (workshopId: string): Promise<StoredWorkshop> => {
    const workshop = isUuid(workshopId) ? await selectWorkshop(db, workshopId) : undefined;
    if (!workshop) throw notFound('workshop');
    return workshop;
  };

  const partsOf = async ({ kitId, revision }: StoredWorkshop): Promise<readonly Part[]> =>
    ((await selectRevision(db, kitId, revision))?.lines ?? []).map(({ part }) => part);

  const thingsOpen = async (workshopId: string, losses: LossesSeen): Promise<number> =>
    (await readinessOfWorkshop(db, await existing(workshopId), losses)).filter(
      ({ isDone }) => !isDone,
    ).length;

  const seatOf = async (workshopId: string, seatId: string): Promise<StoredSeatOfWorkshop> => {
    const seats = await selectSeats(db, (await existing(workshopId)).id);
    const seat = seats.find(({ id }) => id === seatId);
    if (!seat) throw notFound('seatOfWorkshop');
    return seat;
  };

  api.serve(listWorkshops, async ({ response }) => {
    const all = await selectWorkshops(db);
    const shown = isInstructor(response)
      ? all
      : all.filter((one) => one.setAside === null && isOfToday(one, now()));
    const isAhead = (one: (typeof shown)[number]) => phaseOf(one, now()) === 'ahead';
    const losses = shown.some(isAhead) ? await lossesSeen(db) : new Map();
    return Promise.all(
      shown.map(async (one) => ({
        ...one,
        thingsOpen: isAhead(one) ? await thingsOpen(one.id, losses) : null,
      })),
    );
  });

  api.serve(getWorkshop, async ({ params, response }) => {
    const workshop = await existing(params.workshopId);
    const seats = await selectSeats(db, params.workshopId);
    return {
      ...workshop,
      parts: await partsOf(workshop),
      seats: isInstructor(response) ? seats : seats.map((seat) => ({ ...seat, token: null })),
      seatAddress: door.seatAddress(),
      heatTimes: heatTimesOf(workshop.iron),
    };
  });

  api.serve(createWorkshop, async ({ body }) => {
    const id = randomUUID();
    await db.transaction(async (tx) => {
      const kit = await selectKit(tx, body.kitId);
      if (!kit)
        throw invalid([
          { field: 'kitId', says: said('refusals.workshops.thisKitDoesNotExistChooseOne') },
        ]);
      const steps = plannedSteps(kit);
      if (steps.length === 0) {
        throw invalid([
          {
            field: 'kitId',
            says: said('refusals.workshops.thisKitHasNoPartToSolder'),
          },
        ]);
      }
      for (const [index, startsAt] of [body.startsAt, ...(body.further ?? [])].entries()) {
        await insertWorkshop(tx, {
          id: index === 0 ? id : randomUUID(),
          title: body.title,
          revisionId: kit.revisionId,
          startsAt,
          lengthMinutes: body.lengthMinutes,
          steps,
          seats: await seatsFor(tx, body.seats),
        });
      }
    });
    planned(body.kitId);
    return { id };
  });

  api.serve(changeIron, async ({ params, body }) => {
    const { id } = await existing(params.workshopId);
    await updateIron(db, id, body);
    return { iron: body, heatTimes: heatTimesOf(body) };
  });

  api.serve(changeWorkshop, async ({ params, body }) => {
    const { id } = await existing(params.workshopId);
    const version = await updateAbout(db, id, body);
    if (version === undefined) throw changedMeanwhile();
    // Links wait for the start, and end some days after it.
    tokens.changed();
    return { version };
  });

  api.serve(addSeat, async ({ params, body: { name } }) => {
    const { id } = await existing(params.workshopId);
    return db.transaction(async (tx) => {
      // First, so that two who add one at once come one after the other.
      await seatingHasGrown(tx, id);
      const seats = await selectSeats(tx, id);
      const wrong = newSeatErrors(seats, name);
      if (wrong.length > 0) throw invalid(wrong);
      const number = Math.max(0, ...seats.map((seat) => seat.number)) + 1;
      const added = (await seatsFor(tx, [{ name }])).map((seat) => ({ ...seat, number }));
      await insertSeats(tx, id, added);
      return { id: added[0]?.id ?? '', number };
    });
  });

  api.serve(changeSeating, async ({ params, body }) => {
    const { id } = await existing(params.workshopId);
    const given = body.seats.flatMap((seat) => (seat.newLink ? [seat.id] : []));
    const changed = await db.transaction(async (tx) => {
      const version = await raiseSeating(tx, id, body.version);
      if (version === undefined) throw changedMeanwhile();
      const errors = seatingErrors(await selectSeats(tx, id), body.seats);
      if (errors.length > 0) throw invalid(errors);
      const learners = await learnersNamed(
        tx,
        body.seats.map(({ name }) => name),
      );
      await updateSeats(
        tx,
        body.seats.map((seat) => ({ ...seat, learnerId: learners.get(seat.name) ?? null })),
      );
      await forgetUnseated(tx);
      await tokens.renew(tx, given);
      return { version, seats: await selectSeats(tx, id) };
    });
    tokens.changed(given);
    return changed;
  });

  api.serve(openSeats, async ({ params }) => {
    const { id } = await existing(params.workshopId);
    const openedAt = await updateOpened(db, id, now());
    tokens.changed();
    return { openedAt };
  });

  api.serve(showLink, async ({ params }) => ({
    token: (await seatOf(params.workshopId, params.seatId)).token,
  }));

  api.serve(renewLink, async ({ params }) => {
    const { id } = await seatOf(params.workshopId, params.seatId);
    await db.transaction((tx) => tokens.renew(tx, [id]));
    tokens.changed([id]);
    return { token: (await seatOf(params.workshopId, id)).token };
  });

  /** A line of the checklist that counts for the workshop's kit. */
  const checklistItem = async (workshop: StoredWorkshop, item: string): Promise<string> => {
    const kit = { parts: await partsOf(workshop), supplyVolt: workshop.supplyVolt };
    if (checklistOf(kit).some(({ id }) => id === item)) return item;
    throw notFound('checklistLine');
  };

  api.serve(getChecklist, async ({ params }) =>
    selectSigns(db, (await existing(params.workshopId)).id),
  );

  api.serve(signChecklist, async ({ params, body, response }) => {
    const workshop = await existing(params.workshopId);
    const item = await checklistItem(workshop, params.item);
    const { accountId } = staffOf(response);
    await insertSign(db, { workshopId: workshop.id, item, by: body.by, accountId });
    return selectSigns(db, workshop.id);
  });

  api.serve(unsignChecklist, async ({ params, response }) => {
    const workshop = await existing(params.workshopId);
    const item = await checklistItem(workshop, params.item);
    await withdrawSign(db, workshop.id, item, staffOf(response).accountId);
    return selectSigns(db, workshop.id);
  });

  api.serve(getWorkshopLog, async ({ params }) => {
    await existing(params.workshopId);
    return {
      events: await selectWorkshopEvents(db, params.workshopId),
      now: new Date().toISOString(),
    };
  });

  api.serve(logAtSeat, async ({ params, body, response }) => {
    const { steps } = await existing(params.workshopId);
    const { id: seatId } = await seatOf(params.workshopId, params.seatId);
    return log.append(
      { seatId, workshopId: params.workshopId, steps },
      { by: 'instructor', helper: staffOf(response).logsAs },
      body.events,
    );
  });

  api.serve(logAtSeats, async ({ params, body, response }) => {
    const { id: workshopId, steps } = await existing(params.workshopId);
    const seats = await selectSeats(db, workshopId);
    const ofWorkshop = seats.map(({ id }) => id);
    // What is told together still reaches the others where a seat has been taken away meanwhile.
    const sent = body.events.flatMap((event) => among(event, ofWorkshop) ?? []);
    if (sent.length < body.events.length) throw notFound('seatOfWorkshop');
    // One that is refused refuses the rest as well; those that were taken before it are known by their ids.
    const answers: EventsAccepted[] = [];
    for (const { id: seatId } of seats) {
      const events = sent.filter((event) => event.seatId === seatId);
      if (events.length === 0) continue;
      answers.push(
        await log.append(
          { seatId, workshopId, steps, together: ofWorkshop },
          { by: 'instructor', helper: staffOf(response).logsAs },
          events,
        ),
      );
    }
    return {
      accepted: answers.flatMap(({ accepted }) => accepted),
      now: new Date().toISOString(),
    };
  });

  api.send(workshopStream, async ({ params, request, response }) => {
    const { id } = await existing(params.workshopId);
    await streamEvents(
      request,
      response,
      channels,
      streams,
      {
        workshopId: id,
        after: (seq) => selectWorkshopEvents(db, id, seq),
        own: (streamed) => streamed,
        tellsChanges: true,
      },
      {
        owners: ownersOf(staffOf(response)),
        most: streamsOfSession,
        stillMay: async () => (await sessions.staff(request)) !== undefined,
      },
    );
  });

  api.send(wrapUpCsv, async ({ params, request, response }) => {
    const workshop = await existing(params.workshopId);
    const [seats, events] = await Promise.all([
      selectSeats(db, workshop.id),
      selectWorkshopEvents(db, workshop.id),
    ]);
    const speaker = speak(request.query.lang);
    const table = wrapUpTable(
      speaker,
      workshop,
      seats,
      events.flatMap(({ event }) => atEachSeat(event)),
    );
    await sendTable(
      response,
      speaker.t('exports.file.wrapUp', { title: workshop.title }),
      table,
      'csv',
    );
  });
}
