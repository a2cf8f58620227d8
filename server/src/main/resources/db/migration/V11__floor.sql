-- What kind of pain a set brought on, where somebody said; nothing in rows from before it was asked.
alter table set_log add column pain_kind text;

-- How things are set up for one client and exercise, as whoever stood beside it last wrote it down.
create table set_up (
    id uuid primary key,
    version bigint not null,
    client_id uuid not null references client,
    exercise_key text not null,
    bench text,
    pulley text,
    pin text,
    foot_mark text,
    depth text,
    sleeves text,
    cue text,
    note text,
    changed_at timestamptz not null,
    changed_by text not null
);
create unique index set_up_exercise on set_up (client_id, exercise_key);
