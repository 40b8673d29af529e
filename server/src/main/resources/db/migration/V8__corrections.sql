-- The journal is never rewritten: a mistake is a correction that points at the entry, and so is taking that back.
create table log_correction (
  id uuid primary key,
  seq bigint generated always as identity,
  farm_id uuid not null references farm,
  entry_id uuid not null references log_entry,
  kind text not null check (kind in ('withdrawn', 'restored')),
  reason text not null,
  by_name text not null,
  said_at timestamptz not null default now()
);
create index log_correction_by_farm on log_correction (farm_id, entry_id);

create function journal_is_kept() returns trigger language plpgsql as $$
begin
  raise exception 'the journal is never rewritten: write a correction';
end $$;
create trigger log_entry_is_kept before update or delete on log_entry
  for each row execute function journal_is_kept();
create trigger log_correction_is_kept before update or delete on log_correction
  for each row execute function journal_is_kept();
