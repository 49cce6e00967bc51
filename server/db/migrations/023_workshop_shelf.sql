-- A workshop can be called off or put away, or deleted for a while; a seat can be taken away, and its records stay.
alter table workshop
  add column set_aside text check (set_aside in ('cancelled', 'archived')),
  add column removed_at timestamptz;
alter table seat add column removed_at timestamptz;
alter table seat drop constraint seat_workshop_id_number_key;
create unique index seat_number on seat (workshop_id, number) where removed_at is null;
-- What somebody says is ready for a workshop.
create table ready_mark (
  workshop_id uuid not null references workshop (id),
  item text not null,
  account_id uuid references account (id) on delete set null,
  marked_at timestamptz not null default now(),
  primary key (workshop_id, item)
);
