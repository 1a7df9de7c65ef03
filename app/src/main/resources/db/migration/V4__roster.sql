-- The squad and its depth chart: one row, changed in place. Who is taken out is gone; no earlier version is kept, because it would keep him.
create table roster (
  id         integer primary key check (id = 1),
  body       jsonb not null,
  version    integer not null,
  changed_by text not null references member (username),
  changed_at timestamptz not null
);
