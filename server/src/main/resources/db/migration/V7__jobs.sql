-- A job is named by its cover and what is done to it, and the database knows both.
alter table placement add column link_id uuid references chain_link on delete cascade, add column operation text;
update placement p set link_id = l.id,
  operation = case split_part(p.job_id, ':', 2) when 'disc1' then 'first_disc' when 'disc2' then 'second_disc' else split_part(p.job_id, ':', 2) end
  from chain_link l where l.id::text = split_part(p.job_id, ':', 1);
delete from placement where link_id is null;
alter table placement drop column job_id,
  alter column link_id set not null,
  alter column operation set not null,
  add constraint placement_operation
    check (operation in ('first_disc', 'second_disc', 'seed', 'slurry', 'plant', 'spray', 'roll')),
  add constraint placement_job unique (farm_id, link_id, operation);
create index placement_by_link on placement (link_id);
create index placement_by_machine on placement (machine_id);

-- What was done to the plan so far, told in the same words.
create function pg_temp.told(act jsonb) returns jsonb language sql as $$
  select jsonb_build_object('places', coalesce(jsonb_agg(
    (place - 'jobId') || jsonb_build_object(
      'cover', split_part(place ->> 'jobId', ':', 1),
      'operation', case split_part(place ->> 'jobId', ':', 2)
        when 'disc1' then 'first_disc' when 'disc2' then 'second_disc' else split_part(place ->> 'jobId', ':', 2) end)), '[]'))
  from jsonb_array_elements(act -> 'places') place
$$;
update planning_act set before_act = pg_temp.told(before_act), after_act = pg_temp.told(after_act);
