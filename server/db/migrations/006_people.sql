-- People who help in the room sign in under a name and with a passphrase of their own.
create table helper (
  id uuid primary key,
  name text not null,
  passphrase_hash text not null,
  created_at timestamptz not null default now(),
  left_at timestamptz
);
create unique index helper_name on helper (lower(name)) where left_at is null;
alter table session add column helper_id uuid references helper (id);
-- The name of the helper who logged it; null for the instructor and for learners.
alter table build_event add column helper text;

-- A learner is known by name from one workshop to the next. Erased, the name is gone and what was counted stays.
create table learner (
  id uuid primary key,
  name text not null,
  created_at timestamptz not null default now(),
  erased_at timestamptz
);
create unique index learner_name on learner (lower(name)) where erased_at is null;
alter table seat add column learner_id uuid references learner (id);
alter table seat add column experience text not null default 'new';
-- The number of the seat of this workshop that it is paired with.
alter table seat add column partner integer;
create index seat_of_learner on seat (learner_id);

insert into learner (id, name) select gen_random_uuid(), min(name) from seat where name <> '' group by lower(name);
update seat set learner_id = (select id from learner where lower(learner.name) = lower(seat.name)) where name <> '';

-- Who looked at a line of the room's checklist before the doors opened, and when.
create table checklist_sign (
  workshop_id uuid not null references workshop (id),
  item text not null,
  signed_by text not null,
  signed_at timestamptz not null default now(),
  primary key (workshop_id, item)
);

-- Plans made before did not say which joints take longer.
update workshop set steps = (
  select coalesce(jsonb_agg(
    case when step ->> 'kind' = 'check' then step else '{"hotJoints": 0}'::jsonb || step end order by place), '[]'::jsonb)
  from jsonb_array_elements(steps) with ordinality as listed (step, place));
