-- The time zone that all times of the site are told in, and how its clocks count; null is that of the computer.
alter table site
  add column time_zone text,
  add column hours integer not null default 24 check (hours in (12, 24));
