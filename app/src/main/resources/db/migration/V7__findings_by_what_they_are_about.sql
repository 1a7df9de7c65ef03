-- A finding is known by what it is about, not by its words. Mutes made before knew the words: they are marked, and the
-- application finds their key when it starts.
alter table muted_finding drop constraint muted_finding_call_id_check_id_title_key;
alter table muted_finding add column finding text;
update muted_finding set finding = 'said/' || check_id || '/' || title;
alter table muted_finding alter column finding set not null;
alter table muted_finding drop column check_id;
alter table muted_finding add constraint muted_finding_call_id_finding_key unique (call_id, finding);
