-- A session is made of units: pairs, blocks, circuits or single exercises.
update session_plan set plan = replace(plan, '"pairs":', '"units":');

-- How a client's next visits are to be worked: method, minutes, what was fixed or written by hand.
create table composition (
    client_id uuid primary key references client,
    version bigint not null,
    body text not null,
    changed_at timestamptz not null,
    changed_by text not null
);

-- Ways of composing a session that the room keeps under a name.
create table session_template (
    id uuid primary key,
    room_id uuid not null references room,
    name text not null,
    body text not null,
    made_at timestamptz not null,
    made_by text not null
);
create index session_template_room on session_template (room_id);
