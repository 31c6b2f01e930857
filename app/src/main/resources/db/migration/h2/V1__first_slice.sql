-- Every row but a teacher's own belongs to one teacher.

create table teacher (
    id uuid primary key,
    sign_in_name varchar(80) not null unique,
    display_name varchar(120) not null,
    password_hash varchar(200) not null,
    created_at timestamp(6) with time zone not null
);

create table school_class (
    id uuid primary key,
    owner_id uuid not null references teacher (id),
    created_at timestamp(6) with time zone not null,
    name varchar(60) not null,
    band varchar(20) not null,
    unique (owner_id, name)
);

create table class_period (
    id uuid primary key,
    owner_id uuid not null references teacher (id),
    created_at timestamp(6) with time zone not null,
    class_id uuid not null references school_class (id) on delete cascade,
    weekday integer not null check (weekday between 1 and 7),
    starts time not null
);
create index class_period_class on class_period (class_id);

create table student (
    id uuid primary key,
    owner_id uuid not null references teacher (id),
    created_at timestamp(6) with time zone not null,
    class_id uuid not null references school_class (id) on delete cascade,
    name varchar(120) not null,
    place integer not null,
    unique (class_id, name)
);

create table pencil (
    id uuid primary key,
    owner_id uuid not null references teacher (id),
    created_at timestamp(6) with time zone not null,
    range_name varchar(60) not null,
    code varchar(20) not null,
    name varchar(80) not null,
    binder varchar(10) not null,
    lightness double precision not null,
    a double precision not null,
    b double precision not null,
    hiding double precision not null,
    softness double precision not null,
    unique (owner_id, range_name, code)
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
    unique (owner_id, name)
);

create table sheet (
    id uuid primary key,
    owner_id uuid not null references teacher (id),
    created_at timestamp(6) with time zone not null,
    title varchar(120) not null
);

create table sheet_version (
    id uuid primary key,
    owner_id uuid not null references teacher (id),
    created_at timestamp(6) with time zone not null,
    sheet_id uuid not null references sheet (id) on delete cascade,
    number integer not null,
    pencil_id uuid not null references pencil (id),
    paper_id uuid not null references paper (id),
    page_size varchar(10) not null,
    steps integer not null,
    direction varchar(20) not null,
    box_mm double precision not null,
    plan character large object not null,
    layout character large object not null,
    unique (sheet_id, number)
);

create table print_run (
    id uuid primary key,
    owner_id uuid not null references teacher (id),
    created_at timestamp(6) with time zone not null,
    version_id uuid not null references sheet_version (id),
    class_id uuid not null references school_class (id) on delete cascade,
    band varchar(20) not null,
    code varchar(8) not null unique
);
create index print_run_class on print_run (class_id);

create table printed_page (
    id uuid primary key,
    owner_id uuid not null references teacher (id),
    created_at timestamp(6) with time zone not null,
    run_id uuid not null references print_run (id) on delete cascade,
    student_id uuid not null references student (id) on delete cascade,
    number integer not null,
    unique (run_id, number),
    unique (run_id, student_id)
);

create table scan_file (
    id uuid primary key,
    owner_id uuid not null references teacher (id),
    created_at timestamp(6) with time zone not null,
    name varchar(255) not null,
    media_type varchar(40) not null,
    sha256 varchar(64) not null,
    source varchar(20) not null,
    content binary large object not null,
    unique (owner_id, sha256)
);

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
    reading character large object,
    reader_version integer,
    read_at timestamp(6) with time zone,
    confirmed_at timestamp(6) with time zone,
    unique (file_id, page_index)
);
create index returned_page_state on returned_page (state);
create index returned_page_printed on returned_page (printed_page_id);

create table page_image (
    id uuid primary key,
    owner_id uuid not null references teacher (id),
    created_at timestamp(6) with time zone not null,
    page_id uuid not null references returned_page (id) on delete cascade,
    part varchar(20) not null,
    jpeg binary large object not null,
    unique (page_id, part)
);

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
    unique (page_id, goal)
);
