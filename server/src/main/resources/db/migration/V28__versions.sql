-- Two people at once: whoever changes what another has changed meanwhile is told so.
alter table map_mark add column version int not null default 0;
alter table kill_date add column version int not null default 0;
