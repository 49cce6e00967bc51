-- One row at most: the instructor's passphrase, hashed with scrypt.
create table instructor (
  only_one boolean primary key default true check (only_one),
  passphrase_hash text not null
);

-- Sessions are kept as hashes: who reads the database cannot sign in with it.
create table session (
  token_hash text primary key,
  expires_at timestamptz not null
);

create table kit (
  id uuid primary key,
  name text not null,
  created_at timestamptz not null default now()
);
create unique index kit_name on kit (lower(name));

-- A revision is never changed; changing a kit makes the next one.
create table kit_revision (
  id uuid primary key,
  kit_id uuid not null references kit (id),
  number integer not null,
  supply_volt double precision,
  created_at timestamptz not null default now(),
  unique (kit_id, number)
);

create table part_line (
  revision_id uuid not null references kit_revision (id),
  position integer not null,
  designators jsonb not null,
  quantity integer not null check (quantity > 0),
  family text not null,
  value jsonb not null,
  pins integer,
  description text not null,
  in_kit boolean not null,
  confidence text not null,
  primary key (revision_id, position)
);

-- How the columns of a parts list with these headings were read last.
create table remembered_mapping (
  headings text primary key,
  mapping jsonb not null
);

create table workshop (
  id uuid primary key,
  title text not null,
  revision_id uuid not null references kit_revision (id),
  starts_at timestamptz not null,
  length_minutes integer not null,
  -- The plan as it was made: a later version of the planner must not move the steps that events name.
  steps jsonb not null,
  created_at timestamptz not null default now()
);

create table seat (
  id uuid primary key,
  workshop_id uuid not null references workshop (id),
  number integer not null,
  name text not null,
  token text not null unique,
  unique (workshop_id, number)
);

create table build_event (
  seq bigserial primary key,
  id uuid not null unique,
  workshop_id uuid not null references workshop (id),
  seat_id uuid not null references seat (id),
  at timestamptz not null,
  author text not null,
  deed jsonb not null,
  received_at timestamptz not null default now()
);
create index build_event_of_workshop on build_event (workshop_id, seq);
create index build_event_of_seat on build_event (seat_id, seq);

-- The log is append-only, whatever a query says.
create function refuse_change() returns trigger language plpgsql as $$
begin
  raise exception 'the build log is append-only';
end
$$;
create trigger build_event_append_only before update or delete on build_event
  for each row execute function refuse_change();
