-- What a cover is to be sprayed with: hours, papers and the day's work go by its label.
create table planned_spray (
  farm_id uuid not null references farm on delete cascade,
  link_id uuid primary key references chain_link on delete cascade,
  product_id uuid not null references spray_product on delete cascade,
  partner_id uuid references spray_product on delete set null
);
create index planned_spray_by_farm on planned_spray (farm_id);
select watch_farm_table('planned_spray');
