-- A flight under way keeps the plan it started with, whatever is changed meanwhile.
alter table flight_run add column flown jsonb;
