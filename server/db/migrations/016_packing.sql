-- What is packed of a workshop: bags that are closed, and parts that lie in every bag. One row for each tick.
create table packing_tick (
  workshop_id uuid not null references workshop (id),
  key text not null,
  ticked_at timestamptz not null default now(),
  primary key (workshop_id, key)
);
-- What was taken out of the drawers for the bags, so that it can be put back.
create table packing_booking (
  workshop_id uuid primary key references workshop (id),
  booked_at timestamptz not null default now(),
  taken jsonb not null
);
