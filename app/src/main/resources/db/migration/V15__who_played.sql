-- Who played a seat on a play: by the chart when the play is logged, and by a coach's word where it was another.
create table played (
  id        bigint generated always as identity primary key,
  play_id   bigint not null references play (id) on delete cascade,
  job       text not null,
  -- of the roster
  player    text not null,
  -- whether the line-up of the play has this seat; a log that was changed keeps who had played the seats of the former
  on_field  boolean not null,
  unique (play_id, job)
);
create index on played (player);
insert into played (play_id, job, player, on_field)
  select distinct on (play_id, job) play_id, job, player, true
  from rep where player is not null order by play_id, job, id;
alter table rep drop column player;
