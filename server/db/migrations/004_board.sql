-- The board of a revision: outline, placements, pads and nets.
alter table kit_revision add column board jsonb;
