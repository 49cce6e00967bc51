-- What an evening has to do with that moves the clock: tools, helpers, welcome, breaks; null as long as nobody has said.
alter table workshop
  add column conditions jsonb,
  add column conditions_version integer not null default 1;
