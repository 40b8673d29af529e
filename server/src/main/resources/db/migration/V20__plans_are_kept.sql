-- A job's place remembers how long its plan holds it back; a day that a person chose has no such number.
alter table placement add column wait_days int check (wait_days between 0 and 400);

-- Work done behind the scenes, by whichever instance takes it up.
create table scheduled_tasks (
  task_name text not null,
  task_instance text not null,
  task_data bytea,
  execution_time timestamptz not null,
  picked boolean not null,
  picked_by text,
  last_success timestamptz,
  last_failure timestamptz,
  consecutive_failures int,
  last_heartbeat timestamptz,
  version bigint not null,
  priority smallint,
  primary key (task_name, task_instance)
);
create index scheduled_tasks_due on scheduled_tasks (execution_time);
create index scheduled_tasks_heartbeat on scheduled_tasks (last_heartbeat);

-- A search for a plan: how far it is, and the best so far.
create table plan_run (
  id uuid primary key,
  farm_id uuid not null references farm on delete cascade,
  asked_at timestamptz not null,
  seed bigint not null,
  state text not null check (state in ('waiting', 'searching', 'done', 'cancelled', 'failed')),
  begun int not null default 0,
  part double precision not null default 0,
  by_closing double precision,
  loss double precision,
  years int,
  so_far jsonb,
  said text
);
create unique index plan_run_one_at_a_time on plan_run (farm_id) where state in ('waiting', 'searching');
create index plan_run_by_farm on plan_run (farm_id, asked_at desc);

-- What a plan was once it was made, changed as a whole, or brought back.
create table plan_version (
  id uuid primary key,
  farm_id uuid not null references farm on delete cascade,
  kept_at timestamptz not null,
  kept_on date not null,
  how text not null check (how in ('planned', 'replanned', 'restored', 'published')),
  loss double precision,
  places jsonb not null
);
create index plan_version_by_farm on plan_version (farm_id, kept_at desc);

-- A change of the plan that was offered: one a farm, for as long as the board stays as it was.
create table plan_offer (
  farm_id uuid primary key references farm on delete cascade,
  id uuid not null,
  stands text not null,
  offer jsonb not null
);

-- Days on which a machine is broken, or somebody is away, or either is at work that is not planned here.
create table away (
  id uuid primary key,
  farm_id uuid not null references farm on delete cascade,
  machine_id uuid references machine on delete cascade,
  person text,
  first date not null,
  last date not null,
  why text not null,
  check ((machine_id is null) <> (person is null)),
  check (last >= first)
);
create index away_by_farm on away (farm_id);

-- A calendar that a machine's or a person's work can be subscribed to; only the word's print is kept.
create table feed (
  id uuid primary key,
  farm_id uuid not null references farm on delete cascade,
  machine_id uuid references machine on delete cascade,
  person text,
  print text not null unique,
  made_at timestamptz not null,
  check (machine_id is null or person is null)
);
create index feed_by_farm on feed (farm_id);
