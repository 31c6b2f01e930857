-- When a class meets becomes one document with its term, holidays and changes; a class gets a course of lessons and a log of
-- what really happened.

alter table school_class add column calendar character large object;
update school_class c set calendar = (
    select '{"version":1,"slots":[' || listagg(
        '{"day":"' || case p.weekday when 1 then 'MONDAY' when 2 then 'TUESDAY' when 3 then 'WEDNESDAY'
            when 4 then 'THURSDAY' when 5 then 'FRIDAY' when 6 then 'SATURDAY' else 'SUNDAY' end
        || '","starts":"' || cast(p.starts as varchar) || '","minutes":50,"room":"","turn":"EVERY"}', ',')
        within group (order by p.weekday, p.starts) || ']}'
    from class_period p where p.class_id = c.id)
    where exists (select 1 from class_period p where p.class_id = c.id);
drop table class_period;

create table course (
    id uuid primary key,
    owner_id uuid not null references teacher (id) on delete cascade,
    created_at timestamp(6) with time zone not null,
    revision integer default 0 not null,
    changed_at timestamp(6) with time zone,
    class_id uuid not null unique references school_class (id) on delete cascade,
    lessons character large object not null
);
create index course_owner on course (owner_id);

create table lesson_log (
    id uuid primary key,
    owner_id uuid not null references teacher (id) on delete cascade,
    created_at timestamp(6) with time zone not null,
    class_id uuid not null references school_class (id) on delete cascade,
    period_key timestamp(0) not null,
    starts timestamp(0) not null,
    minutes integer not null,
    outcome varchar(20) not null,
    done character large object not null,
    unique (class_id, period_key)
);
create index lesson_log_class on lesson_log (class_id);
create index lesson_log_owner on lesson_log (owner_id);
