-- Charts of pencil sets: printed, coloured, read, and fitted to what the pencils really are.

create table chart (
    id uuid primary key,
    owner_id uuid not null references teacher (id) on delete cascade,
    created_at timestamp(6) with time zone not null,
    revision integer default 0 not null,
    changed_at timestamp(6) with time zone,
    title varchar(60) not null,
    code varchar(8) not null unique,
    set_id uuid references pencil_set (id) on delete set null,
    paper_id uuid not null references paper (id) on delete cascade,
    copies integer not null,
    plan character large object not null,
    layout character large object not null,
    taken_at timestamp(6) with time zone
);
create index chart_owner on chart (owner_id);

create table chart_page (
    id uuid primary key,
    owner_id uuid not null references teacher (id) on delete cascade,
    created_at timestamp(6) with time zone not null,
    chart_id uuid not null references chart (id) on delete cascade,
    number integer not null,
    reading character large object not null,
    picture binary large object not null,
    read_at timestamp(6) with time zone not null,
    unique (chart_id, number)
);
create index chart_page_owner on chart_page (owner_id);
