-- Marks are kept by what they mean; their signs are how they are printed.
create function mark_of(sign text) returns text language sql immutable as $$
  select case sign when '+' then 'ABOVE' when '=' then 'TO_STANDARD' when '-' then 'BELOW' when 'n/a' then 'NOT_TOLD' end
$$;
update grade set mark = mark_of(mark), overruled = mark_of(overruled);
drop function mark_of(text);
alter table grade
  add check (mark in ('ABOVE', 'TO_STANDARD', 'BELOW', 'NOT_TOLD')),
  add check (overruled in ('ABOVE', 'TO_STANDARD', 'BELOW', 'NOT_TOLD'));
-- Grades of one man, over all snaps.
create index on grade (job);
-- How a reel is filmed.
update reel set "view" = upper(replace("view", ' ', '_'));
alter table reel add check ("view" in ('SIDELINE', 'END_ZONE', 'OTHER'));
