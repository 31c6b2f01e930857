-- A link by which a colleague makes one account; only its digest is kept, and the row goes when it is used.
create table invite (
    id uuid primary key,
    token_hash varchar(64) not null unique,
    made_at timestamp(6) with time zone not null,
    expires_at timestamp(6) with time zone not null
);
