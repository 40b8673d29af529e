-- Drawings that a person judged, and whether counts are moved by what that says.
create table practice (
  id uuid primary key,
  person_id uuid not null references app_user,
  exercise text not null,
  seed bigint not null,
  level integer not null,
  truth integer not null,
  said integer not null,
  judged_at timestamptz not null
);
create index practice_person on practice (person_id, exercise, judged_at);

alter table app_user add column moves_counts boolean not null default false;
