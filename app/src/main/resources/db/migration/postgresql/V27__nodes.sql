-- What nodes share: scans and pictures, under their SHA-256 and packed already, and the sessions of teachers (the tables are
-- those of Spring Session).
create table stored_file (
    name varchar(64) primary key,
    kept_at timestamp(6) with time zone not null,
    content bytea not null
);
alter table stored_file alter column content set storage external;
create index stored_file_kept_at on stored_file (kept_at);

create table spring_session (
    primary_id char(36) not null primary key,
    session_id char(36) not null,
    creation_time bigint not null,
    last_access_time bigint not null,
    max_inactive_interval integer not null,
    expiry_time bigint not null,
    principal_name varchar(100)
);
create unique index spring_session_id on spring_session (session_id);
create index spring_session_expiry on spring_session (expiry_time);
create index spring_session_principal on spring_session (principal_name);

create table spring_session_attributes (
    session_primary_id char(36) not null references spring_session (primary_id) on delete cascade,
    attribute_name varchar(200) not null,
    attribute_bytes bytea not null,
    primary key (session_primary_id, attribute_name)
);
