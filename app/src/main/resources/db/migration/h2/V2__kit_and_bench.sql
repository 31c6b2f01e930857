-- The kit as it is owned, sets of pencils, and stacks kept on the bench.

alter table pencil add column source varchar(20) default 'MEASURED_LAB' not null;
alter table pencil add column spectrum json;
alter table pencil add column colourless boolean default false not null;
alter table pencil add column copies integer default 1 not null;
alter table pencil add column lead_mm integer default 170 not null;

create table pencil_set (
    id uuid primary key,
    owner_id uuid not null references teacher (id),
    created_at timestamp(6) with time zone not null,
    name varchar(60) not null,
    unique (owner_id, name)
);

create table set_pencil (
    id uuid primary key,
    owner_id uuid not null references teacher (id),
    created_at timestamp(6) with time zone not null,
    set_id uuid not null references pencil_set (id) on delete cascade,
    pencil_id uuid not null references pencil (id) on delete cascade,
    unique (set_id, pencil_id)
);

create table class_set (
    id uuid primary key,
    owner_id uuid not null references teacher (id),
    created_at timestamp(6) with time zone not null,
    set_id uuid not null references pencil_set (id) on delete cascade,
    class_id uuid not null references school_class (id) on delete cascade,
    how_many integer not null check (how_many between 1 and 60),
    unique (set_id, class_id)
);

create table bench_stack (
    id uuid primary key,
    owner_id uuid not null references teacher (id),
    created_at timestamp(6) with time zone not null,
    changed_at timestamp(6) with time zone not null,
    name varchar(80) not null,
    note varchar(600) not null,
    stack json not null,
    version integer not null,
    unique (owner_id, name)
);
