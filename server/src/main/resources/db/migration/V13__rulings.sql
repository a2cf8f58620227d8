-- What a trainer answered to a change of the next plan. Never changed; the last answer to a change is the one that stands.
create table ruling (
    id uuid primary key,
    room_id uuid not null references room,
    client_id uuid not null references client,
    after_visit date not null,
    changed_key text not null,
    kind text not null,
    rule_id text not null,
    rule_words text not null,
    choice text not null,
    word text not null,
    made_at timestamptz not null,
    made_by text not null
);
create index ruling_client on ruling (client_id, after_visit);
create index ruling_room on ruling (room_id, rule_id);
