-- Work of the farm's own that takes the same machines and people, and the harvest, stand on the board too.
create table other_work (
  id uuid primary key,
  farm_id uuid not null references farm on delete cascade,
  what text not null,
  field_id uuid references field on delete set null,
  machine_id uuid references machine on delete set null,
  acres double precision check (acres > 0 and acres <= 50000),
  hours double precision check (hours > 0 and hours <= 400),
  first date not null,
  last date not null,
  cost double precision check (cost between 0 and 1000000),
  waits_for uuid,
  waits_for_operation text,
  before uuid,
  before_operation text,
  done_on date,
  check ((acres is null) <> (hours is null)),
  check ((waits_for is null) = (waits_for_operation is null)),
  check ((before is null) = (before_operation is null))
);
create index other_work_by_farm on other_work (farm_id);

-- Pieces that somebody has split off a job.
create table job_part (
  id uuid primary key,
  farm_id uuid not null references farm on delete cascade,
  subject uuid not null,
  operation text not null,
  acres double precision not null check (acres > 0 and acres <= 50000),
  made_at timestamptz not null
);
create index job_part_by_farm on job_part (farm_id);

alter table placement drop constraint placement_operation;
alter table placement
  alter column link_id drop not null,
  add column other_work_id uuid references other_work on delete cascade,
  add column part_id uuid references job_part on delete cascade,
  add constraint placement_operation check (operation in ('harvest', 'first_disc', 'second_disc', 'seed', 'slurry',
    'plant', 'spray', 'roll', 'till', 'mow', 'other')),
  add constraint placement_subject check (num_nonnulls(link_id, other_work_id, part_id) = 1),
  add constraint placement_other unique (farm_id, other_work_id),
  add constraint placement_part unique (farm_id, part_id);
create index placement_by_other_work on placement (other_work_id);
create index placement_by_part on placement (part_id);

-- The zone of the farm's clock; none: the standard time of its longitude.
alter table farm add column zone text;
