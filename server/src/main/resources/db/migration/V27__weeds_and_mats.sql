-- Which weeds a farm has most of: a mat keeps small seeds down better than large ones and roots.
alter table farm add column weed_class text not null default 'MIXED'
  check (weed_class in ('MIXED', 'SMALL_SEEDED', 'LARGE_OR_PERENNIAL'));

-- One figure says what the roller needs; the one beside it is gone.
delete from farm_figure where sheet = 'season' and line = 'go_mat';
