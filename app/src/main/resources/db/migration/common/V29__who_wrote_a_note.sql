-- Who wrote the words on a page, so that whoever writes others at the same moment can be told.
alter table returned_page add column note_by uuid;
