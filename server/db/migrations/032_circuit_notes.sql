-- What an instructor says of a circuit is the kit's: it needs no board that is laid out.
alter table kit_revision add column circuit_notes jsonb;
update kit_revision set circuit_notes = board -> 'circuit', board = board - 'circuit' where board ? 'circuit';
alter table kit add column circuit_version integer not null default 1;
