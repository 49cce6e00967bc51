import {
  arrangeSeats,
  bringSeatBack,
  bringWorkshopBack,
  changeWorkshopKit,
  getKitChange,
  removeSeat,
  removeWorkshop,
  setWorkshopAside,
  swapSeats,
} from '#contract/workshopShelf';
import { said } from '#core/learning/said';
import type { Database, Queryable } from '../../db/database.ts';
import type { Api } from '../../http/api.ts';
import { changedMeanwhile, invalid, notFound, Refusal } from '../../http/refusal.ts';
import { isUuid } from '../../http/uuid.ts';
import { plannedSteps } from '../../kits/plannedSteps.ts';
import { selectKit } from '../../kits/queries.ts';
import type { SeatTokens } from '../../seats/seatTokens.ts';
import { seatingHasGrown, selectSeats, selectWorkshop } from '../queries.ts';
import {
  hasHistory,
  markRemoved,
  markSeatRemoved,
  renumber,
  selectDone,
  swapNumbers,
  unmarkRemoved,
  unmarkSeatRemoved,
  updateKit,
  updateSetAside,
} from './queries.ts';

interface ShelfDependencies {
  readonly db: Database;
  readonly tokens: SeatTokens;
}

/** Whole workshops and seats that are called off, put away, deleted, planned on another kit. */
export function workshopShelfRoutes(api: Api, { db, tokens }: ShelfDependencies): void {
  const existing = async (tx: Queryable, workshopId: string) => {
    const workshop = isUuid(workshopId) ? await selectWorkshop(tx, workshopId) : undefined;
    if (!workshop) throw notFound('workshop');
    return workshop;
  };

  /** Links open or end by it: whoever listens comes back by their link, and learns what it is now. */
  const tellSeats = async (workshopId: string) =>
    tokens.changed((await selectSeats(db, workshopId)).map(({ id }) => id));

  api.serve(setWorkshopAside, async ({ params, body }) => {
    const { id } = await existing(db, params.workshopId);
    await updateSetAside(db, id, body.setAside);
    await tellSeats(id);
    return {};
  });

  api.serve(removeWorkshop, async ({ params: { workshopId } }) => {
    await db.transaction(async (tx) => {
      const { id } = await existing(tx, workshopId);
      if (await hasHistory(tx, id)) {
        throw new Refusal(
          409,
          said('refusals.workshops.theWorkshopHasRecords'),
          said('refusals.workshops.archiveItInstead'),
        );
      }
      await markRemoved(tx, id);
    });
    await tellSeats(workshopId);
    return {};
  });

  api.serve(bringWorkshopBack, async ({ params: { workshopId } }) => {
    if (!isUuid(workshopId) || !(await unmarkRemoved(db, workshopId))) throw notFound('workshop');
    tokens.changed();
    return {};
  });

  /** The kit as it is now, and what planning with it would mean. */
  const newPlan = async (tx: Queryable, workshopId: string, kitId: string) => {
    const kit = isUuid(kitId) ? await selectKit(tx, kitId) : undefined;
    if (!kit) throw notFound('kit');
    const steps = plannedSteps(kit);
    const known = new Set(steps.map(({ id }) => id));
    const done = [...(await selectDone(tx, workshopId)).values()];
    const lost = done.flatMap((of) => [...of]).filter((id) => !known.has(id)).length;
    return {
      kit,
      steps,
      means: { revision: kit.revision, steps: steps.length, begun: done.length, lost },
    };
  };

  api.serve(getKitChange, async ({ params }) => {
    const { id } = await existing(db, params.workshopId);
    return (await newPlan(db, id, params.kitId)).means;
  });

  api.serve(changeWorkshopKit, async ({ params: { workshopId }, body }) => {
    await db.transaction(async (tx) => {
      const { id } = await existing(tx, workshopId);
      const { kit, steps, means } = await newPlan(tx, id, body.kitId);
      if (steps.length === 0) {
        throw invalid([
          { field: 'kitId', says: said('refusals.workshops.thisKitHasNoPartToSolder') },
        ]);
      }
      if (means.begun > body.begun) throw changedMeanwhile();
      await updateKit(tx, id, kit.revisionId, steps);
    });
    await tellSeats(workshopId);
    return {};
  });

  api.serve(removeSeat, async ({ params: { workshopId, seatId } }) => {
    await db.transaction(async (tx) => {
      const { id } = await existing(tx, workshopId);
      await seatingHasGrown(tx, id);
      const seats = await selectSeats(tx, id);
      if (!seats.some((seat) => seat.id === seatId)) throw notFound('seatOfWorkshop');
      if (seats.length === 1) {
        throw invalid([{ field: 'seatId', says: said('refusals.workshops.planAtLeastOneSeat') }]);
      }
      await markSeatRemoved(tx, seatId);
    });
    tokens.changed([seatId]);
    return {};
  });

  api.serve(bringSeatBack, async ({ params: { workshopId, seatId } }) => {
    const number = await db.transaction(async (tx) => {
      const { id } = await existing(tx, workshopId);
      await seatingHasGrown(tx, id);
      return isUuid(seatId) ? unmarkSeatRemoved(tx, id, seatId) : undefined;
    });
    if (number === undefined) throw notFound('seatOfWorkshop');
    tokens.changed([seatId]);
    return { number };
  });

  api.serve(arrangeSeats, async ({ params: { workshopId }, body: { order } }) => {
    await db.transaction(async (tx) => {
      const { id } = await existing(tx, workshopId);
      await seatingHasGrown(tx, id);
      const seats = await selectSeats(tx, id);
      const numbers = seats.map(({ number }) => number);
      const newNumber = new Map(order.map((seatId, at) => [seatId, numbers[at]]));
      if (newNumber.size !== seats.length || !seats.every((seat) => newNumber.has(seat.id))) {
        throw invalid([
          { field: 'order', says: said('refusals.workshops.theSeatsAreNotThoseOfThis') },
        ]);
      }
      const numberOf = (seatId: string | undefined) => newNumber.get(seatId ?? '') ?? 0;
      await renumber(
        tx,
        seats.map((seat) => {
          const partner = seats.find(({ number }) => number === seat.partner);
          return {
            id: seat.id,
            number: numberOf(seat.id),
            partner: partner ? numberOf(partner.id) : null,
          };
        }),
      );
    });
    await tellSeats(workshopId);
    return {};
  });

  api.serve(swapSeats, async ({ params: { workshopId, seatId }, body }) => {
    await db.transaction(async (tx) => {
      const { id } = await existing(tx, workshopId);
      await seatingHasGrown(tx, id);
      const seats = await selectSeats(tx, id);
      const one = seats.find((seat) => seat.id === seatId);
      const other = seats.find((seat) => seat.id === body.with);
      if (!one || !other) throw notFound('seatOfWorkshop');
      if (one !== other) await swapNumbers(tx, one, other);
    });
    tokens.changed([seatId, body.with]);
    return {};
  });
}
