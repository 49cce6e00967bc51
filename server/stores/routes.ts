import { randomUUID } from 'node:crypto';
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
  ledgerFile,
  needsFile,
  setCurrency,
  stockFile,
  usualRunOut,
} from '#contract/stores';
import { type TableFormat, tableFormats } from '#contract/tables';
import { said } from '#core/learning/said';
import { changeBy, levelOf, refusalOf } from '#core/stores/ledger';
import type { Database } from '../db/database.ts';
import type { Api } from '../http/api.ts';
import { changedMeanwhile, invalid, notFound, Refusal } from '../http/refusal.ts';
import { sendTable } from '../http/table.ts';
import { isUuid } from '../http/uuid.ts';
import { speak } from '../words/speak.ts';
import { drawerRoutes } from './drawers.ts';
import { mergingRoutes } from './merging.ts';
import {
  insertItem,
  insertMove,
  insertSupplier,
  itemExists,
  lockItem,
  raiseItemVersion,
  replaceOffers,
  selectCurrency,
  selectItem,
  selectItems,
  selectMoves,
  selectSuppliers,
  supplierExists,
  updateCurrency,
  updateItem,
  updateSupplier,
} from './queries.ts';
import { ledgerTable, needsTable, stockTable } from './stockTables.ts';
import { workshopNeeds } from './workshopNeeds.ts';

const noSuchItem = () => notFound('item');

/** Drawers, their ledger, suppliers and offers; and what planned workshops need of them. */
export function storesRoutes(api: Api, db: Database): void {
  drawerRoutes(api, db);
  mergingRoutes(api, db);

  api.serve(getStores, async () => ({
    items: await selectItems(db),
    suppliers: await selectSuppliers(db),
    currency: await selectCurrency(db),
  }));

  api.serve(setCurrency, async ({ body: { currency } }) => {
    await updateCurrency(db, currency);
    return {};
  });

  api.serve(createStockItem, async ({ body }) => {
    const id = randomUUID();
    await insertItem(db, { id, ...body });
    return { id };
  });

  api.serve(
    changeStockItem,
    async ({ params: { itemId }, body: { version: basedOn, ...item } }) => {
      if (!isUuid(itemId) || !(await itemExists(db, itemId))) throw noSuchItem();
      const version = await updateItem(db, { id: itemId, ...item }, basedOn);
      if (version === undefined) throw changedMeanwhile();
      return { version };
    },
  );

  api.serve(getItemLedger, async ({ params: { itemId } }) => {
    const item = isUuid(itemId) ? await selectItem(db, itemId) : undefined;
    if (!item) throw noSuchItem();
    return { item, moves: (await selectMoves(db, itemId)).get(itemId) ?? [] };
  });

  api.serve(bookMove, async ({ params: { itemId }, body }) =>
    db.transaction(async (tx) => {
      if (!isUuid(itemId) || !(await lockItem(tx, itemId))) throw noSuchItem();
      const moves = (await selectMoves(tx, itemId)).get(itemId) ?? [];
      const level = levelOf(moves);
      // The device sends again what it got no answer for.
      if (moves.some(({ id }) => id === body.id)) return { level };
      const refusal = refusalOf(body, level);
      if (refusal) throw invalid([{ field: 'pieces', says: refusal }]);
      await insertMove(tx, itemId, body);
      return { level: level + changeBy(body, level) };
    }),
  );

  api.serve(createSupplier, async ({ body }) => {
    const id = randomUUID();
    if (!(await insertSupplier(db, { id, ...body }))) {
      throw invalid([
        {
          field: 'name',
          says: said('refusals.stores.thereIsASupplierCalledAlready', { name: body.name }),
        },
      ]);
    }
    return { id };
  });

  api.serve(changeSupplier, async ({ params: { supplierId }, body }) => {
    if (!isUuid(supplierId) || !(await supplierExists(db, supplierId))) {
      throw notFound('supplier');
    }
    const version = await updateSupplier(db, { id: supplierId, ...body });
    if (version === undefined) throw changedMeanwhile();
    return { version };
  });

  api.serve(changeOffers, async ({ params: { itemId }, body }) =>
    db.transaction(async (tx) => {
      if (!isUuid(itemId) || !(await lockItem(tx, itemId))) throw noSuchItem();
      const known = new Set((await selectSuppliers(tx)).map(({ id }) => id));
      const stranger = body.offers.findIndex(({ supplierId }) => !known.has(supplierId));
      if (stranger >= 0) {
        throw invalid([
          {
            field: `offers[${stranger}].supplierId`,
            says: said('refusals.stores.chooseASupplierFromTheList'),
          },
        ]);
      }
      const version = await raiseItemVersion(tx, itemId, body.version);
      if (version === undefined) throw changedMeanwhile();
      await replaceOffers(
        tx,
        itemId,
        body.offers.map((offer) => ({ id: randomUUID(), ...offer })),
      );
      return { version };
    }),
  );

  api.serve(computeNeeds, async ({ body }) => {
    const needs = await workshopNeeds(db, body.workshopIds, body.runOut ?? usualRunOut);
    if (!needs) {
      throw new Refusal(
        404,
        said('refusals.stores.notFound'),
        said('refusals.stores.oneOfTheseWorkshopsDoesNotExist'),
      );
    }
    return needs;
  });

  api.send(stockFile, async ({ request, params, response }) => {
    const format = asked(params.format);
    const speaker = speak(request.query.lang);
    const [items, suppliers] = [await selectItems(db), await selectSuppliers(db)];
    const table = stockTable(speaker, items, suppliers);
    await sendTable(response, speaker.t('exports.file.stock'), table, format);
  });

  api.send(ledgerFile, async ({ request, params, response }) => {
    const { itemId } = params;
    const format = asked(params.format);
    if (!isUuid(itemId) || !(await selectItem(db, itemId))) throw noSuchItem();
    const speaker = speak(request.query.lang);
    const table = ledgerTable(speaker, (await selectMoves(db, itemId)).get(itemId) ?? []);
    await sendTable(response, speaker.t('exports.file.ledger'), table, format);
  });

  api.send(needsFile, async ({ request: { query }, params, response }) => {
    const format = asked(params.format);
    const speaker = speak(query.lang);
    const ids = String(query.for ?? '')
      .split(',')
      .filter(isUuid);
    const risk = Number(query.risk ?? usualRunOut);
    const needs = risk > 0 && risk <= 0.5 ? await workshopNeeds(db, ids, risk) : undefined;
    if (!needs || ids.length === 0) {
      throw notFound('needs');
    }
    await sendTable(response, speaker.t('exports.file.needs'), needsTable(speaker, needs), format);
  });
}

/** The format of a table that an address asks for. */
function asked(format: string): TableFormat {
  const known = tableFormats.find((one) => one === format);
  if (!known) throw notFound('paper');
  return known;
}
