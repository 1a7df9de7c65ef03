-- What a programme measures by where it is not what ships, by group/figure; chosen with the schools, one row for both.
alter table house_choice add column figures jsonb not null default '{}';
