-- Whoever has a key: instructors and helpers, each with a name and a passphrase of their own.
create table account (
  id uuid primary key,
  role text not null check (role in ('instructor', 'helper')),
  name text not null check (name <> ''),
  passphrase_hash text not null,
  created_at timestamptz not null default now(),
  left_at timestamptz
);
create unique index account_name on account (lower(name)) where left_at is null;
insert into account (id, role, name, passphrase_hash, created_at, left_at)
  select id, 'helper', name, passphrase_hash, created_at, left_at from helper;
insert into account (id, role, name, passphrase_hash, created_at)
  select gen_random_uuid(), 'instructor',
         case when exists (select 1 from helper where lower(name) = 'instructor' and left_at is null)
              then 'The instructor' else 'Instructor' end,
         passphrase_hash, 'epoch'
    from instructor;

alter table session
  add column id uuid not null default gen_random_uuid() unique,
  add column account_id uuid references account (id),
  add column opened_at timestamptz not null default now(),
  -- Raised once a minute: a session that nobody uses for long ends.
  add column seen_at timestamptz not null default now(),
  -- By which browser, in a few words.
  add column device text not null default '';
update session set account_id = coalesce(helper_id, (select id from account where role = 'instructor'));
delete from session where account_id is null;
alter table session alter column account_id set not null, drop column helper_id;
create index session_of_account on session (account_id);
drop table helper;
drop table instructor;

-- Who did what: added to, never changed.
create table record_entry (
  seq bigserial primary key,
  at timestamptz not null default now(),
  what text not null,
  -- Null where nobody was signed in.
  account_id uuid references account (id),
  -- The kit, workshop, person or account that it was done to.
  about uuid,
  -- Of the device: “this computer”, or its address in the network.
  came_from text not null
);
create function refuse_record_change() returns trigger language plpgsql as $$
begin
  raise exception 'the record is append-only';
end
$$;
create trigger record_append_only before update or delete on record_entry
  for each row execute function refuse_record_change();
