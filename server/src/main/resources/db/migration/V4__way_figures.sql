-- A farm's own figures of the ways in, over the starting values: by way, then by figure.
alter table farm add column way_figures jsonb not null default '{}';
