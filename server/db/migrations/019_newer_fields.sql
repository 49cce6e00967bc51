-- What newer kit files say inside their parts, board or order and this version does not know; it goes out again with them.
alter table kit add column newer jsonb;
update kit set newer = jsonb_build_object(
  'version', 1,
  'fields', (select coalesce(jsonb_agg(jsonb_build_object('way', '[]'::jsonb, 'name', f.key, 'value', f.value)), '[]'::jsonb)
               from jsonb_each(unknown_fields) f))
 where unknown_fields is not null and unknown_fields <> '{}'::jsonb;
alter table kit drop column unknown_fields;
