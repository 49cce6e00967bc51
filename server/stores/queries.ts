import { randomUUID } from 'node:crypto';
import { storedBreaks, storedStockPart } from '#contract/storedKinds';
import type { StockItem, StoredSupplier } from '#contract/stores';
import { levelOf, type Move } from '#core/stores/ledger';
import type { Currency } from '#core/stores/money';
import type { Offer, Supplier } from '#core/stores/offers';
import type { Queryable } from '../db/database.ts';
import { json, read } from '../db/stored.ts';

interface ItemRow {
  id: string;
  part: unknown;
  location: string;
  minimum: number;
  version: number;
}

type NewItem = Pick<StockItem, 'id' | 'part' | 'location' | 'minimum'>;

interface MoveRow extends Omit<Move, 'at'> {
  item_id: string;
  at: Date;
}

interface OfferRow {
  id: string;
  item_id: string;
  supplier_id: string;
  pack_size: number;
  breaks: unknown;
}

/** Every item with its level and its offers, in the order in which they were put in. */
export const selectItems = (db: Queryable): Promise<StockItem[]> => itemsWhere(db, null);

/** One item, with its own ledger's level and its own offers. */
export const selectItem = async (db: Queryable, id: string): Promise<StockItem | undefined> =>
  (await itemsWhere(db, id))[0];

async function itemsWhere(db: Queryable, itemId: string | null): Promise<StockItem[]> {
  const items = await db.query<ItemRow>(
    `select id, part, location, minimum, version from stock_item
      where ($1::uuid is null or id = $1::uuid) and removed_at is null order by created_at, id`,
    [itemId],
  );
  const moves = await selectMoves(db, itemId ?? undefined);
  const offers = await db.query<OfferRow>(
    `select id, item_id, supplier_id, pack_size, breaks from offer
      where $1::uuid is null or item_id = $1::uuid order by supplier_id, pack_size, id`,
    [itemId],
  );
  return items.map((item) => ({
    ...item,
    part: read(storedStockPart, item.part),
    level: levelOf(moves.get(item.id) ?? []),
    offers: offers
      .filter(({ item_id }) => item_id === item.id)
      .map(({ id, supplier_id, pack_size, breaks }) => ({
        id,
        itemId: item.id,
        supplierId: supplier_id,
        packSize: pack_size,
        breaks: read(storedBreaks, breaks),
      })),
  }));
}

/** By item, in the order of booking; of one item only where it is named. */
export async function selectMoves(db: Queryable, itemId?: string): Promise<Map<string, Move[]>> {
  const rows = await db.query<MoveRow>(
    `select item_id, id, at, kind, pieces, note from stock_move
      where $1::uuid is null or item_id = $1::uuid order by seq`,
    [itemId ?? null],
  );
  const byItem = new Map<string, Move[]>();
  for (const { item_id, at, id, kind, pieces, note } of rows) {
    const moves = byItem.get(item_id) ?? [];
    moves.push({ id, at: at.toISOString(), kind, pieces, note });
    byItem.set(item_id, moves);
  }
  return byItem;
}

/** The item that a move was booked on. */
export async function selectItemOfMove(tx: Queryable, moveId: string): Promise<string | undefined> {
  const [row] = await tx.query<{ item_id: string }>(
    'select item_id from stock_move where id = $1',
    [moveId],
  );
  return row?.item_id;
}

/** Holds the item until the transaction ends, so that two bookings at once come one after the other. */
export async function lockItem(tx: Queryable, id: string): Promise<boolean> {
  return (
    (
      await tx.query('select id from stock_item where id = $1 and removed_at is null for update', [
        id,
      ])
    ).length === 1
  );
}

export async function insertMove(
  tx: Queryable,
  itemId: string,
  { id, kind, pieces, note }: Omit<Move, 'at'>,
): Promise<void> {
  await tx.query(
    'insert into stock_move (id, item_id, kind, pieces, note) values ($1, $2, $3, $4, $5)',
    [id, itemId, kind, pieces, note],
  );
}

/** A move that no device made, so that it has no id yet. */
export const book = (
  tx: Queryable,
  itemId: string,
  kind: Move['kind'],
  pieces: number,
  note: string,
): Promise<void> => insertMove(tx, itemId, { id: randomUUID(), kind, pieces, note });

export async function insertItem(db: Queryable, item: NewItem): Promise<void> {
  await db.query(
    'insert into stock_item (id, part, location, minimum) values ($1, $2::jsonb, $3, $4)',
    [item.id, json(storedStockPart, item.part), item.location, item.minimum],
  );
}

/**
 * Changes an item, if it is still the one that was read.
 *
 * @returns its version from now on; undefined where somebody else was first
 */
export async function updateItem(
  db: Queryable,
  item: NewItem,
  basedOn: number,
): Promise<number | undefined> {
  const [row] = await db.query<{ version: number }>(
    `update stock_item set part = $2::jsonb, location = $3, minimum = $4, version = version + 1
      where id = $1 and version = $5 returning version`,
    [item.id, json(storedStockPart, item.part), item.location, item.minimum, basedOn],
  );
  return row?.version;
}

