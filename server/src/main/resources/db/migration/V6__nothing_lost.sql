-- Any change of an account ends the sign-ins of before.
alter table account add column version bigint not null default 0;

-- What was said of a session beside its sets, as a set that came too late and is only remembered.
create table session_note (
    id uuid primary key,
    session_id uuid not null references training_session,
    text text not null,
    made_at timestamptz not null,
    made_by text not null
);
create index session_note_session on session_note (session_id, made_at);

-- Sets that came in after the session was over.
alter table training_session add column late_sets integer not null default 0;
