-- What every single fault of a revision shows, worked out from its circuit; not part of what the revision is.
alter table kit_revision add column faults jsonb;
