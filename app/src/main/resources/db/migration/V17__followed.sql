-- Where men were followed to on an angle by the picture, kept as long as the clicks stand that it was followed by.
create table followed (
  angle_id bigint primary key references angle (id) on delete cascade,
  -- tells the clicks it was followed by
  made_of  text not null,
  last_frame integer not null,
  camera   text not null,
  looks    jsonb not null
);
