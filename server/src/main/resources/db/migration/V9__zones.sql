-- A field may be cut into named zones, drawn or said as a share of it, with land facts of their own.
create table field_zone (
  id uuid primary key,
  farm_id uuid not null references farm on delete cascade,
  field_id uuid not null references field on delete cascade,
  name text not null,
  boundary text,
  share double precision check (share > 0 and share < 1),
  soil text,
  tiled boolean,
  version integer not null,
  check ((boundary is null) <> (share is null)),
  unique (farm_id, id)
);
create unique index field_zone_name on field_zone (field_id, lower(name));

-- A cover may be for one zone only, and so may a count or a clipping.
alter table chain_link add column zone_id uuid,
  add constraint chain_link_zone foreign key (farm_id, zone_id) references field_zone (farm_id, id);
alter table log_entry add column zone_id uuid,
  add constraint log_entry_zone foreign key (farm_id, zone_id) references field_zone (farm_id, id);
