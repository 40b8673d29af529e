-- What points from one row of a farm at another carries the farm: the database itself refuses a row
-- that points into another farm, whatever a query forgot. People stand apart: they may serve several.
alter table kill_date_field add column farm_id uuid;
update kill_date_field f set farm_id = (select d.farm_id from kill_date d where d.id = f.kill_date_id);
alter table kill_date_field alter column farm_id set not null,
  add constraint kill_date_field_farm_id_fkey foreign key (farm_id) references farm on delete cascade;

do $$
declare
  key record;
begin
  for key in
    select con.conname as name, con.conrelid::regclass as from_table, con.confrelid::regclass as to_table,
           own.attname as own_column,
           case con.confdeltype when 'c' then ' on delete cascade'
                                when 'n' then format(' on delete set null (%I)', own.attname)
                                else '' end as gone
    from pg_constraint con
    join pg_attribute own on own.attrelid = con.conrelid and own.attnum = con.conkey[1]
    join pg_attribute other on other.attrelid = con.confrelid and other.attnum = con.confkey[1]
    where con.contype = 'f' and con.connamespace = current_schema()::regnamespace
      and cardinality(con.conkey) = 1 and other.attname = 'id'
      and con.confrelid not in ('farm'::regclass, 'app_user'::regclass)
      and exists (select 1 from pg_attribute a where a.attrelid = con.conrelid and a.attname = 'farm_id')
      and exists (select 1 from pg_attribute a where a.attrelid = con.confrelid and a.attname = 'farm_id')
  loop
    if not exists (
      select 1 from pg_constraint u
      where u.conrelid = key.to_table and u.contype = 'u' and cardinality(u.conkey) = 2
        and u.conkey @> array(select a.attnum from pg_attribute a
                              where a.attrelid = key.to_table and a.attname in ('farm_id', 'id'))
    ) then
      execute format('alter table %s add unique (farm_id, id)', key.to_table);
    end if;
    execute format('alter table %s drop constraint %I, add constraint %I foreign key (farm_id, %I) references %s (farm_id, id)%s',
      key.from_table, key.name, key.name, key.own_column, key.to_table, key.gone);
  end loop;
end $$;
