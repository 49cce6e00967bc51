-- What the workshop solders with; the seconds of heat on the steps follow from it.
alter table workshop add column iron jsonb not null
  default '{"tip": "chisel-16", "celsius": 340, "alloy": "sn60pb40"}'::jsonb;
