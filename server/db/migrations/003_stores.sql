-- What lies in the drawers. How much of it there is follows from the moves alone.
create table stock_item (
  id uuid primary key,
  part jsonb not null,
  location text not null,
  minimum integer not null check (minimum >= 0),
  created_at timestamptz not null default now()
);

-- The ledger: append-only, in the order of booking.
create table stock_move (
  seq bigserial primary key,
  id uuid not null unique,
  item_id uuid not null references stock_item (id),
  at timestamptz not null default now(),
  kind text not null,
  pieces integer not null check (pieces >= 0),
  note text not null
);
create index stock_move_of_item on stock_move (item_id, seq);

create function refuse_ledger_change() returns trigger language plpgsql as $$
begin
  raise exception 'the stock ledger is append-only';
end
$$;
create trigger stock_move_append_only before update or delete on stock_move
  for each row execute function refuse_ledger_change();

create table supplier (
  id uuid primary key,
  name text not null,
  delivery_cents integer not null check (delivery_cents >= 0),
  days integer not null check (days >= 0)
);
create unique index supplier_name on supplier (lower(name));

create table offer (
  id uuid primary key,
  item_id uuid not null references stock_item (id),
  supplier_id uuid not null references supplier (id),
  pack_size integer not null check (pack_size > 0),
  breaks jsonb not null
);
create index offer_of_item on offer (item_id);
