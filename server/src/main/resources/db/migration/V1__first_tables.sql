create table room (
    id uuid primary key,
    name text not null,
    demo_clock_days integer not null default 0
);

create table account (
    id uuid primary key,
    room_id uuid not null references room,
    email text not null unique,
    name text not null,
    role text not null,
    password_hash text not null
);

create table place (
    id uuid primary key,
    room_id uuid not null references room,
    name text not null,
    equipment text not null
);

create table client (
    id uuid primary key,
    version bigint not null,
    room_id uuid not null references room,
    place_id uuid not null references place,
    name text not null,
    born_on date not null,
    sex text not null,
    stature_m double precision not null,
    body_mass_kg double precision not null,
    hand text not null,
    goal text not null,
    life text not null,
    new_to_training boolean not null,
    units text not null,
    visits_per_week integer not null,
    minutes integer not null,
    cautions text not null,
    dislikes text not null,
    hold_since date,
    hold_reason text
);
create index client_room on client (room_id, name);

create table screen (
    id uuid primary key,
    client_id uuid not null references client,
    taken_on date not null,
    taken_at timestamptz not null,
    taken_by text not null,
    answers text not null,
    assessment text not null
);
create index screen_client on screen (client_id, taken_at);

create table training_session (
    id uuid primary key,
    version bigint not null,
    client_id uuid not null references client,
    visit_on date not null,
    status text not null,
    sore_sites text not null,
    door text not null,
    changes text not null,
    signals text not null,
    planned_by text not null,
    finished_at timestamptz,
    stop_sign text
);
create index training_session_client on training_session (client_id, visit_on);
-- One open session a client: two people planning at once get the same one.
create unique index training_session_open on training_session (client_id) where status in ('PLANNED', 'RUNNING');

create table session_plan (
    session_id uuid primary key references training_session,
    plan text not null
);

create table set_log (
    id uuid primary key,
    session_id uuid not null references training_session,
    logged_at timestamptz not null,
    exercise_key text not null,
    side text,
    set_number integer not null,
    load_kg double precision not null,
    load_label text not null,
    reps integer not null,
    effort double precision,
    pain integer not null,
    pain_site text,
    pain_side text,
    faults text not null,
    undone boolean not null default false
);
create index set_log_session on set_log (session_id);
-- The same set cannot be logged twice, whoever pressed the button.
create unique index set_log_once on set_log (session_id, exercise_key, coalesce(side, 'BOTH'), set_number) where not undone;

create table morning_check (
    session_id uuid primary key references training_session,
    version bigint not null,
    answers text not null,
    answered_at timestamptz not null
);

-- Sign-in sessions, as Spring Session lays them out.
create table spring_session (
    primary_id char(36) not null primary key,
    session_id char(36) not null unique,
    creation_time bigint not null,
    last_access_time bigint not null,
    max_inactive_interval int not null,
    expiry_time bigint not null,
    principal_name varchar(100)
);
create index spring_session_expiry on spring_session (expiry_time);
create index spring_session_principal on spring_session (principal_name);
create table spring_session_attributes (
    session_primary_id char(36) not null references spring_session (primary_id) on delete cascade,
    attribute_name varchar(200) not null,
    attribute_bytes bytea not null,
    primary key (session_primary_id, attribute_name)
);
