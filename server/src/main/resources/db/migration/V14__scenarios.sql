-- The made-up season that a demo's station runs through.
alter table farm add column scenario text not null default 'usual';
