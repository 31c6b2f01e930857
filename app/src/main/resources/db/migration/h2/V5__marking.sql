-- Where along a strip to look, what the teacher notes on a page, who changed which mark, and uploads from a phone.

alter table goal_mark add column at_mm double precision;

alter table returned_page add column flagged boolean default false not null;
alter table returned_page add column note varchar(600) default '' not null;

create table mark_change (
    id uuid primary key,
    owner_id uuid not null references teacher (id),
    created_at timestamp(6) with time zone not null,
    mark_id uuid not null references goal_mark (id) on delete cascade,
    from_level integer,
    to_level integer,
    changed_by uuid not null references teacher (id)
);
create index mark_change_mark on mark_change (mark_id);

create table phrase (
    id uuid primary key,
    owner_id uuid not null references teacher (id),
    created_at timestamp(6) with time zone not null,
    words varchar(200) not null,
    unique (owner_id, words)
);

alter table scan_file add column class_id uuid references school_class (id) on delete cascade;

create table phone_link (
    id uuid primary key,
    owner_id uuid not null references teacher (id),
    created_at timestamp(6) with time zone not null,
    class_id uuid not null references school_class (id) on delete cascade,
    token_hash varchar(64) not null unique,
    expires_at timestamp(6) with time zone not null
);
