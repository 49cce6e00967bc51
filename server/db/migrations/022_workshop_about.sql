-- What a workshop is called, when and where it is can be changed; two who change it at once do not undo one another's work.
alter table workshop
  add column place text not null default '',
  add column notes text not null default '',
  add column about_version integer not null default 1;
