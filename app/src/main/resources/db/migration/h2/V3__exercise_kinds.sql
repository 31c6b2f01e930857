-- Sheets of any exercises on several pages, a class's method, marks by exercise. What was kept before is carried over by the
-- Java migration that follows.

alter table sheet_version add column class_id uuid references school_class (id) on delete set null;
alter table sheet_version add column set_id uuid references pencil_set (id) on delete set null;
alter table sheet_version add column exercises character large object;

alter table school_class add column method varchar(600) default '' not null;
alter table school_class add column names_hidden boolean default false not null;

alter table printed_page add column part integer default 0 not null;
alter table goal_mark add column exercise integer default 0 not null;
