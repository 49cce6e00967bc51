-- What is told to several seats is one entry: the other seats, beside the one that it is told to first.
alter table build_event add column also_at uuid[];
create index build_event_told_together on build_event (workshop_id) where also_at is not null;

-- The log as each seat has it: what was told together stands once for every seat that it was told to.
create view seat_event as
  select seq, id, workshop_id, seat_id, at, author, helper, kind, deed from build_event
  union all
  select seq, id, workshop_id, other, at, author, helper, kind, deed
    from build_event, unnest(also_at) as other
   where also_at is not null;
