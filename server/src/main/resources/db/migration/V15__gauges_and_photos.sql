-- Rain that people read from gauges of their own: for one field, or for all fields of a farmstead.
create table rain_reading (
  id uuid primary key,
  farm_id uuid not null references farm,
  field_id uuid references field,
  farmstead text,
  day date not null,
  rain_in double precision not null check (rain_in between 0 and 20),
  by_name text not null,
  check ((field_id is null) <> (farmstead is null))
);
create unique index rain_reading_of_field on rain_reading (farm_id, field_id, day) where field_id is not null;
create unique index rain_reading_of_farmstead on rain_reading (farm_id, farmstead, day) where farmstead is not null;

-- Photos of what was seen, shrunk before they come.
create table log_photo (
  id uuid primary key,
  farm_id uuid not null references farm,
  entry_id uuid not null references log_entry,
  jpeg bytea not null,
  kept_at timestamptz not null default now()
);
create index log_photo_by_entry on log_photo (farm_id, entry_id);
