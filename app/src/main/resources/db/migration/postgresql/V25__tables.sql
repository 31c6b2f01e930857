-- All tables as they are after V25; H2 came to them step by step.

create table teacher (
    id uuid primary key,
    sign_in_name varchar(80) not null unique,
    display_name varchar(120) not null,
    password_hash varchar(200) not null,
    created_at timestamp(6) with time zone not null,
    administrator boolean default false not null,
    disabled boolean default false not null,
    first_of_all boolean,
    credentials integer default 0 not null,
    constraint teacher_first_of_all unique (first_of_all)
);

create table pencil (
    id uuid primary key,
    owner_id uuid not null references teacher (id),
    created_at timestamp(6) with time zone not null,
    range_name varchar(60) not null,
    code varchar(20) not null,
    name varchar(80) not null,
    binder varchar(20) not null,
    lightness double precision not null,
    a double precision not null,
    b double precision not null,
    hiding double precision not null,
    softness double precision not null,
    source varchar(20) default 'MEASURED_LAB' not null,
    spectrum jsonb,
    colourless boolean default false not null,
    copies integer default 1 not null,
    lead_mm integer default 170 not null,
    revision integer default 0 not null,
    changed_at timestamp(6) with time zone,
    lead_seen_at timestamp(6) with time zone,
    unique (owner_id, range_name, code)
);

create table school_class (
    id uuid primary key,
    owner_id uuid not null references teacher (id),
    created_at timestamp(6) with time zone not null,
    name varchar(60) not null,
    band varchar(20) not null,
    method varchar(600) default '' not null,
    names_hidden boolean default false not null,
    thresholds varchar(1200) default '' not null,
    revision integer default 0 not null,
    changed_at timestamp(6) with time zone,
    calendar text,
    pressures varchar(120) default '' not null,
    ready_share double precision default 0.6666666666666666 not null,
    unique (owner_id, name)
);

create table course (
    id uuid primary key,
    owner_id uuid not null references teacher (id) on delete cascade,
    created_at timestamp(6) with time zone not null,
    revision integer default 0 not null,
    changed_at timestamp(6) with time zone,
    class_id uuid not null references school_class (id) on delete cascade unique,
    lessons text not null
);
create index course_owner on course (owner_id);

create table student (
    id uuid primary key,
    owner_id uuid not null references teacher (id),
    created_at timestamp(6) with time zone not null,
    class_id uuid not null references school_class (id) on delete cascade,
    name varchar(120) not null,
    place integer not null,
    unique (class_id, name)
);
create index student_owner on student (owner_id);

create table pencil_set (
    id uuid primary key,
    owner_id uuid not null references teacher (id),
    created_at timestamp(6) with time zone not null,
    name varchar(60) not null,
    revision integer default 0 not null,
    changed_at timestamp(6) with time zone,
    unique (owner_id, name)
);

create table paper (
    id uuid primary key,
    owner_id uuid not null references teacher (id),
    created_at timestamp(6) with time zone not null,
    name varchar(80) not null,
    lightness double precision not null,
    a double precision not null,
    b double precision not null,
    tooth_depth double precision not null,
    grain_mm double precision not null,
    revision integer default 0 not null,
    changed_at timestamp(6) with time zone,
    unique (owner_id, name)
);

create table class_scale (
    id uuid primary key,
    owner_id uuid not null references teacher (id) on delete cascade,
    created_at timestamp(6) with time zone not null,
    revision integer default 0 not null,
    changed_at timestamp(6) with time zone,
    class_id uuid not null references school_class (id) on delete cascade unique,
    scale text not null
);
create index class_scale_owner on class_scale (owner_id);

create table set_pencil (
    id uuid primary key,
    owner_id uuid not null references teacher (id),
    created_at timestamp(6) with time zone not null,
    set_id uuid not null references pencil_set (id) on delete cascade,
    pencil_id uuid not null references pencil (id) on delete cascade,
    unique (set_id, pencil_id)
);
create index set_pencil_pencil on set_pencil (pencil_id);
create index set_pencil_owner on set_pencil (owner_id);

create table project (
    id uuid primary key,
    owner_id uuid not null references teacher (id) on delete cascade,
    created_at timestamp(6) with time zone not null,
    revision integer default 0 not null,
    changed_at timestamp(6) with time zone,
    title varchar(120) not null,
    class_id uuid references school_class (id) on delete set null,
    rights varchar(20) not null,
    rights_note varchar(300) not null,
    settings text not null,
    of_project_id uuid references project (id) on delete cascade,
    student_id uuid references student (id) on delete cascade,
    picture_sha256 varchar(64) not null,
    constraint project_of_student unique (of_project_id, student_id)
);
create index project_owner on project (owner_id);
create index project_file on project (picture_sha256);
create index project_student on project (student_id);
create index project_class on project (class_id);

