-- A day's work as it was told to those who do it.
create table published_day (
  farm_id uuid not null references farm on delete cascade,
  day date not null,
  published_on date not null,
  by_name text not null,
  lines jsonb not null,
  primary key (farm_id, day)
);
