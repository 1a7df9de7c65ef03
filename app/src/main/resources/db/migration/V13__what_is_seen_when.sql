-- What happens at which frame of a reel: a man moves, the back commits, the ball is thrown.
alter table angle add column seen jsonb not null default '[]';
alter table angle alter column seen drop default;
