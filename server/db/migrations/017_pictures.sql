-- Pictures by their content, each kept once, whoever shows it.
create table picture (
  hash text primary key check (hash ~ '^[0-9a-f]{64}$'),
  media_type text not null check (media_type in ('image/jpeg', 'image/png', 'image/webp')),
  bytes bytea not null check (length(bytes) <= 1500000),
  kept_at timestamptz not null default now()
);
-- The one on a kit's card, and the sheet that its list was read from.
create table kit_picture (
  kit_id uuid not null references kit (id),
  purpose text not null check (purpose in ('card', 'sheet')),
  hash text not null references picture (hash),
  alt text not null,
  primary key (kit_id, purpose)
);
create index kit_picture_hash on kit_picture (hash);
