import { randomUUID } from 'node:crypto';
import { storedDrawerMapping } from '#contract/storedKinds';
import {
  createDrawers,
  getDrawerColumns,
  rememberDrawerColumns,
  removeDrawers,
  removeSupplier,
  takeDrawersOver,
} from '#contract/stores';
import { said } from '#core/learning/said';
import { headingSignature } from '#core/partslist/guessMapping';
import type { Database } from '../db/database.ts';
import type { Api } from '../http/api.ts';
import { notFound, Refusal } from '../http/refusal.ts';
import { isUuid } from '../http/uuid.ts';
import { selectColumns, upsertColumns } from '../lists/queries.ts';
import { takeOver } from './listedDrawers.ts';
import { book, countOffersOf, insertItem, setItemsRemoved, setSupplierRemoved } from './queries.ts';

/** Drawers made and deleted, several at once; suppliers deleted. */
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

  api.serve(
    getDrawerColumns,
    async ({ body: { headings } }) =>
      (await selectColumns(db, 'drawers', headingSignature(headings), storedDrawerMapping)) ?? null,
  );

  api.serve(rememberDrawerColumns, async ({ body: { headings, mapping } }) => {
    await upsertColumns(db, 'drawers', headingSignature(headings), storedDrawerMapping, mapping);
    return {};
  });

  api.serve(removeDrawers, async ({ body: { itemIds, removed } }) =>
    db.transaction(async (tx) => {
      if ((await setItemsRemoved(tx, itemIds, removed)) < new Set(itemIds).size) {
        throw notFound('item');
      }
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