create table sign_in (
    id uuid primary key,
    tried_at timestamp(6) with time zone not null,
    teacher_id uuid references teacher (id) on delete cascade,
    address varchar(60) not null,
    outcome varchar(20) not null
);
create index sign_in_tried_at on sign_in (tried_at);
create index sign_in_teacher on sign_in (teacher_id);

create table phrase (
    id uuid primary key,
    owner_id uuid not null references teacher (id),
    created_at timestamp(6) with time zone not null,
    words varchar(200) not null,
    unique (owner_id, words)
);

create table phone_link (
    id uuid primary key,
    owner_id uuid not null references teacher (id),
    created_at timestamp(6) with time zone not null,
    class_id uuid not null references school_class (id) on delete cascade,
    token_hash varchar(64) not null unique,
    expires_at timestamp(6) with time zone not null
);
create index phone_link_class on phone_link (class_id);
create index phone_link_owner on phone_link (owner_id);

create table calendar_feed (
    id uuid primary key,
    owner_id uuid not null references teacher (id) on delete cascade unique,
    created_at timestamp(6) with time zone not null,
    token_hash varchar(64) not null unique
);

create table known_device (
    id uuid primary key,
    owner_id uuid not null references teacher (id) on delete cascade,
    created_at timestamp(6) with time zone not null,
    token_hash varchar(64) not null unique,
    seen_at timestamp(6) with time zone not null
);
create index known_device_owner on known_device (owner_id);

create table class_set (
    id uuid primary key,
    owner_id uuid not null references teacher (id),
    created_at timestamp(6) with time zone not null,
    set_id uuid not null references pencil_set (id) on delete cascade,
    class_id uuid not null references school_class (id) on delete cascade,
    how_many integer not null,
    check (how_many between 1 and 60),
    unique (set_id, class_id)
);
create index class_set_class on class_set (class_id);
create index class_set_owner on class_set (owner_id);

create table bench_stack (
    id uuid primary key,
    owner_id uuid not null references teacher (id),
    created_at timestamp(6) with time zone not null,
    changed_at timestamp(6) with time zone not null,
    name varchar(80) not null,
    note varchar(600) not null,
    stack jsonb not null,
    version integer not null,
    unique (owner_id, name)
);

create table lesson_log (
    id uuid primary key,
    owner_id uuid not null references teacher (id) on delete cascade,
    created_at timestamp(6) with time zone not null,
    class_id uuid not null references school_class (id) on delete cascade,
    period_key timestamp(0) not null,
    starts timestamp(0) not null,
    minutes integer not null,
    outcome varchar(20) not null,
    done text not null,
    unique (class_id, period_key)
);
create index lesson_log_owner on lesson_log (owner_id);

create table chart (
    id uuid primary key,
    owner_id uuid not null references teacher (id) on delete cascade,
    created_at timestamp(6) with time zone not null,
    revision integer default 0 not null,
    changed_at timestamp(6) with time zone,
    title varchar(60) not null,
    code varchar(8) not null unique,
    set_id uuid references pencil_set (id) on delete set null,
    paper_id uuid not null references paper (id) on delete cascade,
    copies integer not null,
    plan text not null,
    layout text not null,
    taken_at timestamp(6) with time zone
);
create index chart_owner on chart (owner_id);
create index chart_set on chart (set_id);
create index chart_paper on chart (paper_id);

create table invite (
    id uuid primary key,
    token_hash varchar(64) not null unique,
    made_at timestamp(6) with time zone not null,
    expires_at timestamp(6) with time zone not null
);

create table chart_page (
    id uuid primary key,
    owner_id uuid not null references teacher (id) on delete cascade,
    created_at timestamp(6) with time zone not null,
    chart_id uuid not null references chart (id) on delete cascade,
    number integer not null,
    reading text not null,
    read_at timestamp(6) with time zone not null,
    picture_sha256 varchar(64) not null,
    unique (chart_id, number)
);
create index chart_page_owner on chart_page (owner_id);
create index chart_page_file on chart_page (picture_sha256);

create table sheet (
    id uuid primary key,
    owner_id uuid not null references teacher (id),
    created_at timestamp(6) with time zone not null,
    title varchar(120) not null,
    revision integer default 0 not null,
    changed_at timestamp(6) with time zone,
    personal boolean default false not null
);
create index sheet_owner on sheet (owner_id);

create table sheet_version (
    id uuid primary key,
    owner_id uuid not null references teacher (id),
    created_at timestamp(6) with time zone not null,
    sheet_id uuid not null references sheet (id) on delete cascade,
    number integer not null,
    paper_id uuid not null references paper (id),
    page_size varchar(10) not null,
    plan text not null,
    layout text not null,
    class_id uuid references school_class (id) on delete set null,
    set_id uuid references pencil_set (id) on delete set null,
    exercises text not null,
    first_tries text,
    unique (sheet_id, number)
);
create index sheet_version_class on sheet_version (class_id);
create index sheet_version_paper on sheet_version (paper_id);
create index sheet_version_owner on sheet_version (owner_id);
create index sheet_version_set on sheet_version (set_id);

