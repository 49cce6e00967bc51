-- What a line of a parts list says of the body and beside the part, and what of the reading is doubtful.
alter table part_line
  add column package text,
  add column remarks text,
  add column show_remarks boolean not null default false,
  add column doubts jsonb not null default '[]';

-- What instructors said of type numbers that the catalogue does not know.
create table own_type (
  number text primary key,
  type jsonb not null
);
