-- Who was let in, and who was not: for the administrator, for three months. Names nobody here has are not kept: a password
-- may have been typed in their place.
create table sign_in (
    id uuid primary key,
    tried_at timestamp(6) with time zone not null,
    teacher_id uuid references teacher (id) on delete cascade,
    address varchar(60) not null,
    outcome varchar(20) not null
);
create index sign_in_tried_at on sign_in (tried_at);
create index sign_in_teacher on sign_in (teacher_id);
