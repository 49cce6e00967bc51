import type { StockItem } from '#contract/stores';
import { levelOf, type Move } from '#core/stores/ledger';
import type { Offer, Supplier } from '#core/stores/offers';
import type { StockPart } from '#core/stores/stockPart';
import type { Queryable } from '../db/database.ts';

interface ItemRow {
  id: string;
  part: StockPart;
  location: string;
  minimum: number;
}

interface MoveRow extends Omit<Move, 'at'> {
  item_id: string;
  at: Date;
}

interface OfferRow {
  id: string;
  item_id: string;
  supplier_id: string;
  pack_size: number;
  breaks: Offer['breaks'];
}

/** Every item with its level and its offers, in the order in which they were put in. */
export async function selectItems(db: Queryable): Promise<StockItem[]> {
  const items = await db.query<ItemRow>(
    'select id, part, location, minimum from stock_item order by created_at, id',
  );
  const moves = await selectMoves(db);
  const offers = await db.query<OfferRow>(
    'select id, item_id, supplier_id, pack_size, breaks from offer order by supplier_id, pack_size, id',
  );
  return items.map((item) => ({
    ...item,
    level: levelOf(moves.get(item.id) ?? []),
    offers: offers
      .filter(({ item_id }) => item_id === item.id)
      .map(({ id, supplier_id, pack_size, breaks }) => ({
        id,
        itemId: item.id,
        supplierId: supplier_id,
        packSize: pack_size,
        breaks,
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
  return (await tx.query('select id from stock_item where id = $1 for update', [id])).length === 1;
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

export async function insertItem(db: Queryable, item: ItemRow): Promise<void> {
  await db.query(
    'insert into stock_item (id, part, location, minimum) values ($1, $2::jsonb, $3, $4)',
    [item.id, JSON.stringify(item.part), item.location, item.minimum],
  );
}

export async function updateItem(db: Queryable, item: ItemRow): Promise<boolean> {
  const rows = await db.query(
    'update stock_item set part = $2::jsonb, location = $3, minimum = $4 where id = $1 returning id',
    [item.id, JSON.stringify(item.part), item.location, item.minimum],
  );
  return rows.length === 1;
}

export async function selectSuppliers(db: Queryable): Promise<Supplier[]> {
  const rows = await db.query<{ id: string; name: string; delivery_cents: number; days: number }>(
    'select id, name, delivery_cents, days from supplier order by name',
  );
  return rows.map(({ delivery_cents, ...row }) => ({ ...row, deliveryCents: delivery_cents }));
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

export async function updateSupplier(db: Queryable, supplier: Supplier): Promise<boolean> {
  const { id, name, deliveryCents, days } = supplier;
  const rows = await db.query(
    'update supplier set name = $2, delivery_cents = $3, days = $4 where id = $1 returning id',
    [id, name, deliveryCents, days],
  );
  return rows.length === 1;
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
      [id, itemId, supplierId, packSize, JSON.stringify(breaks)],
    );
  }
}
