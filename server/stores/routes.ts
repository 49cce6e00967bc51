import { randomUUID } from 'node:crypto';
import { Router } from 'express';
import {
  bookMove,
  changeOffers,
  changeStockItem,
  changeSupplier,
  computeNeeds,
  createStockItem,
  createSupplier,
  getItemLedger,
  getStores,
  ledgerCsvPath,
  stockCsvPath,
  usualRunOut,
} from '#contract/stores';
import { changeBy, levelOf, refusalOf } from '#core/stores/ledger';
import type { Database } from '../db/database.ts';
import { sendCsv } from '../http/csv.ts';
import { invalid, notFound, Refusal } from '../http/refusal.ts';
import { serve } from '../http/serve.ts';
import { isUuid } from '../http/uuid.ts';
import {
  insertItem,
  insertMove,
  insertSupplier,
  lockItem,
  replaceOffers,
  selectItems,
  selectMoves,
  selectSuppliers,
  updateItem,
  updateSupplier,
} from './queries.ts';
import { ledgerCsv, needsCsv, stockCsv } from './stockCsv.ts';
import { workshopNeeds } from './workshopNeeds.ts';

const noSuchItem = () => notFound('item in the stores', 'Choose one from the list.');

/** Drawers, their ledger, suppliers and offers; and what planned workshops need of them. */
export function storesRoutes(db: Database): Router {
  const router = Router();

  serve(router, getStores, async () => ({
    items: await selectItems(db),
    suppliers: await selectSuppliers(db),
  }));

  serve(router, createStockItem, async ({ body }) => {
    const id = randomUUID();
    await insertItem(db, { id, ...body });
    return { id };
  });

  serve(router, changeStockItem, async ({ params: { itemId }, body }) => {
    if (!isUuid(itemId) || !(await updateItem(db, { id: itemId, ...body }))) throw noSuchItem();
    return {};
  });

  serve(router, getItemLedger, async ({ params: { itemId } }) => {
    const item = (await selectItems(db)).find(({ id }) => id === itemId);
    if (!item) throw noSuchItem();
    return { item, moves: (await selectMoves(db, itemId)).get(itemId) ?? [] };
  });

  serve(router, bookMove, async ({ params: { itemId }, body }) =>
    db.transaction(async (tx) => {
      if (!isUuid(itemId) || !(await lockItem(tx, itemId))) throw noSuchItem();
      const moves = (await selectMoves(tx, itemId)).get(itemId) ?? [];
      const level = levelOf(moves);
      // The device sends again what it got no answer for.
      if (moves.some(({ id }) => id === body.id)) return { level };
      const refusal = refusalOf(body, level);
      if (refusal) throw invalid([{ field: 'pieces', message: refusal }]);
      await insertMove(tx, itemId, body);
      return { level: level + changeBy(body, level) };
    }),
  );

  serve(router, createSupplier, async ({ body }) => {
    const id = randomUUID();
    if (!(await insertSupplier(db, { id, ...body }))) {
      throw invalid([
        { field: 'name', message: `There is a supplier called “${body.name}” already.` },
      ]);
    }
    return { id };
  });

  serve(router, changeSupplier, async ({ params: { supplierId }, body }) => {
    if (!isUuid(supplierId) || !(await updateSupplier(db, { id: supplierId, ...body }))) {
      throw notFound('supplier', 'Choose one from the list.');
    }
    return {};
  });

  serve(router, changeOffers, async ({ params: { itemId }, body }) =>
    db.transaction(async (tx) => {
      if (!isUuid(itemId) || !(await lockItem(tx, itemId))) throw noSuchItem();
      const known = new Set((await selectSuppliers(tx)).map(({ id }) => id));
      const stranger = body.offers.findIndex(({ supplierId }) => !known.has(supplierId));
      if (stranger >= 0) {
        throw invalid([
          { field: `offers[${stranger}].supplierId`, message: 'Choose a supplier from the list.' },
        ]);
      }
      await replaceOffers(
        tx,
        itemId,
        body.offers.map((offer) => ({ id: randomUUID(), ...offer })),
      );
      return {};
    }),
  );

  serve(router, computeNeeds, async ({ body }) => {
    const needs = await workshopNeeds(db, body.workshopIds, body.runOut);
    if (!needs) {
      throw new Refusal(
        404,
        'Not found',
        'One of these workshops does not exist any more. Load the page again and choose anew.',
      );
    }
    return needs;
  });

  router.get(stockCsvPath, async (_request, response) => {
    const [items, suppliers] = [await selectItems(db), await selectSuppliers(db)];
    sendCsv(response, 'stock', stockCsv(items, suppliers));
  });

  router.get(ledgerCsvPath(':itemId'), async (request, response) => {
    const itemId = String(request.params.itemId);
    if (!(await selectItems(db)).some(({ id }) => id === itemId)) throw noSuchItem();
    sendCsv(response, 'ledger', ledgerCsv((await selectMoves(db, itemId)).get(itemId) ?? []));
  });

  router.get('/api/stores/needs.csv', async ({ query }, response) => {
    const ids = String(query.for ?? '')
      .split(',')
      .filter(isUuid);
    const risk = Number(query.risk ?? usualRunOut);
    const needs = risk > 0 && risk <= 0.5 ? await workshopNeeds(db, ids, risk) : undefined;
    if (!needs || ids.length === 0) {
      throw notFound('list of needs', 'Choose workshops on the page of needs, and export again.');
    }
    sendCsv(response, 'needs', needsCsv(needs));
  });

  return router;
}
