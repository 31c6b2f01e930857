-- Students who left a class: the school, or for another class, into which they took all their work.
create table former_student (
    id uuid primary key,
    owner_id uuid not null references teacher (id),
    created_at timestamp(6) with time zone not null,
    class_id uuid not null references school_class (id) on delete cascade,
    student_id uuid not null references student (id) on delete cascade,
    unique (class_id, student_id)
);
create index former_student_owner on former_student (owner_id);
create index former_student_student on former_student (student_id);
