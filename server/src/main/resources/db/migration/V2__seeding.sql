-- House rules of seeding.
alter table farm
  add column seed_placing text not null default 'ORDINARY',
  add column row_school text not null default 'SHALLOW_ANGLE',
  add column spare double precision not null default 0.03 check (spare between 0 and 0.5),
  add column most_cv double precision not null default 0.20 check (most_cv between 0.05 and 0.5);

-- A farm's own figures over the catalogue's starting values.
create table species_figure (
  id uuid primary key,
  farm_id uuid not null references farm on delete cascade,
  species text not null,
  figure text not null,
  value double precision not null,
  unique (farm_id, species, figure)
);

create table named_mix (
  id uuid primary key,
  farm_id uuid not null references farm on delete cascade,
  name text not null,
  members jsonb not null,
  unique (farm_id, name)
);

-- Land: what is marked on the map, which fields are joined into others or left out this season.
alter table field drop constraint field_farm_id_name_key;
alter table field
  add column access text not null default '',
  add column retired boolean not null default false,
  add column left_out_season integer,
  add column left_out_reason text not null default '';
create unique index field_name on field (farm_id, name) where not retired;

create table map_mark (
  id uuid primary key,
  farm_id uuid not null references farm on delete cascade,
  kind text not null,
  name text not null,
  shape text not null,
  keep_away_ft double precision not null check (keep_away_ft between 0 and 5000)
);
create index map_mark_by_farm on map_mark (farm_id);

-- What was done to boundaries, so that it can be undone.
create table land_act (
  id bigint generated always as identity primary key,
  farm_id uuid not null references farm on delete cascade,
  said text not null,
  before_act jsonb not null
);
create index land_act_by_farm on land_act (farm_id, id);

create table herbicide_use (
  id uuid primary key,
  farm_id uuid not null references farm on delete cascade,
  field_id uuid not null references field on delete cascade,
  active text not null,
  applied_on date not null,
  days integer not null check (days between 0 and 1500),
  families jsonb not null,
  species jsonb not null
);
create index herbicide_use_by_field on herbicide_use (farm_id, field_id);

alter table machine add column setup jsonb not null default '{}';

alter table seed_lot
  add column bin_run boolean not null default false,
  add column untreated boolean not null default false,
  add column organic boolean not null default false,
  add column dealer text not null default '';

create table lot_paper (
  id uuid primary key,
  farm_id uuid not null references farm on delete cascade,
  lot_id uuid not null references seed_lot on delete cascade,
  name text not null,
  type text not null,
  content bytea not null
);
create index lot_paper_by_lot on lot_paper (farm_id, lot_id);

create table seed_offer (
  id uuid primary key,
  farm_id uuid not null references farm on delete cascade,
  species text not null,
  dealer text not null,
  pack_pounds double precision not null check (pack_pounds > 0),
  price_per_pound double precision not null check (price_per_pound >= 0),
  unique (farm_id, species)
);

create table calibration (
  id uuid primary key,
  seq bigint generated always as identity,
  farm_id uuid not null references farm on delete cascade,
  machine_id uuid not null references machine on delete cascade,
  kind text not null check (kind in ('CATCH', 'PANS', 'CHECK')),
  made_on date not null,
  lot text not null,
  by_name text not null,
  details jsonb not null
);
create index calibration_by_machine on calibration (farm_id, machine_id, seq);

create table flight_run (
  id uuid primary key,
  farm_id uuid not null references farm on delete cascade,
  field_id uuid not null references field on delete cascade,
  machine_id uuid not null references machine on delete cascade,
  plan jsonb not null,
  seed bigint not null,
  wind_mph double precision not null,
  times_faster double precision not null,
  started_at timestamptz not null,
  paused_at timestamptz,
  paused_seconds double precision not null,
  entry_id uuid references log_entry on delete set null
);
create index flight_run_by_farm on flight_run (farm_id, started_at);

-- The points of a machine as it sowed, as CSV.
create table applied_log (
  entry_id uuid primary key references log_entry on delete cascade,
  farm_id uuid not null references farm on delete cascade,
  source text not null,
  points text not null
);
