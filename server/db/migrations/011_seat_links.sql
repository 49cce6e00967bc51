-- A seat waits until its evening begins, or until somebody lets the learners begin earlier.
alter table workshop add column opened_at timestamptz;

-- Links that led to a seat before: whoever still has one is told so.
create table ended_link (
  token text primary key,
  seat_id uuid not null references seat (id),
  ended_at timestamptz not null default now()
);
create index ended_link_of_seat on ended_link (seat_id);

-- Whether a learner's link shows what they did on other evenings too, and goes on after the evening.
alter table learner add column keeps_page boolean not null default false;

-- Who signed with which account, and who took a signature back: neither is forgotten.
alter table checklist_sign
  drop constraint checklist_sign_pkey,
  add column id uuid primary key default gen_random_uuid(),
  add column account_id uuid references account (id),
  add column withdrawn_at timestamptz,
  add column withdrawn_by uuid references account (id);
create unique index checklist_sign_now on checklist_sign (workshop_id, item) where withdrawn_at is null;
create index checklist_sign_of_account on checklist_sign (account_id);
create index checklist_sign_withdrawn_by on checklist_sign (withdrawn_by);

-- What is set for the site as a whole: one row.
create table site (
  one boolean primary key default true check (one),
  -- Months after their last evening after which a person is erased; null keeps everybody until somebody erases them.
  keep_people_months integer check (keep_people_months between 1 and 120)
);
insert into site (one) values (true);
