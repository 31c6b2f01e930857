-- Pictures that are drawn from, and how they are measured.

create table project (
    id uuid primary key,
    owner_id uuid not null references teacher (id) on delete cascade,
    created_at timestamp(6) with time zone not null,
    revision integer default 0 not null,
    changed_at timestamp(6) with time zone,
    title varchar(120) not null,
    class_id uuid references school_class (id) on delete set null,
    rights varchar(20) not null,
    rights_note varchar(300) not null,
    settings character large object not null,
    picture binary large object not null
);
create index project_owner on project (owner_id);
