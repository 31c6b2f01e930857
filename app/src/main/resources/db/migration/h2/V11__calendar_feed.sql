-- A private address a calendar program may ask for a teacher's periods; kept as a digest.

create table calendar_feed (
    id uuid primary key,
    owner_id uuid not null unique references teacher (id) on delete cascade,
    created_at timestamp(6) with time zone not null,
    token_hash varchar(64) not null unique
);
