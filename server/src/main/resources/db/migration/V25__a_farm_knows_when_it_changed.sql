-- How often something of a farm has changed that an answer may hang on: as long as the number is the same, so are
-- the answers. It is counted when a change is committed, once a transaction, so that nobody waits for another's.
create table farm_stamp (
  farm_id uuid primary key references farm on delete cascade,
  changes bigint not null
);
insert into farm_stamp (farm_id, changes) select id, 1 from farm;

create function begin_stamp() returns trigger language plpgsql as $$
begin
  insert into farm_stamp (farm_id, changes) values (new.id, 1) on conflict do nothing;
  return null;
end $$;
create trigger farm_begins after insert on farm for each row execute function begin_stamp();

create function count_change(farm uuid) returns void language plpgsql as $$
declare
  counted text := pg_current_xact_id()::text || ' ' || farm;
begin
  if farm is null or current_setting('furrow.counted', true) is not distinct from counted then
    return;
  end if;
  perform set_config('furrow.counted', counted, true);
  update farm_stamp set changes = changes + 1 where farm_id = farm;
end $$;

create function change_of_farm() returns trigger language plpgsql as $$
begin
  perform count_change(case when tg_op = 'DELETE' then old.farm_id else new.farm_id end);
  return null;
end $$;

create function change_of_farm_itself() returns trigger language plpgsql as $$
begin
  perform count_change(new.id);
  return null;
end $$;
create constraint trigger farm_changed after update on farm
  deferrable initially deferred for each row execute function change_of_farm_itself();

create function change_of_kill_date() returns trigger language plpgsql as $$
begin
  perform count_change((select k.farm_id from kill_date k
    where k.id = case when tg_op = 'DELETE' then old.kill_date_id else new.kill_date_id end));
  return null;
end $$;
create constraint trigger kill_date_field_changed after insert or update or delete on kill_date_field
  deferrable initially deferred for each row execute function change_of_kill_date();

-- A table whose rows answers hang on is watched. Not watched: what is only kept beside (papers, photos, runs, offers,
-- private words, people) and the days of brought weather, whose bringing is a change of the farm itself.
create function watch_farm_table(watched regclass) returns void language plpgsql as $$
begin
  execute format('create constraint trigger %I after insert or update or delete on %s
    deferrable initially deferred for each row execute function change_of_farm()', watched::text || '_changed', watched);
end $$;

do $$
declare
  one text;
begin
  foreach one in array array['applied_log', 'away', 'calibration', 'chain_link', 'farm_figure', 'farmstead', 'field',
    'field_zone', 'herbicide_use', 'job_part', 'kill_date', 'log_correction', 'log_entry', 'machine', 'map_mark',
    'named_mix', 'other_work', 'placement', 'rain_reading', 'seed_lot', 'seed_offer', 'spray_product', 'work_report']
  loop
    perform watch_farm_table(one::regclass);
  end loop;
end $$;

-- What would help a farm most: asked for, how far, what was found; true as long as the farm stands as it did then.
create table help_run (
  farm_id uuid primary key references farm on delete cascade,
  id uuid not null unique,
  asked_at timestamptz not null,
  stands text not null,
  state text not null check (state in ('waiting', 'searching', 'done', 'cancelled', 'failed')),
  part double precision not null default 0,
  helps jsonb not null default '[]',
  said text
);
