-- What the boards of a revision show, worked out from its circuit; not part of what the revision is.
alter table kit_revision add column figures jsonb;
