-- Ways of working that a room wrote itself, each as the text of a rule file.
create table room_method (
    id uuid primary key,
    room_id uuid not null references room,
    name text not null,
    text text not null,
    changed_at timestamptz not null,
    changed_by text not null
);
create index room_method_room on room_method (room_id);
