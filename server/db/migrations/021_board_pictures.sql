-- Pictures of boards are kept like all others: once for their content, and sent by themselves. A layer is a drawing.
alter table picture drop constraint picture_media_type_check;
alter table picture add constraint picture_media_type_check
  check (media_type in ('image/jpeg', 'image/png', 'image/webp', 'image/svg+xml'));

create temporary table behind as
select kit_revision.id, kit_id, media_type, bytes, encode(sha256(bytes), 'hex') as hash
  from kit_revision,
       lateral (select board -> 'backdrop' ->> 'image' as image) as kept,
       lateral (select substring(image from '^data:([^;,]+)') as media_type,
                       case when image like 'data:%;base64,%' then decode(split_part(image, ',', 2), 'base64') end as bytes) as read
 where bytes is not null and length(bytes) <= 1500000;
insert into picture (hash, media_type, bytes)
  select distinct on (hash) hash, media_type, bytes from behind on conflict do nothing;
insert into kit_step_picture (kit_id, hash) select distinct kit_id, hash from behind on conflict do nothing;
update kit_revision
   set board = board || jsonb_build_object('pictures', jsonb_build_array(
         ((board -> 'backdrop') - 'image') || jsonb_build_object('hash', hash, 'side', 'top', 'what',
           case media_type when 'image/svg+xml' then 'print' else 'photo' end)))
  from behind where behind.id = kit_revision.id;
update kit_revision set board = board - 'backdrop' where board ? 'backdrop';
drop table behind;

alter table kit drop column picture_version;
