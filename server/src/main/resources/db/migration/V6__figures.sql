-- All figures that a farm has changed, in one table: by sheet, line and column, over the starting values.
create table farm_figure (
  id uuid primary key,
  farm_id uuid not null references farm on delete cascade,
  sheet text not null,
  line text not null,
  "column" text not null,
  "value" double precision not null,
  unique (farm_id, sheet, line, "column")
);

insert into farm_figure (id, farm_id, sheet, line, "column", "value")
  select id, farm_id,
    case
      when figure in ('ceiling', 'middle', 'spread', 'cn_vegetative', 'cn_boot', 'cn_flower', 'cn_dough', 'height_in') then 'growth'
      when figure in ('jointing', 'boot', 'heading', 'flowering', 'milk', 'dough', 'viable_seed') then 'stages'
      else 'species'
    end,
    species, figure, "value"
  from species_figure;
drop table species_figure;

insert into farm_figure (id, farm_id, sheet, line, "column", "value")
  select gen_random_uuid(), f.id, 'ways', lower(w.key), v.key, v.value::double precision
  from farm f, jsonb_each(f.way_figures) w, jsonb_each_text(w.value) v;
alter table farm drop column way_figures;
