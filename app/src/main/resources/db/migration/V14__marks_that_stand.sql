-- Which mark stands where two coaches differed: said after they talked about it, beside what each said himself.
create table settled_mark (
  id          bigint generated always as identity primary key,
  play_id     bigint not null references play on delete cascade,
  job         text not null,
  -- a rubric's id, empty for a facet
  topic_of    text not null,
  topic_what  text not null,
  mark        text not null,
  settled_by  text not null,
  settled_at  timestamptz not null,
  version     integer not null,
  unique (play_id, job, topic_of, topic_what)
);
