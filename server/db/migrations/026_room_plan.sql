-- Where the seats of a workshop and what they share stand in the room; null as long as nobody has moved anything.
alter table workshop
  add column room_plan jsonb,
  add column room_version integer not null default 1;
