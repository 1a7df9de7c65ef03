-- What a coach drew over the pictures of a play on a reel.
alter table angle add column drawn jsonb not null default '[]';
alter table angle alter column drawn drop default;
