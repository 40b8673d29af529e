-- How the list stood when it was last played in the morning, and what had changed since an earlier day.
create table morning (
  farm_id uuid primary key references farm on delete cascade,
  day date not null,
  played_at timestamptz not null,
  before jsonb not null,
  standings jsonb not null,
  changes jsonb not null,
  gain double precision not null
);
