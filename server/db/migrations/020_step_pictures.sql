-- What steps of a kit show. A picture stays as long as its kit: orders of steps and planned evenings name it.
create table kit_step_picture (
  kit_id uuid not null references kit (id),
  hash text not null references picture (hash),
  primary key (kit_id, hash)
);
create index kit_step_picture_hash on kit_step_picture (hash);
