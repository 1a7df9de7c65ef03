-- Each choice among the schools follows one other: of two that follow the same, the second is refused.
alter table house_choice add column follows bigint;
update house_choice h set follows = coalesce((select max(b.id) from house_choice b where b.id < h.id), 0);
alter table house_choice alter column follows set not null, add unique (follows);

-- One row tells whether the library must be read anew; whoever writes a document or a choice holds it until he is done.
-- States come from a sequence, so that one that was rolled back is never used again.
create sequence playbook_state;
create table playbook_version (
  id    integer primary key check (id = 1),
  state bigint not null
);
insert into playbook_version (id, state) values (1, nextval('playbook_state'));

-- The catalogue is everyone's: what was taken out of sight by mistake comes back.
update playbook_entry set published = true where owner is null;

alter table grade add column version integer not null default 0;
alter table reel add column bytes bigint not null default 0, add column rotation integer not null default 0;
