-- The farm's own products, with the figures of their labels as far as the farm has read them.
create table spray_product (
  id uuid primary key,
  farm_id uuid not null references farm,
  name text not null,
  active text not null,
  kind text not null,
  pounds_per_gallon double precision,
  rain_free_hours double precision,
  least_carrier double precision,
  plant_back_corn integer,
  plant_back_soybeans integer,
  re_entry_hours integer,
  grazing_days integer,
  buffer_ft double precision,
  version integer not null default 0,
  unique (farm_id, name)
);