create table print_run (
    id uuid primary key,
    owner_id uuid not null references teacher (id),
    created_at timestamp(6) with time zone not null,
    version_id uuid not null references sheet_version (id),
    class_id uuid not null references school_class (id) on delete cascade,
    band varchar(20) not null,
    code varchar(8) not null unique,
    card boolean default false not null
);
create index print_run_class on print_run (class_id);
create index print_run_version on print_run (version_id);
create index print_run_owner on print_run (owner_id);

create table printed_page (
    id uuid primary key,
    owner_id uuid not null references teacher (id),
    created_at timestamp(6) with time zone not null,
    run_id uuid not null references print_run (id) on delete cascade,
    student_id uuid not null references student (id) on delete cascade,
    number integer not null,
    part integer default 0 not null,
    version_id uuid references sheet_version (id) on delete cascade,
    unique (run_id, student_id, part),
    unique (run_id, number)
);
create index printed_page_version on printed_page (version_id);
create index printed_page_student on printed_page (student_id);
create index printed_page_owner on printed_page (owner_id);

create table scan_file (
    id uuid primary key,
    owner_id uuid not null references teacher (id),
    created_at timestamp(6) with time zone not null,
    name varchar(255) not null,
    media_type varchar(40) not null,
    sha256 varchar(64) not null,
    source varchar(20) not null,
    class_id uuid references school_class (id) on delete cascade,
    unique (owner_id, sha256)
);
create index scan_file_file on scan_file (sha256);
create index scan_file_class on scan_file (class_id);

create table returned_page (
    id uuid primary key,
    owner_id uuid not null references teacher (id),
    created_at timestamp(6) with time zone not null,
    file_id uuid not null references scan_file (id) on delete cascade,
    page_index integer not null,
    state varchar(20) not null,
    problem varchar(30),
    problem_figure double precision,
    printed_page_id uuid references printed_page (id) on delete cascade,
    corners varchar(400),
    found_code varchar(20),
    reading text,
    reader_version integer,
    read_at timestamp(6) with time zone,
    confirmed_at timestamp(6) with time zone,
    flagged boolean default false not null,
    note varchar(600) default '' not null,
    run_id uuid,
    sheet_id uuid,
    part integer,
    student_id uuid,
    class_id uuid,
    tries integer default 0 not null,
    flags varchar(200) default '' not null,
    furthest varchar(40),
    spot varchar(40),
    constraint returned_page_once unique (file_id, page_index, spot)
);
create index returned_page_state on returned_page (state);
create index returned_page_printed on returned_page (printed_page_id);
create index returned_page_run on returned_page (run_id);
create index returned_page_student on returned_page (student_id);
create index returned_page_class on returned_page (class_id);
create index returned_page_owner on returned_page (owner_id);

create table mark_change (
    id uuid primary key,
    owner_id uuid not null references teacher (id),
    created_at timestamp(6) with time zone not null,
    from_level integer,
    to_level integer,
    changed_by uuid not null references teacher (id),
    page_id uuid not null references returned_page (id) on delete cascade,
    exercise integer not null,
    goal varchar(20) not null,
    proposed integer not null
);
create index mark_change_page on mark_change (page_id);
create index mark_change_changed_by on mark_change (changed_by);
create index mark_change_owner on mark_change (owner_id);

create table goal_mark (
    id uuid primary key,
    owner_id uuid not null references teacher (id),
    created_at timestamp(6) with time zone not null,
    page_id uuid not null references returned_page (id) on delete cascade,
    goal varchar(20) not null,
    place integer not null,
    proposed integer not null,
    figure double precision,
    plus_minus double precision,
    nearly double precision not null,
    secure double precision not null,
    beyond double precision not null,
    close_call boolean not null,
    cause varchar(30),
    field varchar(20),
    level integer,
    decided_at timestamp(6) with time zone,
    decided_by uuid references teacher (id),
    exercise integer default 0 not null,
    at_mm double precision,
    factor double precision default 1 not null,
    kind varchar(40) default '' not null,
    band varchar(20) default 'DEVELOPING' not null,
    unique (page_id, exercise, goal)
);
create index goal_mark_decided_by on goal_mark (decided_by);
create index goal_mark_owner on goal_mark (owner_id);

create table page_image (
    id uuid primary key,
    owner_id uuid not null references teacher (id),
    created_at timestamp(6) with time zone not null,
    page_id uuid not null references returned_page (id) on delete cascade,
    part varchar(20) not null,
    sha256 varchar(64) not null,
    unique (page_id, part)
);
create index page_image_file on page_image (sha256);
create index page_image_owner on page_image (owner_id);
