-- Decisions outlive the marks they were about; what people change counts its changes; what lists and searches need of a page
-- stands in columns of its own; accounts are kept by an administrator.

alter table mark_change add column page_id uuid;
alter table mark_change add column exercise integer;
alter table mark_change add column goal varchar(20);
alter table mark_change add column proposed integer;
update mark_change c set
    page_id = (select m.page_id from goal_mark m where m.id = c.mark_id),
    exercise = (select m.exercise from goal_mark m where m.id = c.mark_id),
    goal = (select m.goal from goal_mark m where m.id = c.mark_id),
    proposed = (select m.proposed from goal_mark m where m.id = c.mark_id);
alter table mark_change alter column page_id set not null;
alter table mark_change alter column exercise set not null;
alter table mark_change alter column goal set not null;
alter table mark_change alter column proposed set not null;
alter table mark_change add constraint mark_change_of_page
    foreign key (page_id) references returned_page (id) on delete cascade;
create index mark_change_page on mark_change (page_id);
alter table mark_change drop column mark_id;

alter table school_class add column revision integer default 0 not null;
alter table school_class add column changed_at timestamp(6) with time zone;
alter table sheet add column revision integer default 0 not null;
alter table sheet add column changed_at timestamp(6) with time zone;
alter table pencil add column revision integer default 0 not null;
alter table pencil add column changed_at timestamp(6) with time zone;
alter table paper add column revision integer default 0 not null;
alter table paper add column changed_at timestamp(6) with time zone;
alter table pencil_set add column revision integer default 0 not null;
alter table pencil_set add column changed_at timestamp(6) with time zone;

alter table returned_page add column run_id uuid;
alter table returned_page add column sheet_id uuid;
alter table returned_page add column part integer;
alter table returned_page add column student_id uuid;
alter table returned_page add column class_id uuid;
alter table returned_page add column tries integer default 0 not null;
alter table returned_page add column flags varchar(200) default '' not null;
update returned_page r set
    run_id = (select p.run_id from printed_page p where p.id = r.printed_page_id),
    sheet_id = (select v.sheet_id from printed_page p join print_run n on n.id = p.run_id
        join sheet_version v on v.id = n.version_id where p.id = r.printed_page_id),
    part = (select p.part from printed_page p where p.id = r.printed_page_id),
    student_id = (select p.student_id from printed_page p where p.id = r.printed_page_id),
    class_id = (select n.class_id from printed_page p join print_run n on n.id = p.run_id where p.id = r.printed_page_id);
create index returned_page_run on returned_page (run_id);
create index returned_page_student on returned_page (student_id);
create index returned_page_class on returned_page (class_id);
create index printed_page_student on printed_page (student_id);

alter table goal_mark add column factor double precision default 1 not null;

alter table teacher add column administrator boolean default false not null;
alter table teacher add column disabled boolean default false not null;
alter table teacher add column first_of_all boolean;
alter table teacher add column credentials integer default 0 not null;
update teacher set administrator = true, first_of_all = true
    where id = (select id from teacher order by created_at, id fetch first 1 row only);
alter table teacher add constraint teacher_first_of_all unique (first_of_all);

create table known_device (
    id uuid primary key,
    owner_id uuid not null references teacher (id) on delete cascade,
    created_at timestamp(6) with time zone not null,
    token_hash varchar(64) not null unique,
    seen_at timestamp(6) with time zone not null
);
create index known_device_owner on known_device (owner_id);
