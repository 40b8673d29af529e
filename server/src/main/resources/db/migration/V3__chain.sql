-- What makes room for another cover before a crop comes: a forage cut, or ending the cover.
alter table chain_link add column cut jsonb;