/** The same for what stands beside the item, such as its offers. */
export async function raiseItemVersion(
  tx: Queryable,
  id: string,
  basedOn: number,
): Promise<number | undefined> {
  const [row] = await tx.query<{ version: number }>(
    'update stock_item set version = version + 1 where id = $1 and version = $2 returning version',
    [id, basedOn],
  );
  return row?.version;
}

export const itemExists = async (db: Queryable, id: string): Promise<boolean> =>
  (await db.query('select id from stock_item where id = $1 and removed_at is null', [id]))
    .length === 1;

export const supplierExists = async (db: Queryable, id: string): Promise<boolean> =>
  (await db.query('select id from supplier where id = $1 and removed_at is null', [id])).length ===
  1;

export async function selectSuppliers(db: Queryable): Promise<StoredSupplier[]> {
  const rows = await db.query<Omit<StoredSupplier, 'deliveryCents'> & { delivery_cents: number }>(
    'select id, name, delivery_cents, days, version from supplier where removed_at is null order by name',
  );
  return rows.map(({ delivery_cents, ...row }) => ({ ...row, deliveryCents: delivery_cents }));
}

export async function selectCurrency(db: Queryable): Promise<Currency> {
  const [row] = await db.query<{ currency: string | null }>('select currency from site');
  return row?.currency ?? null;
}

export async function updateCurrency(db: Queryable, currency: Currency): Promise<void> {
  await db.query('update site set currency = $1', [currency]);
}

export async function selectSupplierNamed(
  db: Queryable,
  name: string,
): Promise<string | undefined> {
  const [row] = await db.query<{ id: string }>(
    'select id from supplier where lower(name) = lower($1) and removed_at is null',
    [name],
  );
  return row?.id;
}

/** @returns false where another supplier has the name already */
export async function insertSupplier(db: Queryable, supplier: Supplier): Promise<boolean> {
  const { id, name, deliveryCents, days } = supplier;
  const rows = await db.query(
    `insert into supplier (id, name, delivery_cents, days) values ($1, $2, $3, $4)
     on conflict do nothing returning id`,
    [id, name, deliveryCents, days],
  );
  return rows.length === 1;
}

/**
 * Changes a supplier, if it is still the one that was read.
 *
 * @returns its version from now on; undefined where somebody else was first
 */
export async function updateSupplier(
  db: Queryable,
  { id, name, deliveryCents, days, version }: StoredSupplier,
): Promise<number | undefined> {
  const [row] = await db.query<{ version: number }>(
    `update supplier set name = $2, delivery_cents = $3, days = $4, version = version + 1
      where id = $1 and version = $5 returning version`,
    [id, name, deliveryCents, days, version],
  );
  return row?.version;
}

export async function replaceOffers(
  tx: Queryable,
  itemId: string,
  offers: readonly Omit<Offer, 'itemId'>[],
): Promise<void> {
  await tx.query('delete from offer where item_id = $1', [itemId]);
  for (const { id, supplierId, packSize, breaks } of offers) {
    await tx.query(
      'insert into offer (id, item_id, supplier_id, pack_size, breaks) values ($1, $2, $3, $4, $5::jsonb)',
      [id, itemId, supplierId, packSize, json(storedBreaks, breaks)],
    );
  }
}

/** @returns how many of them there are */
export async function setItemsRemoved(
  tx: Queryable,
  ids: readonly string[],
  removed: boolean,
): Promise<number> {
  const rows = await tx.query(
    `update stock_item set removed_at = case when $2 then now() end
      where id in (select jsonb_array_elements_text($1::jsonb)::uuid) and (removed_at is null) = $2 returning id`,
    [JSON.stringify(ids), removed],
  );
  return rows.length;
}

/** Offers are of another drawer, or another supplier, from now on; those that are gone stay so. */
export async function giveOffers(
  tx: Queryable,
  ids: readonly string[],
  { itemId = null, supplierId = null }: { itemId?: string | null; supplierId?: string | null },
): Promise<void> {
  await tx.query(
    `update offer set item_id = coalesce($2::uuid, item_id), supplier_id = coalesce($3::uuid, supplier_id)
      where id in (select jsonb_array_elements_text($1::jsonb)::uuid)`,
    [JSON.stringify(ids), itemId, supplierId],
  );
}

/** Ids of all that a supplier offers. */
export async function offersOf(tx: Queryable, supplierId: string): Promise<string[]> {
  const rows = await tx.query<{ id: string }>('select id from offer where supplier_id = $1', [
    supplierId,
  ]);
  return rows.map(({ id }) => id);
}

export async function countOffersOf(tx: Queryable, supplierId: string): Promise<number> {
  const [row] = await tx.query<{ count: number }>(
    `select count(*)::int as count from offer join stock_item on stock_item.id = item_id
      where supplier_id = $1 and removed_at is null`,
    [supplierId],
  );
  return row?.count ?? 0;
}

/** @returns false where there is no such supplier, or where another has its name by now */
export async function setSupplierRemoved(
  tx: Queryable,
  id: string,
  removed: boolean,
): Promise<boolean> {
  const rows = await tx.query(
    `update supplier set removed_at = case when $2 then now() end
      where id = $1 and ($2 or not exists (
        select from supplier as other
         where lower(other.name) = lower(supplier.name) and other.id <> $1 and other.removed_at is null))
      returning id`,
    [id, removed],
  );
  return rows.length === 1;
}
