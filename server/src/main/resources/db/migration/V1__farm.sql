create table farm (
  id uuid primary key,
  name text not null,
  latitude double precision not null,
  longitude double precision not null,
  units text not null,
  demo boolean not null,
  as_of date,
  weather_source text not null,
  station_seed bigint not null,
  weather_version integer not null,
  over_corn text not null,
  over_beans text not null,
  rolling text not null,
  version integer not null
);

create table app_user (
  id uuid primary key,
  farm_id uuid not null references farm on delete cascade,
  email text not null unique,
  name text not null,
  password_hash text not null,
  role text not null check (role in ('PLANNER', 'OPERATOR'))
);

create table sign_in_failure (
  id bigint generated always as identity primary key,
  email text not null,
  happened_at timestamptz not null
);
create index sign_in_failure_by_email on sign_in_failure (email, happened_at);

create table farmstead (
  id uuid primary key,
  farm_id uuid not null references farm on delete cascade,
  name text not null,
  latitude double precision not null,
  longitude double precision not null
);

create table field (
  id uuid primary key,
  farm_id uuid not null references farm on delete cascade,
  farmstead_id uuid references farmstead,
  name text not null,
  acres double precision not null check (acres > 0),
  boundary text not null,
  soil text not null,
  drainage text not null,
  tiled boolean not null,
  organic boolean not null,
  slope_percent double precision not null check (slope_percent between 0 and 60),
  note text not null,
  version integer not null,
  unique (farm_id, name)
);

-- A field's chain over the years: crops, covers and cuts in the order they come.
create table chain_link (
  id uuid primary key,
  farm_id uuid not null references farm on delete cascade,
  field_id uuid not null references field on delete cascade,
  kind text not null check (kind in ('CROP', 'COVER', 'CUT')),
  starts date not null,
  crop jsonb,
  cover jsonb,
  version integer not null
);
create index chain_link_by_farm on chain_link (farm_id, field_id, starts);

create table machine (
  id uuid primary key,
  farm_id uuid not null references farm on delete cascade,
  name text not null,
  kind text not null,
  acres_per_hour double precision not null check (acres_per_hour > 0),
  hired boolean not null,
  cost_per_acre numeric(10, 2) not null
);
create index machine_by_farm on machine (farm_id);

create table seed_lot (
  id uuid primary key,
  farm_id uuid not null references farm on delete cascade,
  species text not null,
  name text not null,
  purity double precision not null,
  germination double precision not null,
  hard_seed double precision not null,
  tested_on date,
  pounds double precision not null
);
create index seed_lot_by_farm on seed_lot (farm_id);

create table placement (
  id uuid primary key,
  farm_id uuid not null references farm on delete cascade,
  job_id text not null,
  machine_id uuid not null references machine on delete cascade,
  starts date not null,
  locked boolean not null,
  unique (farm_id, job_id)
);

-- What was done to the plan, so that it can be undone and redone.
create table planning_act (
  id bigint generated always as identity primary key,
  farm_id uuid not null references farm on delete cascade,
  said text not null,
  before_act jsonb not null,
  after_act jsonb not null,
  undone boolean not null
);
create index planning_act_by_farm on planning_act (farm_id, id);

create table log_entry (
  id uuid primary key,
  seq bigint generated always as identity,
  farm_id uuid not null references farm on delete cascade,
  field_id uuid not null references field on delete cascade,
  link_id uuid not null references chain_link on delete cascade,
  kind text not null,
  happened_on date not null,
  machine_id uuid references machine on delete set null,
  acres double precision,
  pounds double precision,
  lot text not null,
  note text not null,
  by_name text not null,
  details jsonb not null
);
create index log_entry_by_farm on log_entry (farm_id, happened_on);

create table weather_day (
  farm_id uuid not null references farm on delete cascade,
  day date not null,
  max_f real not null,
  min_f real not null,
  rain_in real not null,
  snow_in real not null,
  wind_mph real not null,
  humidity real not null,
  sun_mj real not null,
  primary key (farm_id, day)
);

create table spring_session (
  primary_id char(36) not null primary key,
  session_id char(36) not null unique,
  creation_time bigint not null,
  last_access_time bigint not null,
  max_inactive_interval int not null,
  expiry_time bigint not null,
  principal_name varchar(100)
);
create index spring_session_by_expiry on spring_session (expiry_time);
create index spring_session_by_principal on spring_session (principal_name);

create table spring_session_attributes (
  session_primary_id char(36) not null references spring_session (primary_id) on delete cascade,
  attribute_name varchar(200) not null,
  attribute_bytes bytea not null,
  primary key (session_primary_id, attribute_name)
);
