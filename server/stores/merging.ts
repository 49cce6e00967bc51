import {
  mergeDrawers,
  mergeSuppliers,
  partDrawers,
  partSuppliers,
  type TakenDrawer,
  type TakenSupplier,
} from '#contract/merging';
import { said } from '#core/learning/said';
import { areOnePart } from '#core/stores/stockPart';
import type { Database, Queryable } from '../db/database.ts';
import type { Api } from '../http/api.ts';
import { changedMeanwhile, invalid, notFound } from '../http/refusal.ts';
import { isUuid } from '../http/uuid.ts';
import {
  book,
  giveOffers,
  lockItem,
  offersOf,
  selectItem,
  selectSuppliers,
  setItemsRemoved,
  setSupplierRemoved,
} from './queries.ts';

const othersThan = (id: string, ids: readonly string[]): readonly string[] =>
  [...new Set(ids)].filter((other) => other !== id);

/** Drawers and suppliers that turned out to be the same, made one; and parted again. */
export function mergingRoutes(api: Api, db: Database): void {
  api.serve(mergeDrawers, async ({ params: { itemId }, body: { itemIds } }) =>
    db.transaction(async (tx) => {
      const others = othersThan(itemId, itemIds);
      await lockAll(tx, [itemId, ...others]);
      const drawers = await Promise.all([itemId, ...others].map((id) => selectItem(tx, id)));
      if (!areOnePart(drawers.flatMap((drawer) => (drawer ? [drawer.part] : [])))) {
        throw invalid([
          { field: 'itemIds', says: said('refusals.stores.drawersHoldDifferentParts') },
        ]);
      }
      const taken: TakenDrawer[] = [];
      for (const id of others) {
        const drawer = drawers.find((one) => one?.id === id);
        const pieces = drawer?.level ?? 0;
        await carry(tx, pieces, id, itemId);
        const offerIds = drawer?.offers.map((offer) => offer.id) ?? [];
        await giveOffers(tx, offerIds, { itemId });
        taken.push({ itemId: id, pieces, offerIds });
      }
      await setItemsRemoved(tx, others, true);
      return { taken };
    }),
  );

  api.serve(partDrawers, async ({ params: { itemId }, body: { taken } }) =>
    db.transaction(async (tx) => {
      const ids = taken.map((one) => one.itemId);
      if ((await setItemsRemoved(tx, ids, false)) < new Set(ids).size) throw notFound('item');
      await lockAll(tx, [itemId, ...ids]);
      const level = (await selectItem(tx, itemId))?.level ?? 0;
      const back = taken.reduce((sum, { pieces }) => sum + pieces, 0);
      if (back > level) {
        throw invalid([
          { field: 'taken', says: said('refusals.stores.tooFewAreLeftToPart', { level, back }) },
        ]);
      }
      for (const one of taken) {
        await carry(tx, one.pieces, itemId, one.itemId);
        await giveOffers(tx, one.offerIds, { itemId: one.itemId });
      }
      return {};
    }),
  );

  api.serve(mergeSuppliers, async ({ params: { supplierId }, body: { supplierIds } }) =>
    db.transaction(async (tx) => {
      const others = othersThan(supplierId, supplierIds);
      const known = new Set((await selectSuppliers(tx)).map(({ id }) => id));
      if (![supplierId, ...others].every((id) => known.has(id))) throw notFound('supplier');
      const taken: TakenSupplier[] = [];
      for (const id of others) {
        const offerIds = await offersOf(tx, id);
        await giveOffers(tx, offerIds, { supplierId });
        await setSupplierRemoved(tx, id, true);
        taken.push({ supplierId: id, offerIds });
      }
      return { taken };
    }),
  );

  api.serve(partSuppliers, async ({ body: { taken } }) =>
    db.transaction(async (tx) => {
      for (const { supplierId, offerIds } of taken) {
        // Where another has the name by now, there is nothing to go back to.
        if (!(await setSupplierRemoved(tx, supplierId, false))) throw changedMeanwhile();
        await giveOffers(tx, offerIds, { supplierId });
      }
      return {};
    }),
  );
}

async function lockAll(tx: Queryable, ids: readonly string[]): Promise<void> {
  for (const id of ids) if (!isUuid(id) || !(await lockItem(tx, id))) throw notFound('item');
}

/** Books pieces out of one drawer and into another. */
async function carry(tx: Queryable, pieces: number, from: string, to: string): Promise<void> {
  if (pieces === 0) return;
  await book(tx, from, 'out', pieces, '');
  await book(tx, to, 'in', pieces, '');
}
