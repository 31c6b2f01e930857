-- What levels come to as marks, for each class.

create table class_scale (
    id uuid primary key,
    owner_id uuid not null references teacher (id) on delete cascade,
    created_at timestamp(6) with time zone not null,
    revision integer default 0 not null,
    changed_at timestamp(6) with time zone,
    class_id uuid not null unique references school_class (id) on delete cascade,
    scale character large object not null
);
create index class_scale_owner on class_scale (owner_id);
