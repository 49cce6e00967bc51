-- What a kit is called and filed under; what is put away or removed is not offered any more.
alter table kit add column description text not null default '';
alter table kit add column tags text[] not null default '{}';
alter table kit add column archived_at timestamptz;
-- Removed kits are kept for some days, so that it can be undone.
alter table kit add column removed_at timestamptz;
alter table kit add column about_version integer not null default 1;
-- Fields of a kit file that this version does not know; they go out again with it.
alter table kit add column unknown_fields jsonb;
drop index kit_name;
create unique index kit_name on kit (lower(name)) where removed_at is null;
