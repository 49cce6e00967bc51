import { randomUUID } from 'node:crypto';
import {
  createDrawers,
  mergeDrawers,
  removeDrawers,
  removeSupplier,
  takeDrawersOver,
} from '#contract/stores';
import { said } from '#core/learning/said';
import { areOnePart } from '#core/stores/stockPart';
import type { Database } from '../db/database.ts';
import type { Api } from '../http/api.ts';
import { invalid, notFound, Refusal } from '../http/refusal.ts';
import { isUuid } from '../http/uuid.ts';
import { takeOver } from './listedDrawers.ts';
import {
  book,
  countOffersOf,
  insertItem,
  lockItem,
  moveOffers,
  selectItem,
  setItemsRemoved,
  setSupplierRemoved,
} from './queries.ts';

/** Drawers made, deleted and merged, several at once; suppliers deleted. */
export function drawerRoutes(api: Api, db: Database): void {
  api.serve(createDrawers, async ({ body: { drawers } }) => ({
    ids: await db.transaction(async (tx) => {
      const ids: string[] = [];
      for (const { pieces, ...item } of drawers) {
        const id = randomUUID();
        await insertItem(tx, { id, ...item });
        if (pieces > 0) await book(tx, id, 'count', pieces, '');
        ids.push(id);
      }
      return ids;
    }),
  }));

  api.serve(takeDrawersOver, async ({ body: { drawers } }) =>
    db.transaction((tx) => takeOver(tx, drawers)),
  );

  api.serve(removeDrawers, async ({ body: { itemIds, removed } }) =>
    db.transaction(async (tx) => {
      if ((await setItemsRemoved(tx, itemIds, removed)) < new Set(itemIds).size) {
        throw notFound('item');
      }
      return {};
    }),
  );

  api.serve(mergeDrawers, async ({ params: { itemId }, body: { itemIds } }) =>
    db.transaction(async (tx) => {
      const others = [...new Set(itemIds)].filter((id) => id !== itemId);
      for (const id of [itemId, ...others]) {
        if (!isUuid(id) || !(await lockItem(tx, id))) throw notFound('item');
      }
      const drawers = await Promise.all([itemId, ...others].map((id) => selectItem(tx, id)));
      if (!areOnePart(drawers.flatMap((drawer) => (drawer ? [drawer.part] : [])))) {
        throw invalid([
          { field: 'itemIds', says: said('refusals.stores.drawersHoldDifferentParts') },
        ]);
      }
      for (const id of others) {
        const level = drawers.find((drawer) => drawer?.id === id)?.level ?? 0;
        if (level === 0) continue;
        await book(tx, id, 'out', level, '');
        await book(tx, itemId, 'in', level, '');
      }
      await moveOffers(tx, others, itemId);
      await setItemsRemoved(tx, others, true);
      return {};
    }),
  );

  api.serve(removeSupplier, async ({ params: { supplierId }, body: { removed } }) =>
    db.transaction(async (tx) => {
      if (!isUuid(supplierId)) throw notFound('supplier');
      const count = removed ? await countOffersOf(tx, supplierId) : 0;
      if (count > 0) {
        throw new Refusal(
          409,
          said('refusals.stores.theSupplierIsInUse'),
          said('refusals.stores.offersAreOfThisSupplier', { count }),
        );
      }
      if (!(await setSupplierRemoved(tx, supplierId, removed))) throw notFound('supplier');
      return {};
    }),
  );
}
