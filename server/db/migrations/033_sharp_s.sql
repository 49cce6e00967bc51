-- ß is read as ss: what was remembered of a wording with one is kept under the other.
delete from remembered_family r
 where wording like '%ß%'
   and exists (select 1 from remembered_family o where o.wording = replace(r.wording, 'ß', 'ss'));
update remembered_family set wording = replace(wording, 'ß', 'ss') where wording like '%ß%';
