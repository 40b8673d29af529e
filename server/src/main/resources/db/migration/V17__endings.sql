-- More ways of ending a cover, and the days that insurers and programmes set for it.
alter table placement drop constraint placement_operation;
alter table placement add constraint placement_operation
  check (operation in ('first_disc', 'second_disc', 'seed', 'slurry', 'plant', 'spray', 'roll', 'till', 'mow'));

alter table farm add column rolling_corn text, add column weeds text not null default 'USUAL';
update farm set rolling_corn = rolling;
alter table farm alter column rolling_corn set not null;

create table kill_date (
  id uuid primary key,
  farm_id uuid not null references farm,
  name text not null,
  kind text not null check (kind in ('DEAD_BY', 'ALIVE_UNTIL')),
  month integer not null check (month between 1 and 12),
  day integer not null check (day between 1 and 31),
  every_field boolean not null,
  unique (farm_id, name)
);

-- The fields that a day is for, where it is not for all of them.
create table kill_date_field (
  kill_date_id uuid not null references kill_date on delete cascade,
  field_id uuid not null references field on delete cascade,
  primary key (kill_date_id, field_id)
);
