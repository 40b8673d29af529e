-- A chain's order is a place, not a date. What has been logged stays: its link, field, machine or lot is retired.
alter table chain_link add column place integer, add column retired boolean not null default false;
update chain_link c set place = o.n
  from (select id, row_number() over (partition by field_id order by starts, id) - 1 as n from chain_link) o
  where o.id = c.id;
alter table chain_link add constraint chain_link_place unique (field_id, place) deferrable initially deferred;
alter table chain_link add constraint chain_link_has_place check (retired or place is not null);

alter table machine add column retired boolean not null default false, add column version integer not null default 0;
alter table seed_lot add column retired boolean not null default false, add column version integer not null default 0;

-- Nothing that is planned or sold takes a record with it.
alter table log_entry
  drop constraint log_entry_farm_id_fkey,
  drop constraint log_entry_field_id_fkey,
  drop constraint log_entry_link_id_fkey,
  drop constraint log_entry_machine_id_fkey,
  add constraint log_entry_farm_id_fkey foreign key (farm_id) references farm,
  add constraint log_entry_field_id_fkey foreign key (field_id) references field,
  add constraint log_entry_link_id_fkey foreign key (link_id) references chain_link,
  add constraint log_entry_machine_id_fkey foreign key (machine_id) references machine;
create index log_entry_by_link on log_entry (link_id);
create index log_entry_by_field on log_entry (field_id);
create index log_entry_by_machine on log_entry (machine_id);
alter table calibration
  drop constraint calibration_machine_id_fkey,
  add constraint calibration_machine_id_fkey foreign key (machine_id) references machine;
alter table herbicide_use
  drop constraint herbicide_use_field_id_fkey,
  add constraint herbicide_use_field_id_fkey foreign key (field_id) references field;
alter table flight_run
  drop constraint flight_run_field_id_fkey,
  drop constraint flight_run_machine_id_fkey,
  add constraint flight_run_field_id_fkey foreign key (field_id) references field,
  add constraint flight_run_machine_id_fkey foreign key (machine_id) references machine;
alter table lot_paper
  drop constraint lot_paper_lot_id_fkey,
  add constraint lot_paper_lot_id_fkey foreign key (lot_id) references seed_lot;

-- Each place of a job has a number of its own, so that a move made on an older one is seen.
create sequence placement_revision;
alter table placement add column revision bigint not null default nextval('placement_revision');

-- A number for each state of a farm's weather, never used again, whatever is undone.
create sequence weather_version start 1000000;

drop index field_name;
create unique index field_name on field (farm_id, lower(name)) where not retired;

-- The doors: tries by account and by address, devices that have been signed in from, new farms.
drop table sign_in_failure;
create table door_try (
  id bigint generated always as identity primary key,
  door text not null,
  key text not null,
  tried_at timestamptz not null
);
create index door_try_by_key on door_try (door, key, tried_at);
create table known_device (
  token_hash text primary key,
  user_id uuid not null references app_user on delete cascade,
  seen_at timestamptz not null
);
create index known_device_by_user on known_device (user_id);
alter table spring_session alter column principal_name type varchar(400);
