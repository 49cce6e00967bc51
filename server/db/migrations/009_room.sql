-- The door that phones come in by: one row, kept so that a restart in the middle of an evening lets them in again.
create table room (
  one boolean primary key default true check (one),
  address text not null check (length(address) between 1 and 64),
  seats_by text not null check (seats_by in ('http', 'https')),
  -- Null while the door is closed.
  open_until timestamptz
);

-- The address that the labels of an evening were printed with last.
alter table workshop add column labels_address text;
