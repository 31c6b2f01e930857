-- Pages of single students with fields that are done again: sheets of their own, a version to each student.

alter table sheet add column personal boolean default false not null;
alter table sheet_version add column first_tries character large object;
alter table printed_page add column version_id uuid references sheet_version (id) on delete cascade;
create index printed_page_version on printed_page (version_id);
