-- How many tries to sign in are left, for every node and across restarts. A bucket's name is a short digest, so that what was
-- typed in place of a name cannot be found out from it.
create table sign_in_bucket (
    id varchar(20) primary key,
    tries_left double precision not null,
    counted_at timestamp(6) with time zone not null
);
create index sign_in_bucket_counted_at on sign_in_bucket (counted_at);
