-- Who wrote an entry, so that one may put right what is one's own; older rows do not say.
alter table log_entry add column by_user uuid references app_user;

-- What hired crews say of a job is counted by itself.
alter table work_report add column crew boolean not null default false;

-- A calendar's word ends when nobody has read it for a year.
alter table feed add column read_at timestamptz;
update feed set read_at = now();
alter table feed alter column read_at set not null;

-- An e-mail may stand with several farms: nobody is told whether it does.
alter table app_user drop constraint app_user_email_key;
alter table app_user add column made_at timestamptz not null default now();
create unique index app_user_of_farm on app_user (farm_id, email);
create index app_user_by_email on app_user (email);
