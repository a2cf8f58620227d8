-- Sets done before the client came, from a log of another kind. The same line brought in again makes the same row.
create table old_set (
    id uuid primary key,
    client_id uuid not null references client,
    done_on date not null,
    exercise_key text not null,
    side text,
    set_number integer not null,
    load_kg double precision not null,
    load_label text not null,
    reps integer not null,
    effort double precision,
    brought_at timestamptz not null,
    brought_by text not null
);
create index old_set_client on old_set (client_id, done_on);
