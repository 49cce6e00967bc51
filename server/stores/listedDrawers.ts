import { randomUUID } from 'node:crypto';
import type { DrawersTaken, ListedDrawer, StockItem } from '#contract/stores';
import type { Offer } from '#core/stores/offers';
import type { Queryable } from '../db/database.ts';
import { changedMeanwhile, notFound } from '../http/refusal.ts';
import {
  book,
  insertItem,
  insertSupplier,
  lockItem,
  replaceOffers,
  selectItem,
  selectSupplierNamed,
  updateItem,
} from './queries.ts';

/** Takes over what a list says of drawers: what it leaves open stays as it is. */
export async function takeOver(
  tx: Queryable,
  drawers: readonly ListedDrawer[],
): Promise<DrawersTaken> {
  const suppliers = new Suppliers(tx);
  let changed = 0;
  for (const drawer of drawers) {
    if (drawer.there) changed += 1;
    const item = drawer.there ? await changeDrawer(tx, drawer) : await makeDrawer(tx, drawer);
    if (drawer.pieces !== null && drawer.pieces !== item.level)
      await book(tx, item.id, 'count', drawer.pieces, '');
    if (drawer.offers.length > 0)
      await replaceOffers(tx, item.id, await offersWith(item, drawer, suppliers));
  }
  return { made: drawers.length - changed, changed, newSuppliers: suppliers.made };
}

type Known = Pick<StockItem, 'id' | 'level' | 'offers'>;

async function makeDrawer(tx: Queryable, drawer: ListedDrawer): Promise<Known> {
  const { part, location, minimum } = drawer;
  const id = randomUUID();
  await insertItem(tx, { id, part, location, minimum: minimum ?? 0 });
  return { id, level: 0, offers: [] };
}

async function changeDrawer(tx: Queryable, drawer: ListedDrawer): Promise<Known> {
  const { itemId = '', version = 0 } = drawer.there ?? {};
  const item = (await lockItem(tx, itemId)) ? await selectItem(tx, itemId) : undefined;
  if (!item) throw notFound('item');
  const next = {
    ...item,
    location: drawer.location || item.location,
    minimum: drawer.minimum ?? item.minimum,
  };
  if ((await updateItem(tx, next, version)) === undefined) throw changedMeanwhile();
  return item;
}

async function offersWith(
  { id: itemId, offers }: Known,
  listed: ListedDrawer,
  suppliers: Suppliers,
): Promise<readonly Offer[]> {
  const next = new Map(offers.map((offer) => [`${offer.supplierId} ${offer.packSize}`, offer]));
  for (const { supplier, packSize, breaks } of listed.offers) {
    const supplierId = await suppliers.named(supplier);
    next.set(`${supplierId} ${packSize}`, {
      id: randomUUID(),
      itemId,
      supplierId,
      packSize,
      breaks,
    });
  }
  return [...next.values()];
}

/** Suppliers by their names; who is not known yet is put in. */
class Suppliers {
  readonly made: string[] = [];
  readonly #tx: Queryable;
  readonly #ids = new Map<string, string>();

  constructor(tx: Queryable) {
    this.#tx = tx;
  }

  async named(name: string): Promise<string> {
    const key = name.toLowerCase();
    const id =
      this.#ids.get(key) ?? (await selectSupplierNamed(this.#tx, name)) ?? (await this.#make(name));
    this.#ids.set(key, id);
    return id;
  }

  async #make(name: string): Promise<string> {
    const id = randomUUID();
    await insertSupplier(this.#tx, { id, name, deliveryCents: 0, days: 0 });
    this.made.push(name);
    return id;
  }
}
