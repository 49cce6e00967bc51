-- Raised by every change, so that a change made from an older reading is refused and nobody's work is lost.
alter table kit
  add column lines_version integer not null default 1,
  add column errata_version integer not null default 1,
  add column supply_version integer not null default 1,
  add column order_version integer not null default 1,
  add column board_version integer not null default 1,
  add column picture_version integer not null default 1;
alter table workshop add column seating_version integer not null default 1;
alter table stock_item add column version integer not null default 1;
alter table supplier add column version integer not null default 1;

-- Some kinds of deeds are asked of all workshops at once.
alter table build_event add column kind text generated always as (deed ->> 'kind') stored;
create index build_event_of_kind on build_event (kind, seq);

create index workshop_of_revision on workshop (revision_id);
create index offer_of_supplier on offer (supplier_id);
create index session_of_helper on session (helper_id);
