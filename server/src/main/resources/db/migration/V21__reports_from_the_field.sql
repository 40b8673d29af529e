-- What people in the field say of a job: they come, they propose another day, they began, stopped, or met a problem.
create table work_report (
  id uuid primary key,
  farm_id uuid not null references farm on delete cascade,
  link_id uuid not null,
  operation text not null,
  kind text not null,
  by_name text not null,
  machine_id uuid not null,
  day date not null,
  acres double precision check (acres between 0 and 50000),
  pounds double precision check (pounds between 0 and 10000000),
  words text,
  jpeg bytea,
  said_at timestamptz not null
);
create index work_report_by_farm on work_report (farm_id, said_at);

-- A private address by which a hired crew reads its own list until a day; only the word's print is kept.
create table crew_link (
  id uuid primary key,
  farm_id uuid not null references farm on delete cascade,
  machine_id uuid not null references machine on delete cascade,
  print text not null unique,
  until date not null,
  made_at timestamptz not null
);
create index crew_link_by_farm on crew_link (farm_id);
