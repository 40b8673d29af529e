-- Whether a product's label asks for the water to be conditioned before it goes in.
alter table spray_product add column conditioned boolean not null default false;
