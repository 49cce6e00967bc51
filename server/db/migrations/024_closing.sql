-- An evening is closed by whoever clears the room, and leaves a line for the next one with that kit.
alter table workshop
  add column closed_at timestamptz,
  add column links_end boolean not null default false,
  add column next_time text not null default '';
