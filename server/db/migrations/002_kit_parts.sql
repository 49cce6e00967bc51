-- Who brings a line's pieces, in place of a yes or no; and what is different about the lot in the bag.
alter table part_line add column supply text not null default 'in-kit';
update part_line set supply = 'not-in-kit' where not in_kit;
alter table part_line drop column in_kit;
alter table part_line alter column supply drop default;
alter table part_line add column lot_note jsonb;

-- The LED of before was one of 5 mm; others have come beside it.
update part_line set family = 'led-5mm' where family = 'led';

-- Plans that were made before say the same in the new words.
update workshop set steps = replace(replace(replace(steps::text,
  '"family": "led"', '"family": "led-5mm"'),
  '"inKit": true', '"supply": "in-kit"'),
  '"inKit": false', '"supply": "not-in-kit"')::jsonb;
update workshop set steps = (
  select coalesce(jsonb_agg(
    case when step ->> 'kind' = 'check' then step else step || '{"cautions": []}'::jsonb end order by place), '[]'::jsonb)
  from jsonb_array_elements(steps) with ordinality as listed (step, place));

update remembered_mapping
  set mapping = (mapping - 'inKit') || jsonb_build_object('supply', mapping -> 'inKit')
  where mapping -> 'inKit' is not null;

create table erratum (
  revision_id uuid not null references kit_revision (id),
  position integer not null,
  designators jsonb not null,
  text text not null,
  primary key (revision_id, position)
);

-- What a person said a line with such words is.
create table remembered_family (
  wording text primary key,
  family text not null
);

-- Parts that were measured when the goods came in. A reading keeps the part as it was listed then.
create table incoming_reading (
  id uuid primary key,
  kit_id uuid not null references kit (id),
  at timestamptz not null default now(),
  part jsonb not null,
  meter text not null,
  reading double precision not null
);
create index incoming_reading_of_kit on incoming_reading (kit_id, at);
