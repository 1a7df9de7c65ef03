-- A coach works on film and grades, and changes nothing else.
alter table member drop constraint member_role_check;
alter table member add constraint member_role_check check (role in ('COORDINATOR', 'COACH', 'PLAYER'));
