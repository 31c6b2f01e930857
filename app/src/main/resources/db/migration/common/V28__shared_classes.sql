-- Classes that a colleague may look at, or mark in.
create table class_share (
    id uuid primary key,
    owner_id uuid not null references teacher (id),
    created_at timestamp(6) with time zone not null,
    class_id uuid not null references school_class (id) on delete cascade,
    colleague_id uuid not null references teacher (id) on delete cascade,
    may varchar(20) not null,
    unique (class_id, colleague_id)
);
create index class_share_owner on class_share (owner_id);
create index class_share_colleague on class_share (colleague_id);
