-- A farm may have a made-up farm of its own to look at and take apart.
alter table farm add column sample_of uuid unique references farm on delete cascade;
