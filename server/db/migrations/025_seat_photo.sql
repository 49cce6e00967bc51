-- Photos of a learner's board: whose they are, the log of the seat says which of them still count.
create table seat_photo (
  id uuid primary key,
  seat_id uuid not null references seat (id),
  media_type text not null,
  bytes bytea not null,
  kept_at timestamptz not null default now()
);
create index seat_photo_of on seat_photo (seat_id);
