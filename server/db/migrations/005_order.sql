-- How the instructor wants a revision built; null where nothing was chosen yet.
alter table kit_revision add column soldering_order jsonb;

-- Plans made before steps told their side, what to hold, what to measure off and what a check is about.
update workshop set steps = (
  select coalesce(jsonb_agg(
    case when step ->> 'kind' = 'check'
      then '{"blocks": [], "sees": null}'::jsonb || step
      else '{"side": "top", "holding": [], "lengths": []}'::jsonb || step
    end order by place), '[]'::jsonb)
  from jsonb_array_elements(steps) with ordinality as listed (step, place));
