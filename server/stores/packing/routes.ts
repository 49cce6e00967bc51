import {
  bookPacking,
  getPacking,
  type Packing,
  returnBags,
  type Taken,
  tickPacking,
} from '#contract/packing';
import { said } from '#core/learning/said';
import { putBack, takeOut } from '#core/stores/takeOut';
import type { Database, Queryable } from '../../db/database.ts';
import type { Api } from '../../http/api.ts';
import { invalid, notFound } from '../../http/refusal.ts';
import { isUuid } from '../../http/uuid.ts';
import { selectRevision } from '../../kits/queries.ts';
import { selectSeats, selectWorkshop } from '../../workshops/queries.ts';
import { book, lockItem, selectItems } from '../queries.ts';
import {
  deleteBooking,
  insertBooking,
  selectBooking,
  selectTicks,
  setTick,
  updateBooking,
} from './queries.ts';

/** Bags ticked off while they are packed, by several people at once; and booked out of the drawers. */
export function packingRoutes(api: Api, db: Database): void {
  const existing = async (id: string) => {
    const workshop = isUuid(id) ? await selectWorkshop(db, id) : undefined;
    if (!workshop) throw notFound('workshop');
    return workshop;
  };

  api.serve(getPacking, async ({ params: { workshopId } }) => {
    await existing(workshopId);
    return packingOf(db, workshopId);
  });

  api.serve(tickPacking, async ({ params: { workshopId }, body: { key, ticked } }) => {
    await existing(workshopId);
    await setTick(db, workshopId, key, ticked);
    return packingOf(db, workshopId);
  });

  api.serve(bookPacking, async ({ params: { workshopId }, body: { booked } }) => {
    const workshop = await existing(workshopId);
    return db.transaction(async (tx) => {
      if (booked) {
        const revision = await selectRevision(tx, workshop.kitId, workshop.revision);
        const drawers = (await selectItems(tx)).map(({ id, part, level }) => ({
          itemId: id,
          part,
          level,
        }));
        const parts = (revision?.lines ?? []).map(({ part }) => part);
        const bags = (await selectSeats(tx, workshopId)).length;
        const out = { ...takeOut(parts, bags, drawers), bags };
        if (await insertBooking(tx, workshopId, out)) {
          for (const { itemId, pieces } of out.taken) {
            await book(tx, itemId, 'out', pieces, workshop.title.slice(0, 200));
          }
        }
      } else {
        await bringBack(tx, (await selectBooking(tx, workshopId))?.taken ?? [], workshop.title);
        await deleteBooking(tx, workshopId);
      }
      return packingOf(tx, workshopId);
    });
  });

  api.serve(returnBags, async ({ params: { workshopId }, body: { unopened } }) => {
    const workshop = await existing(workshopId);
    return db.transaction(async (tx) => {
      const booking = await selectBooking(tx, workshopId);
      const bags = booking?.bags ?? 0;
      if (!booking || unopened > bags) {
        throw invalid([
          { field: 'unopened', says: said('refusals.stores.soManyBagsAreOut', { count: bags }) },
        ]);
      }
      const { back, left } = putBack(booking.taken, bags, unopened);
      await bringBack(tx, back, workshop.title);
      await updateBooking(tx, workshopId, { ...booking, taken: left, bags: bags - unopened });
      return packingOf(tx, workshopId);
    });
  });
}

async function bringBack(tx: Queryable, taken: readonly Taken[], title: string): Promise<void> {
  for (const { itemId, pieces } of taken) {
    // A drawer that was deleted since keeps what it had.
    if (await lockItem(tx, itemId)) await book(tx, itemId, 'in', pieces, title.slice(0, 200));
  }
}

async function packingOf(db: Queryable, workshopId: string): Promise<Packing> {
  const booking = await selectBooking(db, workshopId);
  return {
    ticked: await selectTicks(db, workshopId),
    bookedAt: booking?.bookedAt ?? null,
    bagsOut: booking?.bags ?? 0,
    missing: booking?.missing ?? 0,
  };
}
